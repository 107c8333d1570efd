<?php

/* A mark at the place it has since lines were moved; asked only of those that still have one. */

declare(strict_types=1);

namespace AmpleMargin\Drawing;

final class Stretched extends Replacing
{
    /** Letters stand in three quarters of their line, as Canvas writes them. */
    private const LETTER = 630;

    public function __construct(private readonly Stretch $stretch)
    {
    }

    /** The mark as it stands now; null where it has no room any more. */
    public function of(Mark $mark): ?Mark
    {
        return null === $this->place($mark) ? null : $mark->visit($this);
    }

    public function line(Line $line): Line
    {
        // From point to point: the rectangle round it is what moves.
        [$x, $y, $wide, $tall] = $this->place($line) ?? self::round($line);

        return new Line(
            $line->layer,
            $line->wide < 0 ? $x + $wide : $x,
            $line->tall < 0 ? $y + $tall : $y,
            $line->wide < 0 ? -$wide : $wide,
            $line->tall < 0 ? -$tall : $tall,
            $line->step,
            $line->note,
            $line->colour,
        );
    }

    public function words(Words $words): Words
    {
        $moved = parent::words($words);
        $tall = $words->upwards ? $moved->wide : $moved->tall;
        $was = $words->upwards ? $words->wide : $words->tall;

        return $tall >= $was ? $moved : new Words(
            $moved->layer,
            $moved->x,
            $moved->y,
            $moved->wide,
            $moved->tall,
            $moved->step,
            $moved->note,
            $moved->text,
            max(1, min($moved->size, intdiv($tall * self::LETTER, Grain::PER_BOX))),
            $moved->align,
            $moved->colour,
            $moved->upwards,
        );
    }

    protected function begin(Mark $mark): array
    {
        return [$mark->layer, ...$this->place($mark) ?? self::round($mark), $mark->step, $mark->note];
    }

    /** @return array{int, int, int, int}|null */
    private function place(Mark $mark): ?array
    {
        return $this->stretch->place(self::round($mark));
    }

    /** @return array{int, int, int, int} the rectangle round it */
    public static function round(Mark $mark): array
    {
        return [
            min($mark->x, $mark->x + $mark->wide),
            min($mark->y, $mark->y + $mark->tall),
            abs($mark->wide),
            abs($mark->tall),
        ];
    }
}
