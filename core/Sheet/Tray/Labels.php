<?php

/* A sheet of labels as it is sold: so many across and down, each of one size, at a pitch of their own. All in µm. */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Tray;

use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Sheet\SheetRefused;

final class Labels
{
    /**
     * @param int $left   from the left edge of the paper to the first label; `$top` from the upper edge
     * @param int $pitchX from the left edge of one label to that of the next; `$pitchY` from upper edge to upper edge
     */
    private function __construct(
        public readonly int $wide,
        public readonly int $tall,
        public readonly int $across,
        public readonly int $down,
        public readonly int $left,
        public readonly int $top,
        public readonly int $pitchX,
        public readonly int $pitchY,
    ) {
    }

    /**
     * @param int      $between µm between two labels, across and down
     * @param int|null $left    µm to the first label; null where the labels stand in the middle of the sheet
     * @param int|null $top     the same from the upper edge
     *
     * @throws SheetRefused where they do not fit the paper
     */
    public static function of(
        PaperSize $paper,
        int $wide,
        int $tall,
        int $across,
        int $down,
        int $between = 0,
        ?int $left = null,
        ?int $top = null,
    ): self {
        [$width, $height] = $paper->micrometres();
        [$x, $y] = [$across * $wide + ($across - 1) * $between, $down * $tall + ($down - 1) * $between];
        $left ??= intdiv($width - $x, 2);
        $top ??= intdiv($height - $y, 2);
        if ($left < 0 || $top < 0 || $left + $x > $width || $top + $y > $height) {
            throw SheetRefused::labels($paper->value);
        }

        return new self($wide, $tall, $across, $down, $left, $top, $wide + $between, $tall + $between);
    }

    /**
     * As a person says it, in mm: "38x42 4x6", "38.1 × 42 mm, 4 × 6, gap 2.5, left 10, top 12".
     *
     * @throws SheetRefused where it cannot be understood, or does not fit
     */
    public static function said(PaperSize $paper, string $said): self
    {
        $length = '(\d{1,3}(?:[.,]\d{1,2})?)';
        $more = static fn (string $word): string => "(?:[\\s;,]+$word\\s*$length)?";
        $words = "/^$length\\s*[x×]\\s*$length(?:\\s*mm)?[\\s;,]+(\\d{1,2})\\s*[x×]\\s*(\\d{1,3})"
            .$more('gap').$more('left').$more('top').'(?:\s*mm)?$/Du';
        if (1 !== preg_match($words, trim($said), $found) || min((int) $found[1], (int) $found[2], (int) $found[3], (int) $found[4]) < 1) {
            throw SheetRefused::labelsSaid();
        }
        $mm = static fn (string $one): int => (int) round(1_000 * (float) str_replace(',', '.', $one));
        $one = static fn (int $at): ?int => '' === ($found[$at] ?? '') ? null : $mm($found[$at]);

        return self::of($paper, $mm($found[1]), $mm($found[2]), (int) $found[3], (int) $found[4], $one(5) ?? 0, $one(6), $one(7));
    }

    public function count(): int
    {
        return $this->across * $this->down;
    }

    /** @return array{int, int} µm of the corner of the `$nth` label, from 0, along the rows */
    public function at(int $nth): array
    {
        return [$this->left + $nth % $this->across * $this->pitchX, $this->top + intdiv($nth, $this->across) * $this->pitchY];
    }

    /** Whether something fits on one, upright or turned. */
    public function takes(int $wide, int $tall): bool
    {
        return ($wide <= $this->wide && $tall <= $this->tall) || ($tall <= $this->wide && $wide <= $this->tall);
    }
}
