<?php

/*
 * Where the title of a page stands: at its head, as the book is dressed or otherwise; upright along an edge, where what is below it gets
 * the whole height; or nowhere, since the cover before says it already.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Page\Direction;
use AmpleMargin\Spread\Setting\ChoiceField;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\Settings;

final class TitleStands
{
    /** The setting of a page. */
    public const SETTING = 'title_at';

    /** The setting of what writes it. */
    public const STANDS = 'stands';

    public const UPRIGHT = 'upright';

    /** Over an opening: the second half where the page goes on, or each half on its page. */
    public const FOLD = 'fold';
    private const LEFT_HALF = 'fold-left';
    public const RIGHT_HALF = 'fold-right';

    /** With what stands on its page above it and below. */
    public const CENTRE = 'centre';

    private const HEAD = 'dressed';

    /** At the head, aligned otherwise than the book is dressed. */
    private const ALIGNED = ['left' => 'left', 'middle' => 'in the middle', 'right' => 'right'];

    public static function field(): ChoiceField
    {
        return Field::choice(self::SETTING, 'The title stands', [
            self::HEAD => 'at the head, as the book is dressed',
            'left' => 'at the head, left',
            'middle' => 'at the head, in the middle',
            'right' => 'at the head, right',
            self::FOLD => 'at the head of both pages, across the fold',
            self::CENTRE => 'in the middle of the page',
            'up-left' => 'upright along the left edge',
            'up-right' => 'upright along the right edge',
            'none' => 'nowhere',
        ]);
    }

    /** What writes it is asked. */
    public static function own(): ChoiceField
    {
        return Field::choice(self::STANDS, 'It stands', [
            self::HEAD => 'as the book is dressed',
            ...self::ALIGNED,
            self::CENTRE => 'in the middle of the page',
            self::UPRIGHT => 'upright, read from the foot up',
            self::FOLD => 'across the fold, both halves',
            self::LEFT_HALF => 'across the fold, its left half',
            self::RIGHT_HALF => 'across the fold, its right half',
        ]);
    }

    /** Whether a page has a title at its head that can stand elsewhere. */
    public static function isIn(Portion $piece): bool
    {
        return null !== self::titled(Run::pagesOf($piece)[0]);
    }

    /** Whether anything else than usual is said of it. */
    public static function isSaid(Settings $settings): bool
    {
        return $settings->knows(self::SETTING) && self::HEAD !== $settings->choice(self::SETTING);
    }

    /** Whether a title, or what writes it, stands across the fold. */
    public static function isFolded(string $stands): bool
    {
        return \in_array($stands, [self::FOLD, self::LEFT_HALF, self::RIGHT_HALF], true);
    }

    /** Whether a title of these pages does. */
    public static function isFoldedIn(Portion $piece): bool
    {
        return [] !== array_filter($piece->leaves(), static fn (FilledPart $leaf): bool => null !== self::fold($leaf));
    }

    /** Whether all that is written of titles across a fold meets there: a left half with its right half on the page opposite. */
    public static function meet(Portion $piece): bool
    {
        if (!$piece instanceof Run) {
            return [self::FOLD] === self::folds($piece);
        }
        $left = false;
        foreach ($piece->pages as $nth => $page) {
            $here = self::folds($page);
            if ($here !== ($left ? [self::RIGHT_HALF] : []) && ($left || 1 === $nth % 2 || [self::LEFT_HALF] !== $here)) {
                return false;
            }
            $left = [self::LEFT_HALF] === $here;
        }

        return !$left;
    }

    /** The same pages with every title at its head. */
    public static function unfolded(Portion $piece): Portion
    {
        return $piece->each(
            static fn (FilledPart $leaf): FilledPart => null === self::fold($leaf) ? $leaf : $leaf->set([self::STANDS => null]),
        );
    }

    /** @return list<string> how the titles of a page go across a fold; those that do */
    private static function folds(Portion $page): array
    {
        return array_values(array_filter(array_map(self::fold(...), $page->leaves()), is_string(...)));
    }

    private static function fold(FilledPart $leaf): ?string
    {
        $stands = $leaf->filling instanceof HeadsPage ? $leaf->settings[self::STANDS] ?? null : null;

        return \is_string($stands) && self::isFolded($stands) ? $stands : null;
    }

    /** The same pages with the title of the first where it is said to stand. */
    public static function over(Portion $piece, Settings $settings): Portion
    {
        if (!self::isSaid($settings)) {
            return $piece;
        }
        $at = $settings->choice(self::SETTING);
        if (!$piece instanceof Run) {
            return self::page($piece, $at);
        }
        $pages = $piece->pages;
        if (self::FOLD === $at && isset($pages[1]) && null === $piece->cut) {
            [$pages[0], $pages[1]] = self::halves($pages[0], $pages[1]);
        } else {
            $pages[0] = self::page($pages[0], $at);
        }

        return $piece->flows ? Run::flowing($pages) : Run::of($pages, $piece->cut);
    }

    /** Whether it is said to stand in the middle of its page. */
    public static function isCentred(Settings $settings): bool
    {
        return $settings->knows(self::SETTING) && self::CENTRE === $settings->choice(self::SETTING);
    }

    /** The same pages with a title that cannot stand in the middle at the head of the first, where it says so. */
    public static function leftAtHead(Portion $piece): Portion
    {
        $left = false;

        return $piece->each(static function (FilledPart $leaf) use (&$left): FilledPart {
            if ($left || !$leaf->filling instanceof HeadsPage) {
                return $leaf;
            }
            $left = true;

            return $leaf->set([self::STANDS => self::CENTRE]);
        });
    }

    /**
     * Two pages with a half of the title each; a second page without a head gets one.
     *
     * @return array{Portion, Portion}
     */
    private static function halves(Portion $left, Portion $right): array
    {
        $titled = self::titled($left);
        if (null === $titled) {
            return [$left, $right];
        }
        $second = null === self::titled($right)
            ? Parting::of(Direction::Down, [[Size::needed(), $titled], [Size::share(), $right]])
            : $right;

        return [self::page($left, self::LEFT_HALF), self::page($second, self::RIGHT_HALF)];
    }

    private static function page(Portion $page, string $at): Portion
    {
        $titled = self::titled($page);
        if (null === $titled || !$page instanceof Parting) {
            return $page;
        }
        $others = \array_slice($page->parts, 1);
        if ([] === $others) {
            return $page;
        }
        $below = 1 === \count($others) ? $others[0][1] : Parting::of(Direction::Down, $others, $page->gap, $page->policy);
        $upright = [Size::needed(), $titled->set([self::STANDS => self::UPRIGHT])];
        if (isset(self::ALIGNED[$at]) || self::isFolded($at)) {
            return Parting::of(
                Direction::Down,
                [[$page->parts[0][0], $titled->set([self::STANDS => $at])], ...$others],
                $page->gap,
                $page->policy,
            );
        }

        return match ($at) {
            self::CENTRE => self::centred($page, $titled->set([self::STANDS => $at]), $others),
            'up-left' => Parting::across($upright, [Size::share(), $below])->gap(0),
            'up-right' => Parting::across([Size::share(), $below], $upright)->gap(0),
            default => $below,
        };
    }

    /**
     * The title between the parts of a page, as near its middle as they allow. What is one part goes on below it; what cannot go on
     * leaves it at the head, where it says so.
     *
     * @param non-empty-list<array{Size, Portion}> $others
     */
    private static function centred(Parting $page, FilledPart $title, array $others): Portion
    {
        $within = $others[0][1];
        $inner = 1 === \count($others) && $within instanceof Parting && Direction::Down === $within->way ? $within : $page;
        $parts = $inner === $page ? $others : $inner->parts;
        if (1 === \count($parts)) {
            $below = self::below($parts[0][1], $title);
            $parts = [[Size::share(), $parts[0][1]], ...(null === $below ? [] : [[Size::share(), $below]])];
        }
        array_splice($parts, intdiv(\count($parts) + 1, 2) % \count($parts), 0, [[Size::needed(), $title]]);

        return Parting::of(Direction::Down, $parts, $inner->gap, $inner->policy);
    }

    /** What stands below a title with the same part above it: what goes on, or as much free room; null where it is drawn as one. */
    private static function below(Portion $above, FilledPart $title): ?FilledPart
    {
        $filling = $above instanceof FilledPart ? $above->filling : null;

        return match (true) {
            $filling instanceof TakenUp && $title->filling instanceof HeadsPage => FilledPart::of($title->filling->rest()),
            $filling instanceof StaysFree && $above instanceof FilledPart => $above,
            default => null,
        };
    }

    /** What writes the title, where it heads a page that has something below it. */
    private static function titled(Portion $page): ?FilledPart
    {
        $first = $page instanceof Parting && Direction::Down === $page->way ? $page->parts[0][1] : null;

        return $page instanceof Parting && \count($page->parts) > 1 && $first instanceof FilledPart && $first->filling instanceof HeadsPage
            ? $first
            : null;
    }
}
