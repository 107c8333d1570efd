<?php

/* A further book goes: its spreads back to the first book, its months to the book before it. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Volume;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Values;
use AmpleMargin\Plan\Volume;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class RemoveBook implements Edit
{
    public function __construct(private readonly string $book)
    {
    }

    public static function type(): string
    {
        return 'remove-book';
    }

    public static function read(Values $values): self
    {
        return new self($values->text('book', '', 2));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $gone = SetBook::volume($plan, $this->book);

        return new Edited($plan->with([
            'volumes' => array_values(array_filter($plan->volumes, static fn (Volume $volume): bool => $volume->id !== $gone->id)),
            'spreads' => array_map(
                static fn (PlannedSpread $spread): PlannedSpread => $spread->book === $gone->id
                    ? $spread->with(['book' => Volume::FIRST])
                    : $spread,
                $plan->spreads,
            ),
        ]), "Book $gone->id removed");
    }
}
