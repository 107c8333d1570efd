<?php

/* A colour of a pen: how it stands on paper, and how far it is from another. */

declare(strict_types=1);

namespace AmpleMargin\Colour;

final class Colour
{
    /**
     * What is left of a colour with one kind of cone missing, on linear red, green and blue.
     * Source: Machado, Oliveira and Fernandes, "A Physiologically-based Model for Simulation of Color Vision
     * Deficiency", IEEE TVCG 15 (2009), severity 1.0.
     */
    private const MISSING = [
        'red' => [[0.152286, 1.052583, -0.204868], [0.114503, 0.786281, 0.099216], [-0.003882, -0.048116, 1.051998]],
        'green' => [[0.367322, 0.860646, -0.227968], [0.280085, 0.672501, 0.047413], [-0.011820, 0.042940, 0.968881]],
        'blue' => [[1.255528, -0.076749, -0.178779], [-0.078411, 0.930809, 0.147602], [0.004733, 0.691367, 0.303900]],
    ];

    /** @param array{float, float, float} $linear red, green and blue, 0 to 1, light added up */
    private function __construct(public readonly array $linear)
    {
    }

    /** Reads "#b5524a"; null for anything else. */
    public static function read(string $hex): ?self
    {
        if (1 !== preg_match('/^#[0-9a-f]{6}$/i', $hex)) {
            return null;
        }
        $of = static function (int $at) use ($hex): float {
            $value = (int) hexdec(substr($hex, $at, 2)) / 255;

            // Source: IEC 61966-2-1 (sRGB).
            return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
        };

        return new self([$of(1), $of(3), $of(5)]);
    }

    /** As it is seen by eyes that miss one kind of cone. @param 'red'|'green'|'blue' $cone */
    public function without(string $cone): self
    {
        $seen = array_map(
            fn (array $row): float => min(
                1.0,
                max(0.0, $row[0] * $this->linear[0] + $row[1] * $this->linear[1] + $row[2] * $this->linear[2]),
            ),
            self::MISSING[$cone],
        );

        return new self([$seen[0], $seen[1], $seen[2]]);
    }

    /** From 1 to 21. Source: WCAG 2.2, contrast ratio. */
    public function contrast(self $other): float
    {
        [$one, $two] = [$this->luminance(), $other->luminance()];

        return (max($one, $two) + 0.05) / (min($one, $two) + 0.05);
    }

    /** How different two colours look: the distance in CIELAB (ΔE*ab, CIE 1976). About 2 can just be seen side by side. */
    public function distance(self $other): float
    {
        [$one, $two] = [$this->lab(), $other->lab()];

        return sqrt(($one[0] - $two[0]) ** 2 + ($one[1] - $two[1]) ** 2 + ($one[2] - $two[2]) ** 2);
    }

    private function luminance(): float
    {
        return 0.2126 * $this->linear[0] + 0.7152 * $this->linear[1] + 0.0722 * $this->linear[2];
    }

    /** @return array{float, float, float} L*, a*, b* under D65 */
    private function lab(): array
    {
        [$red, $green, $blue] = $this->linear;
        $of = static fn (float $t): float => $t > 216 / 24389 ? $t ** (1 / 3) : (24389 / 27 * $t + 16) / 116;
        $x = $of((0.4123908 * $red + 0.3575843 * $green + 0.1804808 * $blue) / 0.9504559);
        $y = $of(0.2126390 * $red + 0.7151687 * $green + 0.0721923 * $blue);
        $z = $of((0.0193308 * $red + 0.1191948 * $green + 0.9505322 * $blue) / 1.0890578);

        return [116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z)];
    }
}
