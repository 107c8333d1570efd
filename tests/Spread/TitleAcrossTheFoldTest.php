<?php

/* A title across the fold of an opening: every letter on whole boxes, none on the fold, none lost; where there is no fold it says so. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Step;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Dress;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\Side;
use AmpleMargin\Plan\Wardrobe;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Page\Laid;
use AmpleMargin\Spread\Part\TitleStands;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class TitleAcrossTheFoldTest extends TestCase
{
    /** Titles whose middle is a space, no space, or next to one; with an accent written apart; and of wide letters. */
    private const TITLES = ['Goals 2027', 'Lighthouses', 'All the boats', "Re\u{301}sume\u{301} of it", '庭の一年', 'Of'];

    public function testOfEveryKindOnThreePapers(): void
    {
        $folded = 0;
        foreach (Books::papers() as $stock) {
            foreach ((new Catalogue())->spreads() as $kind) {
                if (\in_array(TitleStands::SETTING, array_column($kind->fields(), 'name'), true)) {
                    $folded += $this->isFolded($stock, $kind) ? 1 : 0;
                }
            }
        }
        self::assertGreaterThan(30, $folded);
    }

    private function isFolded(Stock $stock, Kind $kind): bool
    {
        $folded = false;
        foreach ([null, 5] as $tall) {
            foreach (self::TITLES as $title) {
                $laid = self::laid($stock, $kind->id, $title, ['title_at' => 'fold'], $tall);
                $headed = self::laid($stock, $kind->id, $title, [], $tall);
                self::assertSame($headed->pages, $laid->pages, $kind->id);
                if ([] !== self::says($laid, 'across the fold:')) {
                    self::assertEquals(self::marks($headed), self::marks($laid), "$kind->id says why, and is as before");
                    if (1 === $laid->pages) {
                        return false;
                    }
                    continue;
                }
                $folded = true;
                $letters = self::letters($laid->drawings(), $stock->across);
                self::assertSame((string) preg_replace('/\s/u', '', $title), implode('', $letters), "$kind->id: $title");
                self::assertSame(Side::Left, $laid->starts, "$kind->id: an opening");
            }
        }

        return $folded;
    }

    /**
     * The letters of the title from left to right, each of which is on boxes of one page.
     *
     * @param list<PageDrawing> $pages
     *
     * @return list<string>
     */
    private static function letters(array $pages, int $across): array
    {
        $letters = [];
        foreach ([0, 1] as $nth) {
            $steps = array_filter($pages[$nth]->steps, static fn (Step $step): bool => str_contains($step->text, 'across the fold'));
            self::assertCount(1, $steps);
            $step = array_values($steps)[0]->number;
            foreach ($pages[$nth]->marks as $mark) {
                if ($mark instanceof Words && $mark->step === $step) {
                    self::assertSame(0, $mark->x % Grain::PER_BOX, 'a letter begins on a dot');
                    self::assertSame(0, $mark->wide % Grain::PER_BOX, 'and has whole boxes');
                    self::assertTrue($mark->x >= 0 && $mark->x + $mark->wide <= $across * Grain::PER_BOX, 'none is on the fold');
                    self::assertSame(Align::Middle, $mark->align);
                    $letters[$nth * $across * Grain::PER_BOX + $mark->x] = $mark->text;
                }
            }
        }
        ksort($letters);

        return array_values($letters);
    }

    public function testTheFoldIsWhereThePartsAreParted(): void
    {
        $laid = self::laid(Books::a5(), 'books-read', 'Goals 2027', ['title_at' => 'fold']);
        $says = array_map(
            static fn (PageDrawing $page): string => array_values(array_filter(
                array_map(static fn (Step $step): string => $step->text, $page->steps),
                static fn (string $text): bool => str_contains($text, 'fold'),
            ))[0],
            $laid->drawings(),
        );
        self::assertSame([
            'Write the title “Goals 2027” across the fold: on this page “Goals”, a letter in 2 boxes, from 12 across; the last ends 1 box '
                .'from the fold.',
            'Write the title “Goals 2027” across the fold: on this page “2027”, a letter in 2 boxes, from 1 across; the first begins 1 box '
                .'from the fold.',
        ], $says);
    }

    public function testWhereThereIsNoFoldItSaysSo(): void
    {
        foreach ([
            ['gratitude', 'Gratitude', 'this takes one page.'],
            ['books-read', 'كتب', 'it has letters that join'],
            ['books-read', str_repeat('long ', 12), 'more of them than boxes.'],
            ['tabbed-lists', 'Lists', 'leaves of these pages are cut.'],
        ] as [$kind, $title, $why]) {
            self::assertNotSame([], self::says(self::laid(Books::a5(), $kind, $title, ['title_at' => 'fold']), $why), "$kind $title");
        }
    }

    /** @return list<Finding> that say so, and break nothing */
    private static function says(Laid $laid, string $words): array
    {
        return array_values(array_filter(
            array_merge(...$laid->findings),
            static fn (Finding $one): bool => !$one->broken && str_contains($one->says, $words),
        ));
    }

    /** @return list<list<Mark>> */
    private static function marks(Laid $laid): array
    {
        return array_map(static fn (PageDrawing $page): array => $page->marks, $laid->drawings());
    }

    /** @param array<string, mixed> $settings */
    private static function laid(Stock $stock, string $kind, string $title, array $settings, ?int $tall = null): Laid
    {
        $spread = new PlannedSpread('spread', $kind, Section::Back, $title, $settings);
        $plan = Books::starter($stock)->with(['spreads' => [$spread], 'dress' => new Wardrobe(all: new Dress(title: $tall))]);

        return Books::laid($plan, 'spread') ?? self::fail("There is no kind $kind.");
    }
}
