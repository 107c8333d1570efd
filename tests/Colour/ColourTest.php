<?php

declare(strict_types=1);

namespace Tests\Colour;

use AmpleMargin\Colour\Colour;
use AmpleMargin\Colour\Palette;
use AmpleMargin\Colour\Pen;
use PHPUnit\Framework\TestCase;

final class ColourTest extends TestCase
{
    /** Outside eye: culori, from the npm registry (tests/Reference/colours.mjs), and through it WCAG 2.2 and CIELAB. */
    public function testContrastAndDistanceAreThoseOfAColourLibrary(): void
    {
        foreach (self::said()['pairs'] as ['one' => $one, 'two' => $two, 'contrast' => $contrast, 'distance' => $distance]) {
            [$a, $b] = [self::colour($one), self::colour($two)];
            self::assertEqualsWithDelta($contrast, $a->contrast($b), 1e-6, "$one $two");
            self::assertEqualsWithDelta($distance, $a->distance($b), 1e-3, "$one $two");
        }
    }

    /** Outside eye: the same library's tables of Machado, Oliveira and Fernandes (2009). */
    public function testWhatIsSeenWithoutAConeIsWhatTheLibrarysTablesSay(): void
    {
        foreach (self::said()['seen'] as $cone => $seen) {
            foreach ($seen as [$colour, $parts]) {
                foreach (self::colour($colour)->without($cone)->linear as $i => $part) {
                    self::assertEqualsWithDelta($parts[$i], $part, 1e-5, "$colour without $cone");
                }
            }
        }
    }

    /** Red and green of one lightness: apart for usual eyes, taken for one another without the green cone. */
    public function testPensThatAreTakenForOneAnotherAreNamed(): void
    {
        $palette = new Palette([new Pen('#c0504d', 'Work'), new Pen('#7f8033', 'Home'), new Pen('#1f5fa8', 'Choir')]);
        self::assertGreaterThan(Palette::APART, self::colour('#c0504d')->distance(self::colour('#7f8033')));
        $alike = $palette->alike();
        self::assertCount(1, $alike);
        self::assertSame([0, 1], \array_slice($alike[0], 0, 2));
        self::assertStringStartsWith('eyes without the', $alike[0][2]);
        self::assertSame([[0, 1, 'usual eyes', 0.0]], (new Palette([new Pen('#000000', ''), new Pen('#000000', '')]))->alike());
    }

    public function testTheUsualPensStayApartForAllEyesAndEachIsGoodForSomething(): void
    {
        self::assertSame([], Palette::usual()->alike());
        foreach (Palette::usual()->uses() as $use) {
            self::assertTrue($use['lines'] || $use['band']);
        }
        self::assertSame(
            ['#1f5fa8', '#c8553d', '#7a3b69', '#58a08c'],
            array_column(Palette::usual()->forLines(), 'colour'),
            'yellow is too pale for lines',
        );
    }

    private static function colour(string $hex): Colour
    {
        return Colour::read($hex) ?? self::fail($hex);
    }

    /**
     * @return array{pairs: list<array{one: string, two: string, contrast: float, distance: float}>, seen: array<'red'|'green'|'blue',
     *     list<array{string, list<float>}>>}
     */
    private static function said(): array
    {
        $file = \dirname(__DIR__, 2).'/var/reference-colours.json';
        if (!is_file($file)) {
            throw new \RuntimeException('Run node tests/Reference/colours.mjs var/reference-colours.json first; bin/test does.');
        }

        return json_decode((string) file_get_contents($file), true, 16, \JSON_THROW_ON_ERROR);
    }
}
