<?php

/* A kind of a person's own under another name, in another section, for something else; its spreads stay its spreads. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Kind;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\OwnKind;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetKind implements Edit
{
    public function __construct(
        private readonly string $kind,
        private readonly ?string $name,
        private readonly ?Section $section,
        private readonly ?string $purpose,
    ) {
    }

    public static function type(): string
    {
        return 'set-kind';
    }

    public static function read(Values $values): self
    {
        $name = $values->textOrNull('name', 80);
        if (null !== $name && '' === trim($name)) {
            throw PlanProblem::at($values->path('name'), 'Give the kind a name.');
        }
        $purpose = $values->textOrNull('purpose', 200);

        return new self(
            $values->text('kind', '', 80),
            null === $name ? null : trim($name),
            $values->has('section') ? $values->choice('section', Section::class) : null,
            null === $purpose ? null : trim($purpose),
        );
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $kind = $plan->kind($this->kind) ?? throw PlanProblem::at('edit/kind', 'This kind of your own is not in the plan any more.');
        foreach ($plan->kinds as $other) {
            if ($other !== $kind && $other->name === $this->name) {
                throw PlanProblem::at('edit/name', "Another kind of your own is called “{$this->name}”. Give this one another name.");
            }
        }
        $changed = new OwnKind(
            $kind->id,
            $this->name ?? $kind->name,
            $this->section ?? $kind->section,
            $this->purpose ?? $kind->purpose,
            $kind->parts,
        );

        return new Edited($plan->with([
            'kinds' => array_map(static fn (OwnKind $one): OwnKind => $one === $kind ? $changed : $one, $plan->kinds),
        ]), $changed->name === $kind->name ? "$kind->name changed" : "$kind->name is called $changed->name");
    }
}
