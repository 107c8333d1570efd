<?php

/*
 * What is said of an old book's spreads, in a file: JSON by spread, as the edit `judge` takes it, or a line each, "Future log: keep,
 * often", "mood: drop, never, too small a box".
 */

declare(strict_types=1);

namespace App\Import;

use AmpleMargin\Plan\Old\Looked;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldReader;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\Old\Verdict;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class Verdicts
{
    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /** @throws PlanProblem naming the spread or line that cannot be */
    public function onto(OldBook $old, string $text): OldBook
    {
        $json = json_decode($text, true, 16);
        if (\is_array($json)) {
            foreach ($json as $spread => $said) {
                $one = $this->spread($old, (string) $spread, "“{$spread}”");
                $old = $old->judged(OldReader::said(Values::of($said, "use/$spread"), $one));
            }

            return $old;
        }
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $text)) as $i => $line) {
            if ('' !== trim($line)) {
                $old = $this->line($old, trim($line), 'Line '.($i + 1));
            }
        }

        return $old;
    }

    private function line(OldBook $old, string $line, string $where): OldBook
    {
        if (1 !== preg_match('/^(.+?):\s*(.+)$/u', $line, $found)) {
            throw PlanProblem::at('use', "$where, “{$line}”: write a spread, a colon, and keep, change, drop or refer.");
        }
        $one = $this->spread($old, trim($found[1]), "$where, “{$line}”");
        $how = [];
        $said = [];
        foreach (array_map(trim(...), explode(',', $found[2])) as $word) {
            if (null !== Verdict::tryFrom($word)) {
                $said['verdict'] = $word;
            } elseif (null !== Looked::tryFrom($word)) {
                $said['looked'] = $word;
            } else {
                $how[] = $word;
            }
        }
        if (!isset($said['verdict'])) {
            throw PlanProblem::at('use', "$where, “{$line}”: say keep, change, drop or refer.");
        }

        return $old->judged(OldReader::said(Values::of($said + ([] === $how ? [] : ['how' => implode(', ', $how)]), 'use'), $one));
    }

    /** By its id, or by its title. */
    private function spread(OldBook $old, string $named, string $where): OldSpread
    {
        $is = mb_strtolower($named);
        foreach ($old->spreads as $one) {
            if ($one->spread->id === $named || mb_strtolower($this->catalogue->title($one->spread)) === $is) {
                return $one;
            }
        }

        throw PlanProblem::at('use', "$where: the old book has no spread “{$named}”.");
    }
}
