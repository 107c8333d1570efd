<?php

/*
 * A printer without paper: what it is sent, as poppler reads the straight lines of the PDF, comes out larger or smaller, moved, and
 * fed askew; what lies beyond its margins is not printed. A ruler measures what came out.
 */

declare(strict_types=1);

namespace Tests\Sheet;

final class SimulatedPrinter
{
    private const MM = 25.4 / 72;

    /**
     * @param float                $across how many times as large it draws, along the upper edge; `$down` along the side
     * @param array{float, float} $front  mm it moves a front right and down; `$back` a back
     * @param float                $skew   mm a sheet is pushed to the right on its way from the upper edge to the lower one, over 100 mm
     */
    public function __construct(
        private readonly float $across = 1.0,
        private readonly float $down = 1.0,
        private readonly array $front = [0.0, 0.0],
        private readonly array $back = [0.0, 0.0],
        private readonly float $skew = 0.0,
    ) {
    }

    /** @return list<array{float, float, float, float}> ends of straight lines on the paper, in mm from its upper left corner */
    public function print(string $pdf, int $page = 1, bool $isBack = false): array
    {
        [$right, $lower] = $isBack ? $this->back : $this->front;
        $at = fn (float $x, float $y): array => [
            $this->across * $x + $right + $this->skew / 100 * $y,
            $this->down * $y + $lower,
        ];

        return array_map(
            static fn (array $line): array => [...$at($line[0], $line[1]), ...$at($line[2], $line[3])],
            self::lines($pdf, $page),
        );
    }

    /** @return list<array{float, float, float, float}> as they are sent, in mm; a rectangle or a path of several lines is left out */
    public static function lines(string $pdf, int $page = 1): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'sheet');
        file_put_contents($file, $pdf);
        $svg = (string) shell_exec("pdftocairo -svg -noshrink -nocenter -f $page -l $page ".escapeshellarg($file).' -');
        unlink($file);
        preg_match_all('/<path [^>]*?d="M ([-\d.]+) ([-\d.]+) L ([-\d.]+) ([-\d.]+) ?"[^>]*>/', $svg, $paths, \PREG_SET_ORDER);

        return array_map(static function (array $path): array {
            $matrix = 1 === preg_match('/matrix\(([^)]+)\)/', $path[0], $found) ? explode(',', $found[1]) : [1, 0, 0, 1, 0, 0];
            [$a, $b, $c, $d, $e, $f] = array_map(floatval(...), $matrix);
            $point = static fn (string $x, string $y): array => [
                ($a * (float) $x + $c * (float) $y + $e) * self::MM,
                ($b * (float) $x + $d * (float) $y + $f) * self::MM,
            ];

            return [...$point($path[1], $path[2]), ...$point($path[3], $path[4])];
        }, $paths);
    }

    /**
     * What a ruler with a mark every `$step` mm reads of a calibration sheet: the two lines in the middle of the paper, and the frame.
     *
     * @param list<array{float, float, float, float}> $lines
     * @param array{float, float}                     $paper mm
     *
     * @return array{across: float, down: float, left: float, top: float}
     */
    public static function read(array $lines, array $paper, float $step = 0.1): array
    {
        $round = static fn (float $mm): float => round(round($mm / $step) * $step, 3);
        $length = static fn (array $line): float => hypot($line[2] - $line[0], $line[3] - $line[1]);
        $across = $down = $left = $top = null;
        foreach ($lines as $line) {
            [$x, $y, $toX, $toY] = $line;
            $isAcross = abs($toX - $x) > abs($toY - $y);
            $middle = [($x + $toX) / 2, ($y + $toY) / 2];
            if ($length($line) < 90) {
                continue;
            }
            if ($isAcross && abs($middle[1] - $paper[1] / 2) < 12) {
                $across = $length($line);
            } elseif (!$isAcross && abs($middle[0] - $paper[0] / 2) < 12) {
                $down = $length($line);
            } elseif (!$isAcross && $middle[0] < $paper[0] / 4) {
                // In the middle of the side, as a person lays the ruler.
                $left = $middle[0];
            } elseif ($isAcross && $middle[1] < $paper[1] / 6 && $length($line) > 100.5) {
                $top = $middle[1];
            }
        }

        return [
            'across' => $round((float) $across),
            'down' => $round((float) $down),
            'left' => $round((float) $left),
            'top' => $round((float) $top),
        ];
    }
}
