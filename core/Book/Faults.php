<?php

/*
 * What of a book broke while it was laid out or drawn. That is a fault of the program and never the person's: the page says so, and the
 * rest of the book lives.
 */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Spread\Page\Laid;
use AmpleMargin\Spread\Page\PageGrid;

final class Faults
{
    /** Where a finding is mended by taking the last change back. */
    public const UNDO = 'undo';

    /** @var array<string, true> what broke, each once */
    private array $met = [];

    /** @param (\Closure(\Throwable): void)|null $tell told of each when it is met, to write it down */
    public function __construct(private readonly ?\Closure $tell = null)
    {
    }

    /** @return list<string> spreads and months that broke so far */
    public function met(): array
    {
        return array_map(strval(...), array_keys($this->met));
    }

    public function isMet(string $about): bool
    {
        return isset($this->met[$about]);
    }

    /**
     * A layout; where making it breaks, pages with nothing on them but why.
     *
     * @param string           $about  the spread or the month
     * @param \Closure(): Laid $layOut
     * @param int              $pages  it takes then
     */
    public function layingOut(string $about, PageGrid $grid, \Closure $layOut, int $pages = 1): Laid
    {
        try {
            return $layOut();
        } catch (\Throwable $failure) {
            return Laid::eachRefused($grid, $this->finding($about, $failure), max(1, $pages));
        }
    }

    /**
     * Pages drawn; where that breaks, as many with nothing on them but why.
     *
     * @param \Closure(): list<PageDrawing> $draw
     *
     * @return list<PageDrawing>
     */
    public function drawing(string $about, PageGrid $grid, \Closure $draw, int $pages): array
    {
        try {
            return $draw();
        } catch (\Throwable $failure) {
            return Laid::eachRefused($grid, $this->finding($about, $failure), max(1, $pages))->drawings();
        }
    }

    private function finding(string $about, \Throwable $failure): Finding
    {
        $this->met[$about] = true;
        if (null !== $this->tell) {
            ($this->tell)($failure);
        }

        return new Finding(
            $about,
            'This cannot be drawn: a fault of the program, which its log tells more of. Everything else in the book is as it was, and '
                .'what was said of this is kept. Take the last change back, or change what stands here.',
            see: self::UNDO,
        );
    }
}
