<?php

/*
 * What is said of the making of a book: free evenings and what is drawn in them, how long pages took, how pens are on its paper,
 * and what went wrong. Kept with the plan, so that it is undone, carried over and sent as one with it.
 */

declare(strict_types=1);

namespace AmpleMargin\Plan\Making;

use AmpleMargin\Copies;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;

final class MakingPlan
{
    use Copies {
        but as public with;
    }

    /** Pages put on an evening by hand, and drawings left for later. */
    private const MOST_PUT = 500;

    /** Timed pages of earlier books that are kept: a hand changes. */
    private const MOST_EARLIER = 200;

    /** Letters of a thing in the print tray. */
    private const LONGEST_IN_TRAY = 200;

    /** Things in the print tray. */
    public const MOST_IN_TRAY = 60;

    /** Minutes of decoration of one page. */
    public const MOST_DECORATION = 600;

    /**
     * @param list<Evening>         $evenings in the order of time, none over another
     * @param int                   $months   that are drawn before the first day, 0 to 12
     * @param list<string>          $later    drawings that are left until the book is in use
     * @param array<string, string> $put      page ("goals 0") → the evening it was put on by hand
     * @param array<string, int>    $decorate drawing → minutes a page of it is decorated
     * @param list<TimedPage>       $timed    a page once
     * @param list<TestedPen>       $pens
     * @param list<Slip>            $slips    as they happened
     * @param list<string>          $tray     what is to be printed, as it is asked for: "guides:7, 20-21"
     */
    public function __construct(
        public readonly array $evenings = [],
        public readonly int $months = 1,
        public readonly array $later = [],
        public readonly array $put = [],
        public readonly array $decorate = [],
        public readonly array $timed = [],
        public readonly array $pens = [],
        public readonly array $slips = [],
        public readonly array $tray = [],
    ) {
    }

    /** Names a page of a drawing. */
    public static function page(string $drawing, int $nth): string
    {
        return "$drawing $nth";
    }

    public function isEmpty(): bool
    {
        return [] === $this->written();
    }

    /** What the next book may want to know of it: minutes, pens and slips. */
    public function remembered(): self
    {
        return new self(timed: $this->timed, pens: $this->pens, slips: $this->slips);
    }

    /**
     * What of an old book a new one begins with: the hand's pace; and its pens, where the paper is the same. What is said already
     * stays as it is.
     */
    public function after(self $old, Stock $from, Stock $to): self
    {
        $same = $from->grammage === $to->grammage && $from->width === $to->width && $from->height === $to->height;
        $here = array_filter($this->timed, static fn (TimedPage $page): bool => '' === $page->on);
        // What came along when the book was begun does not come twice.
        $before = [] === $here ? array_map(static fn (TimedPage $page): TimedPage => $page->ofEarlier(), $old->timed) : [];

        return $this->with([
            'timed' => \array_slice([...\array_slice($before, -self::MOST_EARLIER), ...$this->timed], 0, TimedPage::MOST),
            'pens' => [] === $this->pens && $same ? $old->pens : $this->pens,
        ]);
    }

    /**
     * How often it happened.
     *
     * @param list<SlipKind> $kinds
     */
    public function slipsOf(array $kinds): int
    {
        return \count(array_filter($this->slips, static fn (Slip $slip): bool => \in_array($slip->kind, $kinds, true)));
    }

    /** @throws PlanProblem naming the field */
    public static function read(Values $values): self
    {
        $slips = array_map(Slip::read(...), $values->each('slips', Slip::MOST));
        $pens = array_map(TestedPen::read(...), $values->each('pens', TestedPen::MOST));
        foreach (['slips' => $slips, 'pens' => $pens] as $name => $all) {
            $ids = array_column($all, 'id');
            if (\count($ids) !== \count(array_unique($ids))) {
                throw PlanProblem::at($values->path($name), 'Two of these have the same id.');
            }
        }
        $timed = array_map(TimedPage::read(...), $values->each('timed', TimedPage::MOST));

        return new self(
            Evening::all($values, 'evenings'),
            $values->count('months', 0, 12, 1),
            self::drawings($values, 'later'),
            self::put($values),
            self::decorate($values),
            $timed,
            $pens,
            $slips,
            self::tray($values),
        );
    }

