<?php

/* Figures made of filled boxes, from a small set of our own drawing. */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class BlockDigits
{
    /** Boxes of a figure at scale 1. The smallest that can be read is 3 × 5 (docs/trade.md, "Titles and figures"; from memory). */
    public const WIDE = 3;
    public const TALL = 5;

    /** Rows of a figure from the top; a 1 is a box to fill. A 1 and a dash take fewer boxes across. */
    private const DRAWN = [
        '0' => ['111', '101', '101', '101', '111'],
        '1' => ['01', '11', '01', '01', '01'],
        '2' => ['110', '001', '011', '100', '111'],
        '3' => ['111', '001', '011', '001', '111'],
        '4' => ['100', '101', '101', '111', '001'],
        '5' => ['111', '100', '110', '001', '110'],
        '6' => ['011', '100', '111', '101', '111'],
        '7' => ['111', '001', '010', '010', '010'],
        '8' => ['111', '101', '010', '101', '111'],
        '9' => ['111', '101', '111', '001', '110'],
        '–' => ['00', '00', '11', '00', '00'],
    ];

    /**
     * @param list<string> $figures
     * @param int          $scale   boxes of the page to a box of the drawing
     * @param int          $width   boxes, gaps among them
     */
    private function __construct(
        public readonly array $figures,
        public readonly int $scale,
        public readonly int $width,
        public readonly int $tall,
    ) {
    }

    /** Whether all of it can be drawn: figures and the dash between two years. */
    public static function knows(string $text): bool
    {
        return 1 === preg_match('/^[0-9–]{1,12}$/u', $text);
    }

    /**
     * The largest that fits, with a gap of one box of the drawing between figures; null where not even scale 1 does.
     *
     * @param int $side boxes across
     * @param int $tall boxes down at most
     */
    public static function largest(string $text, int $side, int $tall): ?self
    {
        if (!self::knows($text)) {
            return null;
        }
        $figures = mb_str_split($text);
        $units = \count($figures) - 1;
        foreach ($figures as $figure) {
            $units += \strlen(self::DRAWN[$figure][0]);
        }
        $scale = min(intdiv($side, $units), intdiv($tall, self::TALL));

        return $scale < 1 ? null : new self($figures, $scale, $units * $scale, self::TALL * $scale);
    }

    /**
     * The boxes to fill, joined along each row: where each stretch begins and how long it is, from the upper left corner.
     *
     * @return list<array{x: int, y: int, wide: int}> each `scale` boxes tall
     */
    public function stretches(): array
    {
        $stretches = [];
        $at = 0;
        foreach ($this->figures as $figure) {
            foreach (self::DRAWN[$figure] as $row => $boxes) {
                preg_match_all('/1+/', $boxes, $found, \PREG_OFFSET_CAPTURE);
                foreach ($found[0] as [$run, $from]) {
                    $stretches[] = [
                        'x' => ($at + $from) * $this->scale,
                        'y' => $row * $this->scale,
                        'wide' => \strlen($run) * $this->scale,
                    ];
                }
            }
            $at += \strlen(self::DRAWN[$figure][0]) + 1;
        }

        return $stretches;
    }

    /** Boxes of the page to fill. */
    public function filled(): int
    {
        return array_sum(array_column($this->stretches(), 'wide')) * $this->scale;
    }

    public function working(): string
    {
        return Plural::of(\count($this->figures), 'figure', 'figures').' of '
            .self::WIDE * $this->scale
            .' × '
            .self::TALL * $this->scale
            ." boxes (a 1 is narrower), gaps of $this->scale: "
            .Plural::boxes($this->width)
            ." across, {$this->filled()} to fill";
    }
}
