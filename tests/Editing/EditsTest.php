<?php

declare(strict_types=1);

namespace Tests\Editing;

use AmpleMargin\Editing\Edits;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class EditsTest extends TestCase
{
    public function testSpreadsAreAddedMovedAndRemoved(): void
    {
        $plan = Books::edited(Books::starter(), [['type' => 'add-spread', 'kind' => 'quote', 'before' => 'key']]);
        self::assertSame(['name-page', 'cover', 'quote-2', 'key'], \array_slice(self::ids($plan), 0, 4));

        $plan = Books::edited($plan, [['type' => 'move-spread', 'spread' => 'quote-2', 'section' => 'goals', 'before' => null]]);
        self::assertSame('goals', $plan->spread('quote-2')?->section->value);

        $plan = Books::edited(
            $plan,
            [['type' => 'set-spread', 'spread' => 'key', 'faces' => 'quote-2'], ['type' => 'remove-spread', 'spread' => 'quote-2']],
        );
        self::assertNull($plan->spread('quote-2'));
        self::assertNull($plan->spread('key')?->faces, 'nothing faces a spread that is gone');
    }

    /** One place at a time through the whole book and back; at either end it stays. */
    public function testAShiftedSpreadGoesOnePlaceAndIntoTheNextSectionAtTheEndOfItsOwn(): void
    {
        $plan = Books::starter();
        $order = array_map(static fn (PlannedSpread $spread): string => $spread->id, $plan->inOrder());
        foreach ([
            'later' => [...range(1, \count($order) - 1), \count($order) - 1],
            'earlier' => [...range(\count($order) - 2, 0), 0],
        ] as $way => $places) {
            foreach ($places as $place) {
                $before = $plan;
                $plan = Books::edited($plan, [['type' => 'shift-spread', 'spread' => 'name-page', 'way' => $way]]);
                $now = array_map(static fn (PlannedSpread $spread): string => $spread->id, $plan->inOrder());
                $section = $plan->spread('name-page')?->section;
                $crossed = $section !== $before->spread('name-page')?->section;
                $was = array_search(
                    'name-page',
                    array_map(static fn (PlannedSpread $spread): string => $spread->id, $before->inOrder()),
                    true,
                );
                self::assertSame($crossed ? $was : $place, array_search('name-page', $now, true), "$way to $place");
                if ($crossed) {
                    // Crossing into a section takes a step of its own: the spread stands where it stood, in the other section.
                    $plan = Books::edited($plan, [['type' => 'shift-spread', 'spread' => 'name-page', 'way' => $way]]);
                }
            }
            self::assertSame('later' === $way ? 'back' : 'front', $plan->spread('name-page')?->section->value);
        }
    }

    /** Every two spreads: each stands where the other stood, the rest as they were; done twice, all is as before. */
    public function testSwappedSpreadsStandInEachOthersPlaceAndPin(): void
    {
        $plan = Books::edited(Books::starter(), [['type' => 'set-spread', 'spread' => 'key', 'pin' => 6]]);
        $order = static fn (Plan $plan): array => array_map(
            static fn (PlannedSpread $one): array => [$one->id, $one->section, $one->pin],
            $plan->inOrder(),
        );
        $was = $order($plan);
        foreach ($was as $i => [$one, $section, $pin]) {
            foreach ($was as $j => [$other, $otherSection, $otherPin]) {
                $swapped = Books::edited($plan, [['type' => 'swap-spreads', 'spread' => $one, 'with' => $other]]);
                $expected = $was;
                [$expected[$i], $expected[$j]] = [[$other, $section, $pin], [$one, $otherSection, $otherPin]];
                self::assertSame($i === $j ? $was : $expected, $order($swapped), "$one and $other");
                self::assertSame($was, $order(Books::edited($swapped, [['type' => 'swap-spreads', 'spread' => $one, 'with' => $other]])));
            }
        }
        $this->expectException(PlanProblem::class);
        Books::edited($plan, [['type' => 'swap-spreads', 'spread' => 'key', 'with' => 'gone']]);
    }

    public function testSettingsAreMergedAndNullGoesBackToTheDefault(): void
    {
        $plan = Books::edited(Books::starter(), [
            ['type' => 'set-spread', 'spread' => 'future-log', 'settings' => ['months_per_page' => 4]],
            ['type' => 'set-spread', 'spread' => 'future-log', 'settings' => ['line' => 2, 'months_per_page' => null], 'pin' => 12],
        ]);

        self::assertSame([['line' => 2], 12], [$plan->spread('future-log')?->settings, $plan->spread('future-log')?->pin]);
    }

    public function testSeveralEditsAreOne(): void
    {
        $edited = Edits::apply(
            Books::starter(),
            [
                'type' => 'several',
                'edits' => [['type' => 'set-title', 'title' => 'Boat'], ['type' => 'remove-spread', 'spread' => 'quote']],
            ],
        );

        self::assertSame(
            ['Boat', null, 'Title changed; Quote removed'],
            [$edited->plan->title, $edited->plan->spread('quote'), $edited->said],
        );
    }

    public function testAHundredEditsAreOneWithAShortName(): void
    {
        $edited = Edits::apply(
            Books::starter(),
            ['type' => 'several', 'edits' => array_fill(0, 100, ['type' => 'add-spread', 'kind' => 'goals-by-area'])],
        );

        self::assertCount(110, $edited->plan->spreads);
        self::assertLessThanOrEqual(400, mb_strlen($edited->said));
    }

    public function testAPatternIsOverriddenForAMonthAndGoesWithThePeriod(): void
    {
        $plan = Books::edited(
            Books::starter(),
            [
                ['type' => 'use-pattern', 'pattern' => 'rich', 'month' => '2027-12'],
                ['type' => 'use-pattern', 'pattern' => 'bare', 'month' => '2027-03'],
            ],
        );
        self::assertSame(['2027-03' => 'bare', '2027-12' => 'rich'], $plan->months->overrides);

        $plan = Books::edited(
            $plan,
            [
                ['type' => 'set-period', 'period' => ['start' => '2027-01', 'end' => '2027-06']],
                ['type' => 'remove-pattern', 'pattern' => 'bare'],
            ],
        );
        self::assertSame([], $plan->months->overrides);
    }

    public static function refused(): iterable
    {
        yield 'no such edit' => [['type' => 'burn'], 'edit/type'];
        yield 'an unknown kind' => [['type' => 'add-spread', 'kind' => 'star-map'], 'edit/kind'];
        yield 'a part of a month' => [['type' => 'add-spread', 'kind' => 'weeks'], 'edit/kind'];
        yield 'a spread that is gone' => [['type' => 'remove-spread', 'spread' => 'gone'], 'edit/spread'];
        yield 'a pin that is no page' => [['type' => 'set-spread', 'spread' => 'key', 'pin' => 'left'], 'edit/pin'];
        yield 'facing itself' => [['type' => 'set-spread', 'spread' => 'key', 'faces' => 'key'], 'edit/faces'];
        yield 'a stock without boxes' => [
            [
                'type' => 'set-stock',
                'stock' => ['width' => 148, 'height' => 210, 'pitch' => 5, 'across' => 0, 'down' => 38, 'pages' => 192],
            ],
            'edit/stock/across',
        ];
        yield 'a pattern of kinds that are no part of a month' => [
            ['type' => 'set-pattern', 'pattern' => ['id' => 'x', 'name' => 'X', 'parts' => [['kind' => 'key', 'pages' => 1]]]],
            'edit/pattern/parts/0/kind',
        ];
        yield 'a month outside the period' => [['type' => 'use-pattern', 'pattern' => 'rich', 'month' => '2030-01'], 'edit/month'];
        yield 'removing the shared pattern' => [['type' => 'remove-pattern', 'pattern' => 'ordinary'], 'edit/pattern'];
        yield 'an empty title' => [['type' => 'set-title', 'title' => '  '], 'edit/title'];
        yield 'a language without names' => [['type' => 'set-language', 'language' => 'tlh-XX'], 'edit/language'];
    }

    #[DataProvider('refused')]
    public function testAnEditThatCannotBeNamesItsField(array $edit, string $field): void
    {
        $plan = Books::edited(Books::starter(), [['type' => 'use-pattern', 'pattern' => 'ordinary']]);
        try {
            Edits::apply($plan, $edit);
            self::fail('It was made.');
        } catch (PlanProblem $problem) {
            self::assertSame($field, $problem->field);
        }
    }

    /** @return list<string> */
    private static function ids(Plan $plan): array
    {
        return array_map(static fn (PlannedSpread $spread): string => $spread->id, $plan->inOrder());
    }
}