    /** @return list<string> each once */
    public static function drawings(Values $values, string $name): array
    {
        $drawings = $values->words($name, self::MOST_PUT);
        foreach ($drawings as $drawing) {
            self::isDrawing($drawing) || throw PlanProblem::at($values->path($name), 'This is no page of any book.');
        }

        return array_values(array_unique($drawings));
    }

    /** @return list<string> each once, as it was put in */
    public static function tray(Values $values): array
    {
        $tray = $values->words('tray', self::MOST_IN_TRAY);
        foreach ($tray as $one) {
            if (mb_strlen($one) > self::LONGEST_IN_TRAY || 1 !== preg_match('/^[a-z]+(-[a-z]+)*(:.{1,180})?$/Du', $one)) {
                throw PlanProblem::at(
                    $values->path('tray'),
                    'What is printed has a word, and what is said of it after a colon: guides:7, 20-21.',
                );
            }
        }

        return array_values(array_unique($tray));
    }

    /** @return array<string, string> */
    public static function put(Values $values): array
    {
        $put = [];
        foreach (self::few($values, 'put') as $page => $evening) {
            $page = (string) $page;
            if (1 !== preg_match('/^(.+) (\d{1,4})$/D', $page, $found) || !self::isDrawing($found[1]) || !\is_string($evening)
                || 1 !== preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d$/D', $evening)) {
                throw PlanProblem::at($values->path('put'), 'Name a page and the evening it is drawn on, as 2026-12-20T19:00.');
            }
            $put[$page] = $evening;
        }

        return $put;
    }

    /** @return array<string, int> */
    private static function decorate(Values $values): array
    {
        $minutes = [];
        foreach (self::few($values, 'decorate') as $drawing => $one) {
            if (!self::isDrawing((string) $drawing) || !\is_int($one) || $one < 1 || $one > self::MOST_DECORATION) {
                throw PlanProblem::at(
                    $values->path('decorate'),
                    'Decoration of a page takes 1 to '.self::MOST_DECORATION.' minutes, whole ones.',
                );
            }
            $minutes[(string) $drawing] = $one;
        }

        return $minutes;
    }

    /** @return array<array-key, mixed> */
    private static function few(Values $values, string $name): array
    {
        $map = $values->map($name);

        return \count($map) <= self::MOST_PUT ? $map : throw PlanProblem::at(
            $values->path($name),
            'There are '.\count($map).' of these: at most '.self::MOST_PUT.'.',
        );
    }

    /**
     * @template T of array
     *
     * @param T $all
     *
     * @return T
     *
     * @throws PlanProblem where there are more than a book has pages for
     */
    public static function atMost(array $all, string $field): array
    {
        return \count($all) <= self::MOST_PUT ? $all : throw PlanProblem::at($field, 'There are '.self::MOST_PUT.' of these at most.');
    }

    /** Whether a page's drawing could have this name. */
    public static function isDrawing(string $name): bool
    {
        return 1 === preg_match('#^[a-z0-9][a-z0-9/-]{0,59}$#D', $name);
    }

    /** @return array<string, mixed> what nothing is said of is left out */
    public function written(): array
    {
        return array_filter([
            'evenings' => array_map(static fn (Evening $one): array => $one->written(), $this->evenings),
            'months' => 1 === $this->months ? [] : $this->months,
            'later' => $this->later,
            'put' => [] === $this->put ? [] : (object) $this->put,
            'decorate' => [] === $this->decorate ? [] : (object) $this->decorate,
            'timed' => array_map(static fn (TimedPage $one): array => $one->written(), $this->timed),
            'pens' => array_map(static fn (TestedPen $one): array => $one->written(), $this->pens),
            'slips' => array_map(static fn (Slip $one): array => $one->written(), $this->slips),
            'tray' => $this->tray,
        ], static fn (mixed $said): bool => [] !== $said);
    }
}
