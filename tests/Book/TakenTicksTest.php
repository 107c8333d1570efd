<?php

declare(strict_types=1);

namespace Tests\Book;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Book\SlotKind;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Line;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\TakenSplit;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class TakenTicksTest extends TestCase
{
    private const SPLIT = [
        'type' => 'take-split',
        'on' => 'goals-by-area',
        'edge' => 'top',
        'x' => 2,
        'y' => 5,
        'wide' => 20,
        'tall' => 8,
        'parts' => 3,
        'gap' => 1,
        'policy' => 'outside',
    ];

    /** 20 in 3 with gaps of 1: 6, 6, 6; ticks at both ends of the region, so that a ruler can be laid from tick to tick. */
    public function testTicksStandAtBothEndsOfTheirRegionBeforeEverythingElse(): void
    {
        $book = $this->book([self::SPLIT]);
        $drawing = $book->drawing($book->pageOf('goals-by-area') ?? 0) ?? self::fail();
        $ticks = array_values(array_filter($drawing->marks, static fn (Mark $mark): bool => $mark instanceof Line && 1 === $mark->step));
        $at = static fn (Mark $mark): array => [$mark->x / Grain::PER_BOX, $mark->y / Grain::PER_BOX, $mark->tall / Grain::PER_BOX];
        $expected = [];
        foreach ([2, 8, 9, 15, 16, 22] as $x) {
            array_push($expected, [$x, 5, 0.5], [$x, 12.5, 0.5]);
        }
        self::assertEquals($expected, array_map($at, $ticks));
        self::assertSame(
            [Layer::Pencil],
            array_values(array_unique(array_map(static fn (Mark $mark): Layer => $mark->layer, $ticks), \SORT_REGULAR)),
        );
        self::assertSame(range(1, \count($drawing->steps)), array_column($drawing->steps, 'number'));
        $plain = Composer::compose(Books::starter());
        $before = $plain->drawing($plain->pageOf('goals-by-area') ?? 0) ?? self::fail();
        self::assertSame(
            array_column($before->steps, 'key'),
            array_column(\array_slice($drawing->steps, 1), 'key'),
            'what was ticked off stays ticked off',
        );
        self::assertSame(\count($before->marks) + 12, \count($drawing->marks));
        foreach ($before->marks as $i => $mark) {
            self::assertSame($mark->step + 1, $drawing->marks[12 + $i]->step);
        }
    }

    public function testTicksOfTheSecondPageComeAfterTheStepsOfTheFirst(): void
    {
        $book = $this->book([['on' => 'future-log', 'nth' => 1] + self::SPLIT, ['on' => 'future-log', 'nth' => 0] + self::SPLIT]);
        $page = $book->pageOf('future-log') ?? 0;
        $numbers = [
            ...array_column($book->drawing($page)->steps ?? [], 'number'),
            ...array_column($book->drawing($page + 1)->steps ?? [], 'number'),
        ];
        self::assertSame(range(1, \count($numbers)), $numbers);
    }

    public function testAnEmptyPageMayBeTickedToo(): void
    {
        $plain = Composer::compose(Books::starter());
        $spare = array_key_first(array_filter(
            $plain->slots,
            static fn ($slot): bool => SlotKind::Spare === $slot->is,
        )) ?? self::fail('This book has no spare page.');
        $book = $this->book([['on' => "page-$spare"] + self::SPLIT]);
        self::assertSame(SlotKind::Spare, $book->slot($spare)->is);
        self::assertCount(1, $book->drawing($spare)->steps ?? []);
        self::assertNull($plain->drawing($spare));
    }

    public function testTicksThatNoLongerFitAreSaidAndLeftOut(): void
    {
        $smaller = [
            'type' => 'set-stock',
            'stock' => [
                'width' => 105,
                'height' => 148,
                'pitch' => 5,
                'across' => 17,
                'down' => 26,
                'pages' => 192,
                'first_leaf' => 'ordinary',
            ],
        ];
        $plan = Books::edited(Books::starter(), [self::SPLIT, $smaller]);
        $findings = array_values(array_filter(
            Composer::compose($plan)->findings(),
            static fn ($finding): bool => str_contains($finding->says, 'was taken into a region'),
        ));
        self::assertSame(
            'A split of 20 boxes was taken into a region of 20 × 8 boxes at 2, 5; it is not on this page of 17 × 26 any more.',
            $findings[0]->says,
        );
        $after = Books::edited($plan, [$findings[0]->offers[0]->edit]);
        self::assertSame([], $after->taken);
    }

    public function testTheBestGapIsFoundAnewOnAnotherPaper(): void
    {
        $plan = Books::edited(Books::starter(), [['wide' => 26, 'x' => 0, 'gap' => null] + self::SPLIT]);
        self::assertSame('8, skip 1, 8, skip 1, 8', $plan->taken[0]->splitting->of($plan->taken[0]->side())?->run());
        $with = new TakenSplit('taken-1', 'quote', 0, false, 0, 0, 31, 10, $plan->taken[0]->splitting);
        self::assertSame('9, skip 2, 9, skip 2, 9', $with->splitting->of(31)?->run());
    }

    public function testTicksGoWithTheirSpreadAndKeepTheirNumbers(): void
    {
        $plan = Books::edited(
            Books::starter(),
            [self::SPLIT, ['on' => 'quote'] + self::SPLIT, ['on' => 'key'] + self::SPLIT, ['type' => 'drop-split', 'taken' => 'taken-1']],
        );
        self::assertSame(
            [['taken-1', 'quote'], ['taken-2', 'key']],
            array_map(static fn (TakenSplit $one): array => [$one->id, $one->on], $plan->taken),
        );
        self::assertSame(['key'], array_column(Books::edited($plan, [['type' => 'remove-spread', 'spread' => 'quote']])->taken, 'on'));
    }

    public function testASchoolWithoutAnAnswerIsNotTaken(): void
    {
        $this->expectException(PlanProblem::class);
        $this->expectExceptionMessage('This school has no answer for this side: choose another, or another gap.');
        Books::edited(Books::starter(), [['parts' => 2, 'gap' => 0, 'wide' => 19, 'policy' => 'into-parts'] + self::SPLIT]);
    }

    /** @param list<array<string, mixed>> $edits */
    private function book(array $edits): Book
    {
        return Composer::compose(Books::edited(Books::starter(), $edits));
    }
}
