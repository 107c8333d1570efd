<?php

/* Where what was drawn stands when the lines behind the pen were moved. */

declare(strict_types=1);

namespace Tests\Drawing;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Stretch;
use AmpleMargin\Drawing\Stretched;
use AmpleMargin\Drawing\Words;
use PHPUnit\Framework\TestCase;

final class StretchTest extends TestCase
{
    private const BOX = 840;

    /** Parts of 4 from 10 on, moved to begin at 11 and to be 3 and 4 long. */
    private static function stretch(bool $down = true): Stretch
    {
        return new Stretch(self::boxes(0, 0, 26, 38), $down, self::boxes(10, 14, 18), self::boxes(11, 14, 18));
    }

    public function testWhatStandsBeforeTheLineStays(): void
    {
        self::assertSame(self::boxes(0, 2, 26, 3), self::stretch()->place(self::boxes(0, 2, 26, 3)));
    }

    public function testWhatEndsAtTheLineEndsWhereItWasDrawn(): void
    {
        self::assertSame(self::boxes(0, 6, 26, 5), self::stretch()->place(self::boxes(0, 6, 26, 4)));
    }

    public function testAPartTakesItsNewPlace(): void
    {
        self::assertSame(self::boxes(0, 11, 26, 3), self::stretch()->place(self::boxes(0, 10, 26, 4)));
        self::assertSame(self::boxes(0, 14, 26, 4), self::stretch()->place(self::boxes(0, 14, 26, 4)));
    }

    public function testWhatIsInItKeepsItsDistanceFromItsFirstLine(): void
    {
        self::assertSame(self::boxes(3, 12, 9, 1), self::stretch()->place(self::boxes(3, 11, 9, 1)));
    }

    public function testWhatAShorterPartHasNoRoomForIsLost(): void
    {
        self::assertNull(self::stretch()->place(self::boxes(3, 13, 9, 0)), 'a line at its third box');
        self::assertSame(self::boxes(3, 13, 9, 1), self::stretch()->place(self::boxes(3, 12, 9, 2)), 'a frame ends where the part ends');
    }

    public function testWhatStandsBehindTheLastLineOrBesideTheRegionStays(): void
    {
        self::assertSame(self::boxes(0, 20, 26, 4), self::stretch()->place(self::boxes(0, 20, 26, 4)));
        $half = new Stretch(self::boxes(0, 0, 12, 38), true, self::boxes(10), self::boxes(12));
        self::assertSame(self::boxes(14, 10, 12, 4), $half->place(self::boxes(14, 10, 12, 4)));
    }

    public function testAcrossIsTheSameAsDownTurned(): void
    {
        for ($seed = 1; $seed <= 200; ++$seed) {
            mt_srand($seed);
            $place = [mt_rand(0, 15) * self::BOX, mt_rand(0, 15) * self::BOX, mt_rand(0, 8) * self::BOX, mt_rand(0, 8) * self::BOX];
            $turned = [$place[1], $place[0], $place[3], $place[2]];
            $square = static fn (bool $down): Stretch => new Stretch(self::boxes(0, 0, 30, 30), $down, self::boxes(10, 14, 18), self::boxes(11, 14, 18));
            $one = $square(true)->place($place);
            $two = $square(false)->place($turned);
            self::assertSame(null === $one ? null : [$one[1], $one[0], $one[3], $one[2]], $two, "seed $seed");
        }
    }

    /** A stretch of a box is made narrower with all that is in it: two rows share the last box. */
    public function testABoxIsMadeNarrowerWithWhatIsInIt(): void
    {
        $last = new Stretch(self::boxes(0, 0, 26, 38), true, self::boxes(35, 36, 37), [36 * self::BOX, 36 * self::BOX + 420, 37 * self::BOX]);
        self::assertSame([0, 36 * self::BOX, self::BOX, 420], $last->place(self::boxes(0, 35, 1, 1)));
        self::assertSame([0, 36 * self::BOX + 420, self::BOX, 420], $last->place(self::boxes(0, 36, 1, 1)));
    }

    public function testLettersThatGetALowerLineGetSmaller(): void
    {
        $canvas = new Canvas(26, 38);
        $canvas->step(\AmpleMargin\Drawing\Task::Write, 'Write.');
        $canvas->words(Layer::Writing, 0, 35, 2, 1, '30', Align::Middle);
        $canvas->line(Layer::Ink, 4, 37, -4, 0);
        [$words, $line] = $canvas->finish()->marks;
        $last = new Stretched(new Stretch(self::boxes(0, 0, 26, 38), true, self::boxes(35, 36, 37), [36 * self::BOX, 36 * self::BOX + 420, 37 * self::BOX]));
        $moved = $last->of($words);
        self::assertInstanceOf(Words::class, $moved);
        self::assertInstanceOf(Words::class, $words);
        self::assertSame(['30', 420], [$moved->text, $moved->tall]);
        self::assertLessThan($words->size, $moved->size);
        $still = $last->of($line);
        self::assertInstanceOf(Line::class, $still);
        self::assertSame([4 * self::BOX, -4 * self::BOX], [$still->x, $still->wide], 'a line drawn leftwards still is');
    }

    /** Whatever is drawn and however the lines are moved: nothing leaves the stretch it is in, and order is kept. */
    public function testNothingPassesALine(): void
    {
        for ($seed = 1; $seed <= 300; ++$seed) {
            mt_srand($seed);
            $was = $now = [];
            [$a, $b] = [mt_rand(0, 10), mt_rand(0, 12)];
            for ($i = mt_rand(2, 6); $i > 0; --$i) {
                $was[] = $a * self::BOX;
                $now[] = $b * self::BOX;
                $a += mt_rand(1, 6);
                $b += mt_rand(0, 6);
            }
            $stretch = new Stretch(self::boxes(0, 0, 60, 60), true, $was, $now);
            for ($i = 0; $i < \count($was) - 1; ++$i) {
                $from = mt_rand($was[$i], $was[$i + 1] - 1);
                $tall = mt_rand(0, $was[$i + 1] - $from);
                $place = $stretch->place([0, $from, self::BOX, $tall]);
                if (null !== $place) {
                    self::assertGreaterThanOrEqual($now[$i], $place[1], "seed $seed");
                    self::assertLessThanOrEqual($now[$i + 1], $place[1] + $place[3], "seed $seed");
                }
            }
        }
    }

    /** @return non-empty-list<int> grains */
    private static function boxes(int ...$boxes): array
    {
        return array_map(static fn (int $one): int => $one * self::BOX, array_values($boxes));
    }
}
