<?php

/* The pens a book is drawn with, and whether their colours can be told apart. */

declare(strict_types=1);

namespace AmpleMargin\Colour;

final class Palette
{
    public const MOST = 12;

    private const PAPER = '#fffefa';
    /** What is written and ruled with, where no pen is named. */
    public const INK = '#22304a';

    /** Lines and marks need this contrast with paper; words need this with what is under them. Source: WCAG 2.2, 1.4.11 and 1.4.3. */
    private const LINE = 3.0;
    private const WORDS = 4.5;

    /** Colours nearer than this in CIELAB are taken for one another in small marks. From memory. */
    public const APART = 20.0;

    /** @param list<Pen> $pens */
    public function __construct(public readonly array $pens)
    {
    }

    /** Five colours that stay apart whatever cone is missing. */
    public static function usual(): self
    {
        return new self([
            new Pen('#1f5fa8', 'Work'),
            new Pen('#c8553d', 'Dates'),
            new Pen('#e6b93d', 'Home'),
            new Pen('#7a3b69', 'People'),
            new Pen('#58a08c', 'Health'),
        ]);
    }

    /** The pen of a place in a row of things, starting again where there are more things than pens. */
    public function pen(int $nth): ?Pen
    {
        return [] === $this->pens ? null : $this->pens[$nth % \count($this->pens)];
    }

    /**
     * The same pens with other meanings, one for each name; from the first again where there are more names than pens.
     *
     * @param list<string> $names
     */
    public function meaning(array $names): self
    {
        return [] === $this->pens ? $this : new self(array_map(
            fn (string $name, int $i): Pen => new Pen($this->pens[$i % \count($this->pens)]->colour, $name),
            $names,
            array_keys($names),
        ));
    }

    /** @return list<Pen> those whose lines stand out on paper */
    public function forLines(): array
    {
        return array_values(array_intersect_key($this->pens, array_filter($this->uses(), static fn (array $use): bool => $use['lines'])));
    }

    /**
     * What each colour is good for on paper: lines and marks, a band with words over it, both or neither.
     *
     * @return list<array{lines: bool, band: bool, paper: float, ink: float}>
     */
    public function uses(): array
    {
        [$paper, $ink] = [self::colour(self::PAPER), self::colour(self::INK)];

        return array_map(static function (Pen $pen) use ($paper, $ink): array {
            $colour = self::colour($pen->colour);
            [$onPaper, $underInk] = [$colour->contrast($paper), $colour->contrast($ink)];

            return ['lines' => $onPaper >= self::LINE, 'band' => $underInk >= self::WORDS, 'paper' => $onPaper, 'ink' => $underInk];
        }, $this->pens);
    }

    /**
     * Pairs that are taken for one another, by whose eyes.
     *
     * @return list<array{int, int, string, float}> two places, "usual eyes" or the missing cone, the distance
     */
    public function alike(): array
    {
        $alike = [];
        foreach ($this->pens as $i => $one) {
            foreach ($this->pens as $j => $two) {
                if ($j <= $i) {
                    continue;
                }
                [$a, $b] = [self::colour($one->colour), self::colour($two->colour)];
                foreach ([
                    '' => $a->distance($b),
                    'red' => $a->without('red')->distance($b->without('red')),
                    'green' => $a->without('green')->distance($b->without('green')),
                    'blue' => $a->without('blue')->distance($b->without('blue')),
                ] as $cone => $distance) {
                    if ($distance < self::APART) {
                        $alike[] = [$i, $j, '' === $cone ? 'usual eyes' : "eyes without the $cone cone", $distance];
                        break;
                    }
                }
            }
        }

        return $alike;
    }

    private static function colour(string $hex): Colour
    {
        return Colour::read($hex) ?? throw new \LogicException("A pen's colour is #rrggbb, not $hex.");
    }
}
