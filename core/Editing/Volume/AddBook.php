<?php

/* A further book, of the first one’s stock where none is given; without a month to begin with it has no months. */

declare(strict_types=1);

namespace AmpleMargin\Editing\Volume;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\PlanWriter;
use AmpleMargin\Plan\Values;
use AmpleMargin\Plan\Volume;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class AddBook implements Offered
{
    /** @param array<string, mixed> $given title, stock, from; as a plan file writes them */
    public function __construct(private readonly array $given = [])
    {
    }

    public static function type(): string
    {
        return 'add-book';
    }

    public static function read(Values $values): self
    {
        return new self(self::given($values));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        if (\count($plan->volumes) >= Volume::MOST) {
            throw PlanProblem::at('edit/type', 'A plan has at most '.(Volume::MOST + 1).' books.');
        }
        $id = 2;
        while (\in_array((string) $id, $plan->books(), true)) {
            ++$id;
        }
        $later = $plan->inUse->isEmpty() ? [] : ['later' => true];
        $usual = $later + ['title' => "$plan->title, book $id", 'stock' => PlanWriter::stock($plan->stock)];
        $volume = PlanReader::volume(Values::of(['book' => (string) $id] + $this->given + $usual, 'edit'), $plan->period, $plan->volumes);

        return new Edited($plan->with(['volumes' => [...$plan->volumes, $volume]]), "Book $id added");
    }

    public function written(): array
    {
        return ['type' => self::type()] + $this->given;
    }

    /**
     * @internal
     *
     * @return array<string, mixed> what is said of the book, checked when it is made
     */
    public static function given(Values $values): array
    {
        $given = [];
        foreach (['title', 'stock', 'from'] as $name) {
            if ($values->names($name)) {
                $given[$name] = $values->all()[$name];
            }
        }

        return $given;
    }

    /** The months from this one on. */
    public static function from(Month $month): self
    {
        return new self(['from' => $month->iso()]);
    }

    public static function titled(string $title): self
    {
        return new self(['title' => $title]);
    }
}
