<?php

/* A kind of the person's own comes into this plan from another; one that is here already under its id stays as it is. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Kind;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\KindReader;
use AmpleMargin\Plan\OwnKind;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Filling\PartingFile;
use AmpleMargin\Spread\Part\PartRefused;

final class AddKind implements Edit
{
    public function __construct(private readonly OwnKind $kind)
    {
    }

    public static function type(): string
    {
        return 'add-kind';
    }

    public static function read(Values $values): self
    {
        $kind = KindReader::kind($values->inside('own'));
        try {
            PartingFile::read($kind->parts);
        } catch (PartRefused $refused) {
            throw PlanProblem::at($values->path('own/parts'), $refused->getMessage());
        }

        return new self($kind);
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        if (null !== $plan->kind($this->kind->id)) {
            return new Edited($plan, "{$this->kind->name} is here already");
        }
        if (\count($plan->kinds) >= OwnKind::MOST) {
            throw PlanProblem::at('edit/own', 'A plan has '.OwnKind::MOST.' kinds of your own at most; take one out first.');
        }

        return new Edited($plan->with(['kinds' => [...$plan->kinds, $this->kind]]), "{$this->kind->name} taken in");
    }
}
