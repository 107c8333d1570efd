<?php

/* A mistake in ink: what happened, where, and what saved it. The log of them goes with the book. */

declare(strict_types=1);

namespace AmpleMargin\Plan\Making;

use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Values;

final class Slip
{
    public const MOST = 200;

    /** Letters of what saved it. */
    public const LONGEST = 300;

    /**
     * @param string     $on    the drawing it is on: a spread's id, a month and its part, or "page-7"
     * @param int        $nth   which of its pages, from 0
     * @param int        $page  of the book, when it happened
     * @param string     $title what stood there, as a person reads it
     * @param string     $saved what saved it
     * @param list<Mend> $mends what stands on the page for it
     */
    public function __construct(
        public readonly string $id,
        public readonly SlipKind $kind,
        public readonly string $on,
        public readonly int $nth,
        public readonly int $page,
        public readonly string $title,
        public readonly string $saved,
        public readonly array $mends = [],
    ) {
    }

    /** The same slip under another id. */
    public function as(string $id): self
    {
        return new self($id, $this->kind, $this->on, $this->nth, $this->page, $this->title, $this->saved, $this->mends);
    }

    /** @param string|null $id where none is given @throws PlanProblem naming the field */
    public static function read(Values $values, ?string $id = null): self
    {
        $on = $values->text('on', null, 60);
        if (1 !== preg_match('#^[a-z0-9][a-z0-9/-]{0,59}$#D', $on)) {
            throw PlanProblem::at($values->path('on'), 'This is no page of any book.');
        }
        $saved = trim($values->text('saved', '', self::LONGEST));

        return new self(
            null !== $id && !$values->has('id') ? $id : PlanReader::id($values),
            $values->choice('kind', SlipKind::class),
            $on,
            $values->count('nth', 0, Stock::MOST_PAGES, 0),
            $values->count('page', 1, Stock::MOST_PAGES),
            $values->text('title', '', 200),
            '' === $saved ? throw PlanProblem::at($values->path('saved'), 'Say what saved it.') : $saved,
            array_map(Mend::read(...), $values->each('mends', Mend::MOST)),
        );
    }

    /** @return array<string, mixed> */
    public function written(): array
    {
        return ['id' => $this->id, 'kind' => $this->kind->value, 'on' => $this->on]
            + (0 === $this->nth ? [] : ['nth' => $this->nth])
            + ['page' => $this->page]
            + ('' === $this->title ? [] : ['title' => $this->title])
            + ['saved' => $this->saved]
            + ([] === $this->mends ? [] : ['mends' => array_map(static fn (Mend $mend): array => $mend->written(), $this->mends)]);
    }
}
