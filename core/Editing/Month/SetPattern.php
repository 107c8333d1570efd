<?php

/* A month pattern is added, or changed for every month that uses it. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Month;

use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Plan\Pattern;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\PlanWriter;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetPattern implements Offered
{
    private const MOST = 30;

    public function __construct(private readonly Pattern $pattern)
    {
    }

    public static function type(): string
    {
        return 'set-pattern';
    }

    public static function read(Values $values): self
    {
        return new self(PlanReader::pattern($values->inside('pattern')));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        foreach ($this->pattern->parts as $i => $part) {
            $kind = $catalogue->kind($part->kind);
            if (null === $kind || !$kind->suitsMonth()) {
                throw PlanProblem::at("edit/pattern/parts/$i/kind", "“{$part->kind}” is not a part of a month.");
            }
        }
        $patterns = array_column($plan->months->patterns, null, 'id');
        $known = isset($patterns[$this->pattern->id]);
        $patterns[$this->pattern->id] = $this->pattern;
        if (\count($patterns) > self::MOST) {
            throw PlanProblem::at('edit/pattern', 'A plan takes at most '.self::MOST.' month patterns.');
        }

        return new Edited(
            $plan->with(['months' => $plan->months->with(['patterns' => array_values($patterns)])]),
            "Pattern “{$this->pattern->name}” ".($known ? 'changed' : 'added'),
        );
    }

    public function written(): array
    {
        return ['type' => self::type(), 'pattern' => PlanWriter::pattern($this->pattern)];
    }
}
