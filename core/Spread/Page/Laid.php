<?php

/*
 * A spread laid out: how many pages it takes and what does not fit are known, and its pages are drawn when somebody asks
 * for them, once.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Plan\Side;

final class Laid extends Measured
{
    private const TURN = 'Turn the book until the left edge of this page is at the top. Count from there.';

    /** @var list<PageDrawing>|null kept so that each page is drawn once; nothing else here changes */
    private ?array $drawn = null;

    /** @param \Closure(int, int): list<PageDrawing> $draw told the number of its first page and the steps before it */
    private function __construct(Measured $as, private readonly \Closure $draw)
    {
        parent::__construct($as->pages, $as->findings, $as->starts, $as->removed, $as->glued, $as->flips);
    }

    /**
     * As it was measured before; it is laid out when somebody asks for its pages.
     *
     * @param \Closure(): self $layOut
     */
    public static function recalled(Measured $as, \Closure $layOut): self
    {
        return new self($as, static fn (int $page, int $done): array => ($layOut()->draw)($page, $done));
    }

    /** Its pages belong together as they lie open: it begins on a left page. */
    public function openingFlat(): self
    {
        return new self(new Measured($this->pages, $this->findings, Side::Left, $this->removed, $this->glued, $this->flips), $this->draw);
    }

    /**
     * So many layers are glued in, some of which fold out.
     *
     * @param array<int, non-empty-list<FlipOut>> $flips page from 0 → what folds out of it
     */
    public function gluing(int $layers, array $flips = []): self
    {
        return new self(new Measured($this->pages, $this->findings, $this->starts, $this->removed, $layers, $flips), $this->draw);
    }

    /**
     * Leaves of it are cut: what lies behind them is seen.
     *
     * @param array<int, non-empty-list<Region>> $removed page from 0 → what the knife takes of it
     */
    public function cut(Side $starts, array $removed): self
    {
        return new self(new Measured($this->pages, $this->findings, $starts, $removed, $this->glued, $this->flips), $this->draw);
    }

    /**
     * A page for each share: the months on it, its marks, or just its number. Where that is null nothing is drawn.
     *
     * @template T
     *
     * @param list<T|null>                   $shares   1 or more
     * @param \Closure(Canvas, T, int): void $paint    told the page's number from 0
     * @param array<int, list<Finding>>      $findings by page
     */
    public static function pages(PageGrid $grid, array $shares, \Closure $paint, array $findings = []): self
    {
        $draw = static function (int $page, int $done) use ($grid, $shares, $paint, $findings): array {
            $pages = [];
            foreach ($shares as $i => $share) {
                $canvas = new Canvas($grid->across, $grid->down, $grid->tally, $page + $i, $done, $grid->title);
                if (null !== $share && $grid->turned) {
                    $canvas->step(Task::Pencil, self::TURN);
                }
                if (null !== $share) {
                    $paint($canvas, $share, $i);
                }
                $drawn = Dressing::of($canvas->finish($findings[$i] ?? []), $grid, $page + $i, $done);
                $drawn = Border::round($grid->turned ? $drawn->upright() : $drawn, $grid, $page + $i, $done);
                $done += \count($drawn->steps);
                $pages[] = $drawn;
            }

            return $pages;
        };

        return new self(new Measured(\count($shares), $findings), $draw);
    }

    /** So many pages with nothing on them but why, which the first says. */
    public static function refused(PageGrid $grid, Finding $why, int $pages = 1): self
    {
        return self::pages($grid, array_fill(0, $pages, null), static fn () => null, [[$why]]);
    }

    /** So many pages with nothing on them but why, which each says. */
    public static function eachRefused(PageGrid $grid, Finding $why, int $pages): self
    {
        return self::pages($grid, array_fill(0, $pages, null), static fn () => null, array_fill(0, $pages, [$why]));
    }

    /** Drawn again and again until there are so many pages, where it is fewer. */
    public function upTo(int $count): self
    {
        if ($this->pages >= $count) {
            return $this;
        }
        $draw = function (int $page, int $done) use ($count): array {
            $pages = $first = ($this->draw)($page, $done);
            while (\count($pages) < $count) {
                $pages[] = $first[\count($pages) % $this->pages]->again($page + \count($pages), self::steps($pages));
            }

            return $pages;
        };

        return new self($this->repeated($count), $draw);
    }

    /** @param array<int, list<Finding>> $findings in place of its own */
    public function saying(array $findings): self
    {
        $draw = fn (int $page, int $done): array => array_map(
            static fn (PageDrawing $drawing, int $i): PageDrawing => $drawing->withFindings($findings[$i] ?? []),
            ($this->draw)($page, $done),
            range(0, $this->pages - 1),
        );

        $measured = new Measured($this->pages, $findings, $this->starts, $this->removed, $this->glued, $this->flips);

        return new self($measured, $draw);
    }

    /** @return list<PageDrawing> as many as there are pages */
    public function drawings(): array
    {
        return $this->drawn ??= ($this->draw)(0, 0);
    }

    /** Drawn anew when somebody looks again: where so much is drawn that it cannot all be kept. */
    public function forget(): void
    {
        $this->drawn = null;
    }

    /** @param list<PageDrawing> $pages */
    private static function steps(array $pages): int
    {
        return array_sum(array_map(static fn (PageDrawing $page): int => \count($page->steps), $pages));
    }
}
