<?php

/* The layouts of a spread side by side on the person's own paper, and the one to take where nothing else decides. */

declare(strict_types=1);

namespace AmpleMargin\Compare;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Making\Pace;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Form;
use AmpleMargin\Spread\Part\HasLayouts;
use AmpleMargin\Spread\Part\Layout;

final class Comparison
{
    /** More than this cannot be weighed at a glance. */
    private const MOST = 6;

    /**
     * @param list<Candidate> $candidates that can be drawn
     * @param list<Candidate> $refused
     * @param int|null        $best       the place of the recommended one
     */
    private function __construct(
        public readonly array $candidates,
        public readonly array $refused,
        public readonly ?int $best,
        public readonly string $reason,
    ) {
    }

    /** Null where the form has one layout only. */
    public static function of(Form $form, Request $request, Pace $pace): ?self
    {
        if (!$form instanceof HasLayouts) {
            return null;
        }
        $now = self::candidate($form, $request, new Layout('As it is now', []), true);
        $keysNow = self::keys($now);
        $candidates = [];
        $refused = [];
        $known = false;
        $seen = [];
        foreach ($form->layouts($request) as $layout) {
            $one = self::candidate($form, $request->with($layout->settings), $layout, false);
            if ('' !== $one->refused) {
                $refused[] = $one;
                continue;
            }
            $keys = self::keys($one);
            if (\in_array($keys, $seen, true)) {
                // It comes to what another layout draws already.
                continue;
            }
            $seen[] = $keys;
            if (\count($candidates) < self::MOST) {
                $same = $keys === $keysNow;
                $known = $known || $same;
                $candidates[] = $same ? new Candidate($layout, $one->pages, $one->measures, '', true) : $one;
            }
        }
        if (!$known && '' === $now->refused) {
            $candidates = [...\array_slice($candidates, 0, self::MOST - 1), $now];
        }
        $best = self::best($candidates);

        return new self($candidates, $refused, $best, null === $best ? '' : self::reason($candidates[$best], $candidates, $pace));
    }

    /** @return list<LayoutWork> what there is to draw of each that can be drawn */
    public function works(): array
    {
        return array_map(
            static fn (Candidate $one): LayoutWork => new LayoutWork(
                $one->layout,
                $one->measures->work,
                $one->current,
                [] === $one->measures->limits,
            ),
            $this->candidates,
        );
    }

    /**
     * The place whose lines are looked at first: the last month of a year is the busiest for most (from memory); the last
     * place where there is none.
     */
    public function busiest(): ?string
    {
        $places = array_map(strval(...), array_keys(array_merge(...array_map(
            static fn (Candidate $one): array => $one->measures->rooms,
            $this->candidates,
        ))));
        foreach ($places as $place) {
            if (str_ends_with($place, '-12')) {
                return $place;
            }
        }

        return [] === $places ? null : $places[\count($places) - 1];
    }

    private static function candidate(Form $form, Request $request, Layout $layout, bool $current): Candidate
    {
        $laid = $form->layOut($request);
        $pages = $laid->drawings();

        return new Candidate($layout, $pages, Measures::of($pages), $laid->broken()->says ?? '', $current);
    }

    /** @return list<string> two layouts with the same steps are one */
    private static function keys(Candidate $one): array
    {
        return array_merge(...array_map(
            static fn (PageDrawing $page): array => array_map(static fn (Step $step): string => $step->key, $page->steps),
            $one->pages,
        ));
    }

    /**
     * Fewest readability limits broken; then no more than an opening; then most room to write where there is least;
     * then fewest pages; then most divisions to look up; then the order in which people use them.
     *
     * @param list<Candidate> $candidates
     */
    private static function best(array $candidates): ?int
    {
        $best = null;
        foreach ($candidates as $i => $one) {
            if (null === $best || self::rank($one) < self::rank($candidates[$best])) {
                // An equal rank keeps the earlier one.
                $best = $i;
            }
        }

        return $best;
    }

    /** @return array{int, int, int, int, int} smaller is better */
    private static function rank(Candidate $one): array
    {
        $measures = $one->measures;

        return [\count($measures->limits), max(0, $measures->pages - 2), -$measures->leastRoom(), $measures->pages, -$measures->shown];
    }

    /** @param list<Candidate> $candidates */
    private static function reason(Candidate $best, array $candidates, Pace $pace): string
    {
        $measures = $best->measures;
        $said = [[] === $measures->limits
            ? 'breaks no readability limit'
            : 'breaks the fewest readability limits ('.implode(', ', $measures->limits).')'];
        $said[] = 1 === $measures->pages
            ? 'takes one page'
            : (2 === $measures->pages ? 'takes one opening' : "takes $measures->pages pages");
        if (null !== $measures->fewestLines()) {
            $said[] = "leaves {$measures->fewestLines()} lines, ".Plural::boxes($measures->leastRoom()).' of line, where least is left';
        }
        if (0 < $measures->shown) {
            $said[] = "shows $measures->shown divisions";
        }
        $said[] = "takes {$pace->minutes($measures->work, $measures->pages)->says()} to draw, without decoration";
        $alike = array_filter($candidates, static fn (Candidate $one): bool => $one !== $best && self::rank($one) === self::rank($best));

        return 'Of '.\count($candidates).' that fit: '.implode(', ', $said).'.'.([] === $alike ? '' : ' '.implode(
            ' and ',
            array_map(static fn (Candidate $one): string => "“{$one->layout->name}”", $alike),
        ).(1 === \count($alike) ? ' does' : ' do').' as well by these; this one is drawn more often.');
    }
}
