<?php

/* A further book is otherwise; what is not given stays as it was. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Volume;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\PlanWriter;
use AmpleMargin\Plan\Values;
use AmpleMargin\Plan\Volume;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class SetBook implements Edit
{
    /** @param array<string, mixed> $given title, stock, from; as a plan file writes them */
    public function __construct(private readonly string $book, private readonly array $given)
    {
    }

    public static function type(): string
    {
        return 'set-book';
    }

    public static function read(Values $values): self
    {
        return new self($values->text('book', '', 2), AddBook::given($values));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $old = self::volume($plan, $this->book);
        $others = array_values(array_filter($plan->volumes, static fn (Volume $volume): bool => $volume->id !== $old->id));
        $values = Values::of(['book' => $old->id] + $this->given + PlanWriter::volume($old), 'edit');
        $new = PlanReader::volume($values, $plan->period, $others);

        return new Edited(
            $plan->with(['volumes' => array_map(
                static fn (Volume $volume): Volume => $volume->id === $old->id ? $new : $volume,
                $plan->volumes,
            )]),
            "Book $old->id changed",
        );
    }

    /** @internal @throws PlanProblem where there is none */
    public static function volume(Plan $plan, string $id): Volume
    {
        return $plan->volume($id) ?? throw PlanProblem::at('edit/book', 'There is no such book beside the first.');
    }
}
