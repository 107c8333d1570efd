<?php

/* A page that is turned to be drawn: each of its places is found again on the upright page, and the other way round. */

declare(strict_types=1);

namespace Tests\Drawing;

use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use PHPUnit\Framework\TestCase;
use Tests\Asking;

final class TurningTest extends TestCase
{
    /** Counted with the book turned, a corner is so many boxes up the left edge and so many to the right. */
    public function testEveryMarkOfEveryKindStandsWhereItWasCountedWithTheBookTurned(): void
    {
        $marks = 0;
        foreach ($this->kinds() as $kind) {
            foreach ([[26, 38], [31, 45], [60, 20]] as [$across, $down]) {
                $pages = $kind->form->layOut($this->asked($kind, ['turned' => true], $across, $down))->drawings();
                // The same on a page that is as wide as this one is tall has the same marks, and no step to turn the book.
                $lying = $kind->form->layOut(Asking::of($kind, across: $down, down: $across))->drawings();
                self::assertCount(\count($lying), $pages, $kind->id);
                foreach ($pages as $i => $page) {
                    self::assertSame([$across, $down, true], [$page->across, $page->down, $page->turned]);
                    self::assertSame([] === $page->steps, [] === $lying[$i]->steps);
                    $marks += $this->compare($page, $lying[$i], $kind->id);
                }
            }
        }
        self::assertGreaterThan(10_000, $marks);
    }

    private function compare(PageDrawing $page, PageDrawing $lying, string $about): int
    {
        self::assertCount(\count($lying->marks), $page->marks, $about);
        $tall = Grain::of($page->down);
        foreach ($lying->marks as $i => $mark) {
            $is = $page->marks[$i];
            self::assertSame($mark::class, $is::class);
            // Any corner: so far from the left edge as it was from the upper one, so far from the foot as it was from the left.
            $corners = static fn (int $x, int $y, int $wide, int $tall): array => [[$x, $y], [$x + $wide, $y + $tall]];
            $expected = array_map(
                static fn (array $corner): array => [$corner[1], $tall - $corner[0]],
                $corners($mark->x, $mark->y, $mark->wide, $mark->tall),
            );
            $found = $corners($is->x, $is->y, $is->wide, $is->tall);
            if (!$is instanceof Line) {
                self::assertGreaterThanOrEqual(0, min($is->wide, $is->tall));
                $expected = [[$expected[0][0], $expected[1][1]], [$expected[1][0], $expected[0][1]]];
            }
            self::assertSame($expected, $found, $about);
            if ($is instanceof Words && $mark instanceof Words) {
                self::assertTrue($is->upwards);
                self::assertSame([$mark->text, $mark->size], [$is->text, $is->size]);
            }
        }

        return \count($lying->marks);
    }

    public function testAPageTurnedBackIsAsItLay(): void
    {
        foreach ($this->kinds() as $kind) {
            foreach ($kind->form->layOut($this->asked($kind, ['turned' => true]))->drawings() as $page) {
                $lying = $page->lying();
                self::assertSame([38, 26, false], [$lying->across, $lying->down, $lying->turned]);
                self::assertEquals($page, $lying->upright(), $kind->id);
                self::assertEquals($page->lying(), $lying->lying(), 'one that lies already stays');
            }
        }
    }

    /** Whoever draws it is told first, once a page. */
    public function testTheFirstStepOfEveryTurnedPageTurnsTheBook(): void
    {
        $kind = Asking::kind('books-read');
        foreach ($kind->form->layOut($this->asked($kind, ['turned' => true]))->drawings() as $page) {
            self::assertStringStartsWith('Turn the book', $page->steps[0]->text);
            self::assertCount(1, array_filter($page->steps, static fn ($step): bool => str_contains($step->text, 'Turn the book')));
        }
        self::assertStringNotContainsString('Turn the book', $kind->form->layOut($this->asked($kind, []))->drawings()[0]->steps[0]->text);
    }

    /** @return list<Kind> */
    private function kinds(): array
    {
        $kinds = array_values(array_filter(
            (new Catalogue())->spreads(),
            static fn (Kind $kind): bool => \in_array('turned', array_column($kind->fields(), 'name'), true),
        ));
        self::assertGreaterThan(40, \count($kinds));

        return $kinds;
    }

    /** @param array<string, mixed> $settings */
    private function asked(Kind $kind, array $settings, int $across = 26, int $down = 38): \AmpleMargin\Spread\Page\Request
    {
        // As a book asks: the page lies where its settings say so.
        return Asking::of($kind, [], $across, $down)->with($settings);
    }
}
