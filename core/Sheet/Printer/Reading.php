<?php

/*
 * What a ruler reads of the calibration sheet: how long the two lines are, and how far the frame stands from the left and the upper
 * edge of the paper, on the front and on the back, each side lying before one. All in µm.
 */

declare(strict_types=1);

namespace AmpleMargin\Sheet\Printer;

use AmpleMargin\Paper\Millimetres;
use AmpleMargin\Paper\PaperSize;

final class Reading
{
    /** Thousandths a printer may be off: beyond that it is no printer's error but a setting. From memory. */
    private const MOST_OFF = 50;

    /** µm the frame may stand from where it is meant to. From memory. */
    private const MOST_MOVED = 8_000;

    private function __construct(
        public readonly PaperSize $paper,
        public readonly int $across,
        public readonly int $down,
        public readonly int $left,
        public readonly int $top,
        public readonly int $backLeft,
        public readonly int $backTop,
    ) {
    }

    /** What it reads where the printer draws as it is told. */
    public static function true(PaperSize $paper): self
    {
        [$across, $down] = CalibrationSheet::lines($paper);
        $edge = CalibrationSheet::FRAME;

        return new self($paper, $across, $down, $edge, $edge, $edge, $edge);
    }

    /**
     * @param array<array-key, mixed> $said mm as a person writes them, by "across", "down", "left", "top", "back_left", "back_top"; one
     *     that is
     *                                   left out is as it should be
     *
     * @throws PrinterRefused naming the figure, and why it cannot be
     */
    public static function read(PaperSize $paper, array $said): self
    {
        $true = self::true($paper);
        $line = static function (string $name, int $meant) use ($said): int {
            $read = self::millimetres($name, $said[$name] ?? null, $meant);
            if (1_000 * abs($read - $meant) > self::MOST_OFF * $meant) {
                throw PrinterRefused::off($name, $read, $meant);
            }

            return $read;
        };
        $edge = static function (string $name) use ($said): int {
            $read = self::millimetres($name, $said[$name] ?? null, CalibrationSheet::FRAME);
            if (abs($read - CalibrationSheet::FRAME) > self::MOST_MOVED) {
                throw PrinterRefused::moved($name, $read, CalibrationSheet::FRAME);
            }

            return $read;
        };

        return new self(
            $paper,
            $line('across', $true->across),
            $line('down', $true->down),
            $edge('left'),
            $edge('top'),
            $edge('back_left'),
            $edge('back_top'),
        );
    }

    /**
     * As it was kept: a printer that was refined may be just beyond what is read at once.
     *
     * @param array<array-key, mixed> $kept mm by the name of each figure
     */
    public static function kept(PaperSize $paper, array $kept): self
    {
        $figures = self::true($paper)->figures();
        foreach ($figures as $name => $meant) {
            $figures[$name] = self::millimetres($name, $kept[$name] ?? null, $meant);
        }

        return new self($paper, ...array_values($figures));
    }

    /** What is sent instead of what is meant, on the front or on the back. */
    public function correction(bool $back): Correction
    {
        [$meantAcross, $meantDown] = CalibrationSheet::lines($this->paper);
        [$across, $down] = [$this->across / $meantAcross, $this->down / $meantDown];

        return new Correction(
            $across,
            $down,
            ($back ? $this->backLeft : $this->left) - $across * CalibrationSheet::FRAME,
            ($back ? $this->backTop : $this->top) - $down * CalibrationSheet::FRAME,
        );
    }

    /**
     * The reading there would have been of a sheet that is not corrected, where `$this` was read of one that is corrected for `$before`.
     */
    public function of(self $before): self
    {
        [$meantAcross, $meantDown] = CalibrationSheet::lines($this->paper);
        $whole = static fn (float $value): int => (int) round($value);
        $across = $before->across * $this->across / $meantAcross;
        $down = $before->down * $this->down / $meantDown;
        $edge = static function (Correction $was, float $scale, bool $isAcross, int $read): float {
            // Where the frame was sent to, and what the printer made of it: S·sent + t is what was read.
            $sent = $was->sent(CalibrationSheet::FRAME, CalibrationSheet::FRAME)[$isAcross ? 0 : 1];

            return $read + $scale * (CalibrationSheet::FRAME - $sent);
        };
        [$front, $back] = [$before->correction(false), $before->correction(true)];
        [$s, $z] = [$across / $meantAcross, $down / $meantDown];

        return new self(
            $this->paper,
            $whole($across),
            $whole($down),
            $whole($edge($front, $s, true, $this->left)),
            $whole($edge($front, $z, false, $this->top)),
            $whole($edge($back, $s, true, $this->backLeft)),
            $whole($edge($back, $z, false, $this->backTop)),
        );
    }

    /** How far the worst of the figures is from what is meant, in µm. */
    public function worst(): int
    {
        $true = self::true($this->paper);

        return max(0, ...array_map(static fn (int $is, int $meant): int => abs($is - $meant), $this->figures(), $true->figures()));
    }

    /** @return array<string, int> µm, by the name of each figure */
    public function figures(): array
    {
        return [
            'across' => $this->across,
            'down' => $this->down,
            'left' => $this->left,
            'top' => $this->top,
            'back_left' => $this->backLeft,
            'back_top' => $this->backTop,
        ];
    }

    /** @return array<string, string> mm as they are written, by the name of each figure */
    public function written(): array
    {
        return array_map(Millimetres::written(...), $this->figures());
    }

    /** "150,8" or 150.8, to the hundredth. */
    private static function millimetres(string $name, mixed $said, int $meant): int
    {
        if (null === $said || '' === $said) {
            return $meant;
        }
        $length = match (true) {
            \is_string($said) => Millimetres::said($said),
            \is_int($said) || \is_float($said) => (int) round(1_000 * $said),
            default => null,
        };

        return null !== $length && $length > 0 && $length < 1_000_000 ? $length : throw PrinterRefused::noLength($name);
    }
}
