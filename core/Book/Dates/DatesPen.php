<?php

/* Writes dates into a room, line by line, in the person's hand and the pen of their category. */

declare(strict_types=1);

namespace AmpleMargin\Book\Dates;

use AmpleMargin\Colour\Palette;
use AmpleMargin\Colour\Pen;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Hand;
use AmpleMargin\Counting\Wrap;
use AmpleMargin\Dates\Occurrence;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Room;

/** @internal to Book */
final class DatesPen
{
    /** @var array<string, array{string|null}> by category */
    private array $pens = [];

    public function __construct(private readonly DatesOfBook $dates, private readonly Hand $hand, private readonly int $pitch)
    {
    }

    /**
     * The whole entries that fit into a room, line by line.
     *
     * @param list<Occurrence>            $some
     * @param \Closure(Occurrence): string $words
     *
     * @return array{list<array{string, string|null}>, int} lines with their pens, and how many entries they are
     */
    public function fitting(array $some, Room $room, \Closure $words): array
    {
        $letters = $this->hand->letters($room->wide, $this->pitch);
        $lines = [];
        $placed = 0;
        foreach ($some as $once) {
            $wrapped = Wrap::lines($words($once), $letters);
            if (\count($lines) + \count($wrapped) > $room->lines) {
                break;
            }
            foreach ($wrapped as $line) {
                $lines[] = [$line, $this->penForWords($once)];
            }
            ++$placed;
        }

        return [$lines, $placed];
    }

    /**
     * The same, and the beginning of the next where a line is left.
     *
     * @param list<Occurrence>             $some
     * @param \Closure(Occurrence): string $words
     *
     * @return array{list<array{string, string|null}>, int}
     */
    public function fittingOrBegun(array $some, Room $room, \Closure $words): array
    {
        [$lines, $placed] = $this->fitting($some, $room, $words);
        $left = $room->lines - \count($lines);

        return isset($some[$placed]) && $left > 0
            ? [[...$lines, ...$this->begun($some[$placed], $room, $left, $words)], $placed + 1]
            : [$lines, $placed];
    }

    /**
     * In the cell of its day the beginning of something long still says what is on.
     *
     * @param int                          $most  lines
     * @param \Closure(Occurrence): string $words
     *
     * @return list<array{string, string|null}>
     */
    private function begun(Occurrence $once, Room $room, int $most, \Closure $words): array
    {
        $letters = $this->hand->letters($room->wide, $this->pitch);
        $lines = \array_slice(Wrap::lines($words($once), $letters), 0, $most);
        $last = array_pop($lines) ?? '';

        return array_map(
            fn (string $line): array => [$line, $this->penForWords($once)],
            [...$lines, mb_strimwidth("$last …", 0, max(2, $letters), '…')],
        );
    }

    /**
     * @param list<array{string, string|null}> $lines
     *
     * @return list<\Closure(Canvas): void>
     */
    public function lines(array $lines, Room $room): array
    {
        [$x, $y] = array_map(static fn (int $grains): Fraction => Fraction::of($grains, Grain::PER_BOX), $room->place);
        $draw = [];
        foreach ($lines as $i => [$line, $pen]) {
            $draw[] = static function (Canvas $canvas) use ($line, $pen, $x, $y, $i, $room): void {
                $canvas->pen($pen);
                $canvas->words(
                    Layer::Writing,
                    $x->plus(Fraction::of(1, 4)),
                    $room->line->times($i)->plus($y),
                    $room->wide->minus(Fraction::of(1, 2)),
                    Fraction::of(1),
                    $line,
                );
            };
        }

        return $draw;
    }

    /** Words in a pen that does not stand out on paper are written in ink. */
    private function penForWords(Occurrence $once): ?string
    {
        return ($this->pens[$once->entry->category] ??= [$this->penFor($once->entry->category)])[0];
    }

    private function penFor(string $category): ?string
    {
        $pen = $this->dates->penOfCategory($category);

        return null === $pen || [] === (new Palette([new Pen($pen, '')]))->forLines() ? null : $pen;
    }
}
