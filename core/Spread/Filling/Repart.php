<?php

/*
 * A page of parts is parted otherwise: a part divided, joined with the one beside it, filled with something else, a line
 * between two moved. Every change gives a new parting; one that cannot be is refused in words.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Counting\Remainder;
use AmpleMargin\Spread\Page\Direction;
use AmpleMargin\Spread\Part\Cut;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Filling;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Part\PlacedDivision;
use AmpleMargin\Spread\Part\Portion;
use AmpleMargin\Spread\Part\Run;
use AmpleMargin\Spread\Part\Size;

final class Repart
{
    /** Parts that one division makes of a part. docs/trade.md, "Dividing a side": nothing finer than eighths, twelve months beside. */
    public const MOST_AT_ONCE = 12;

    private function __construct(private readonly Portion $page)
    {
    }

    public static function of(Portion $page): self
    {
        return new self($page);
    }

    /** A part in equal shares; what filled it stays in the first, the others are lines. @throws PartRefused */
    public function divided(string $path, Direction $way, int $parts, ?int $gap): Portion
    {
        if ($parts < 2 || $parts > self::MOST_AT_ONCE) {
            throw PartRefused::at($path, 'A part is divided into 2 to '.self::MOST_AT_ONCE.'.');
        }
        $others = array_fill(0, $parts - 1, [Size::share(), FilledPart::of(new Lines())]);

        return $this->checked($this->at($path, static fn (Portion $piece): Portion => Parting::of(
            $way,
            [[Size::share(), $piece], ...$others],
            $gap,
        )), $path);
    }

    /** One more page after the one a part stands on, with lines to begin with. @throws PartRefused */
    public function withPage(string $path): Portion
    {
        if ($this->page instanceof Run && null !== $this->page->cut) {
            return $this->role(true);
        }
        $pages = Run::pagesOf($this->page);
        if (\count($pages) >= Run::MOST) {
            throw PartRefused::at($path, 'A spread is divided over '.Run::MOST.' pages at most.');
        }
        array_splice($pages, $this->nth($path, $pages) + 1, 0, [FilledPart::of(new Lines())]);

        return Run::of($pages);
    }

    /** Without the page a part stands on. @throws PartRefused */
    public function withoutPage(string $path): Portion
    {
        if ($this->page instanceof Run && null !== $this->page->cut) {
            return $this->role(false);
        }
        $pages = Run::pagesOf($this->page);
        if (1 === \count($pages)) {
            throw PartRefused::at($path, 'This is its only page.');
        }
        array_splice($pages, $this->nth($path, $pages), 1);

        return match (\count($pages)) {
            0 => throw new \LogicException('A run has two pages or more.'),
            1 => $pages[0],
            default => Run::of($pages),
        };
    }

    /**
     * Its leaves cut otherwise, or not at all. A page becomes a face of doors, or the front of a leaf; what else the cut needs is
     * lines to begin with.
     *
     * @param array<array-key, mixed> $settings of the cut, over those it has; null puts one back to its default
     *
     * @throws PartRefused
     */
    public function cut(?Cut $cut, array $settings = []): Portion
    {
        $now = Run::cutOf($this->page);
        $pages = Run::pagesOf($this->page);
        if (null === $cut) {
            // Of a strip and a face, the face is the page.
            $main = null !== $now && isset($pages[$now->main()]) ? $pages[$now->main()] : $pages[0];

            return null === $now ? $this->page : $main;
        }
        if (null !== $now && $now::word() === $cut::word()) {
            return Run::of($pages, $now->set($settings));
        }
        $kept = null === $now ? $pages[0] : $pages[$now->main()] ?? $pages[0];
        $partings = array_fill(0, max($cut->least(), $cut->main() + 1), FilledPart::of(new Lines()));
        $partings[$cut->main()] = $kept;

        return Run::of(array_values($partings), $cut->set($settings));
    }

    /** One parting more of a cut, or the last one taken out. @throws PartRefused */
    private function role(bool $more): Portion
    {
        $cut = Run::cutOf($this->page);
        $pages = Run::pagesOf($this->page);
        if (null === $cut) {
            throw PartRefused::at('', 'No leaf of this spread is cut.');
        }
        $count = \count($pages) + ($more ? 1 : -1);
        if ($count < $cut->least() || $count > \count($cut->roles())) {
            throw PartRefused::at('', "{$cut::name()} have ".$cut->least().' to '.\count($cut->roles()).' partings.');
        }

        $pages = $more ? [...$pages, FilledPart::of(new Lines())] : \array_slice($pages, 0, $count);

        return [] === $pages ? throw new \LogicException('A cut has a parting.') : Run::of($pages, $cut);
    }

    /**
     * Which page a part stands on, from 0.
     *
     * @param list<Portion> $pages
     *
     * @throws PartRefused
     */
    private function nth(string $path, array $pages): int
    {
        $nth = $this->page instanceof Run ? self::steps($path)[0] ?? \count($pages) - 1 : 0;

        return isset($pages[$nth]) ? $nth : throw PartRefused::noSuchPart($path);
    }

    /** A part with the one after it, or before it where it is the last; what fills the first of them stays. @throws PartRefused */
    public function joined(string $path): Portion
    {
        return $this->among($path, static function (Parting $parting, int $i): Portion {
            $first = min($i, \count($parting->parts) - 2);
            [[$size], [$next]] = [$parting->parts[$first], $parting->parts[$first + 1]];
            $parts = $parting->parts;
            array_splice($parts, $first, 2, [[$size->and($next, $parting->gap ?? 0), $parts[$i][1]]]);

            return 1 === \count($parts) ? $parts[0][1] : Parting::of($parting->way, $parts, $parting->gap, $parting->policy);
        });
    }

    /** A part changes places with the one after it; each keeps what fills it, and as much room as there is where it comes to. */
    public function swapped(string $path): Portion
    {
        return $this->among($path, static function (Parting $parting, int $i): Portion {
            $parts = $parting->parts;
            $j = $i + 1 < \count($parts) ? $i + 1 : $i - 1;
            // What has as much as it needs takes its size along.
            [$one, $other] = [$parts[$i], $parts[$j]];
            $along = $one[0]->isNeeded() || $other[0]->isNeeded();
            $parts[$i] = [$along ? $other[0] : $one[0], $other[1]];
            $parts[$j] = [$along ? $one[0] : $other[0], $one[1]];

            return Parting::of($parting->way, $parts, $parting->gap, $parting->policy);
        });
    }

    /** A part of so much. @throws PartRefused */
    public function sized(string $path, Size $size): Portion
    {
        return $this->among($path, static function (Parting $parting, int $i) use ($size): Portion {
            $parts = $parting->parts;
            $parts[$i] = [$size, $parts[$i][1]];

            return Parting::of($parting->way, $parts, $parting->gap, $parting->policy);
        });
    }

    /**
     * The line behind a part stands so many boxes further on; no other line of the division moves. Shares become those of
     * the sizes they have, so that on other paper the page keeps its proportions.
     *
     * @param PlacedDivision $now where the parts stand
     *
     * @throws PartRefused
     */
    public function moved(PlacedDivision $now, int $part, int $by): Portion
    {
        $sizes = array_column($now->stretches, 1);
        if (!isset($sizes[$part], $sizes[$part + 1])) {
            throw PartRefused::noSuchPart($now->path);
        }
        if ($sizes[$part] + $by < 1 || $sizes[$part + 1] - $by < 1) {
            throw PartRefused::at(
                $now->path,
                'Every part keeps a box: this line moves by '.(1 - $sizes[$part]).' to '.($sizes[$part + 1] - 1).'.',
            );
        }
        $parts = $now->parting->parts;
        $sizes[$part] += $by;
        $sizes[$part + 1] -= $by;
        $parts = array_map(static fn (array $one, int $boxes, int $i): array => [match (true) {
            !$one[0]->isNeeded() => $one[0]->amounting($boxes),
            $i === $part || $i === $part + 1 => Size::boxes($boxes),
            default => $one[0],
        }, $one[1]], $parts, $sizes, array_keys($sizes));
        // The gap that equal shares chose for themselves stays as it is.
        $gap = $now->parting->gap ?? $now->stretches[1][0] - $now->stretches[0][0] - $now->stretches[0][1];
        $parting = Parting::of($now->parting->way, $parts, $gap, $now->parting->policy);

        return $this->at($now->path, static fn (): Portion => $parting);
    }

    /** @throws PartRefused */
    public function gapped(string $path, ?int $gap, Remainder $leftover): Portion
    {
        return $this->at($path, static fn (Portion $piece): Portion => $piece instanceof Parting
            ? Parting::of($piece->way, $piece->parts, $gap, $leftover)
            : throw PartRefused::noSuchPart($path));
    }

    /** @throws PartRefused */
    public function filled(string $path, Filling $filling): Portion
    {
        return $this->leaf($path, static fn (FilledPart $leaf): FilledPart => $leaf->filledWith($filling));
    }

    /** @throws PartRefused */
    public function named(string $path, ?string $name): Portion
    {
        return $this->leaf($path, static fn (FilledPart $leaf): FilledPart => $leaf->named(PartingFile::name($name, $path)));
    }

    /** @param array<array-key, mixed> $settings over its own; null puts one back to its default @throws PartRefused */
    public function set(string $path, array $settings): Portion
    {
        return $this->leaf($path, static fn (FilledPart $leaf): FilledPart => $leaf->set($settings));
    }

    /** @param \Closure(FilledPart): FilledPart $change */
    private function leaf(string $path, \Closure $change): Portion
    {
        return $this->at($path, static fn (Portion $piece): Portion => $piece instanceof FilledPart
            ? $change($piece)
            : throw PartRefused::at($path, 'This part is divided; choose one of its parts.'));
    }

    /** @param \Closure(Parting, int): Portion $change told the division a part is of, and which of its parts it is */
    private function among(string $path, \Closure $change): Portion
    {
        $steps = self::steps($path);
        $part = array_pop($steps);
        if (null === $part) {
            throw PartRefused::at($path, 'The whole page is one part; divide it first.');
        }

        $parted = static fn (Portion $piece): Portion => $piece instanceof Parting && isset($piece->parts[$part])
            ? $change($piece, $part)
            : throw PartRefused::noSuchPart($path);

        return $this->at(implode('.', $steps), $parted);
    }

    /** @param \Closure(Portion): Portion $change */
    private function at(string $path, \Closure $change): Portion
    {
        return self::within($this->page, self::steps($path), $change, $path);
    }

    /**
     * @param list<int>               $steps
     * @param \Closure(Portion): Portion $change
     */
    private static function within(Portion $piece, array $steps, \Closure $change, string $path): Portion
    {
        if ([] === $steps) {
            return $change($piece);
        }
        $part = array_shift($steps);
        $below = $piece->part($part) ?? throw PartRefused::noSuchPart($path);

        return $piece->withPart($part, self::within($below, $steps, $change, $path));
    }

    /** @return list<int> @throws PartRefused */
    private static function steps(string $path): array
    {
        if ('' === $path) {
            return [];
        }

        return 1 === preg_match('/^\d{1,2}(\.\d{1,2}){0,9}$/', $path)
            ? array_map(intval(...), explode('.', $path))
            : throw PartRefused::noSuchPart($path);
    }

    /** Not too many parts, and not too deep. */
    private function checked(Portion $page, string $path): Portion
    {
        $most = max(array_map(static fn (Portion $one): int => \count($one->leaves()), Run::pagesOf($page)));

        return match (true) {
            $page->deep() > Parting::DEEPEST => throw PartRefused::tooDeep($path),
            $most > Parting::MOST => throw PartRefused::tooMany($path),
            default => $page,
        };
    }
}
