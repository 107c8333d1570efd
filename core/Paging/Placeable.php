<?php

/* A spread as placing sees it: how long, where it may start, what its leaf must bear. */

declare(strict_types=1);

namespace AmpleMargin\Paging;

use AmpleMargin\Plan\Medium;
use AmpleMargin\Plan\Side;

final class Placeable
{
    /**
     * @param int         $halves    length in half pages: 1 for a half page, 2 for a page, 4 for an opening
     * @param bool        $startsLeft an opening, or a run that must open flat
     * @param int|null    $pin       page it must start on
     * @param string|null $faces     id of the spread it should face
     * @param bool        $needsGrid cannot stand on an undotted page
     * @param bool        $mustFace  whether facing it is a rule, and not only a wish
     */
    public function __construct(
        public readonly string $id,
        public readonly string $name,
        public readonly int $halves,
        public readonly bool $startsLeft = false,
        public readonly Side $side = Side::Any,
        public readonly ?int $pin = null,
        public readonly Medium $medium = Medium::Dry,
        public readonly ?string $faces = null,
        public readonly bool $needsGrid = true,
        public readonly bool $mustFace = false,
    ) {
    }

    /** Whole pages it covers, a half page counted as one. */
    public function pages(): int
    {
        return max(1, intdiv($this->halves, 2));
    }

    /** Whether it is half a page, which another half may share. */
    public function isHalf(): bool
    {
        return 1 === $this->halves;
    }

    /**
     * What decides where it may stand: spreads with the same shape can stand in for one another.
     *
     * @param bool $someUndotted whether any page has no dots, so that it matters who needs them
     */
    public function shape(bool $someUndotted = true): string
    {
        $paired = null === $this->faces ? '' : $this->id;

        return \sprintf(
            '%d%d%s%s%d%s',
            $this->halves,
            $this->startsLeft,
            $this->side->value,
            $this->medium->value,
            $this->needsGrid || !$someUndotted,
            $paired,
        );
    }
}
