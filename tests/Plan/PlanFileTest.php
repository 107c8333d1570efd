<?php

declare(strict_types=1);

namespace Tests\Plan;

use AmpleMargin\Plan\PlanProblem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class PlanFileTest extends TestCase
{
    public function testAFileReadsBackAsTheSamePlanToTheByte(): void
    {
        $files = Books::files();
        for ($seed = 1; $seed <= 60; ++$seed) {
            $plan = Books::edited(
                Books::random($seed),
                [['type' => 'use-pattern', 'pattern' => 'rich', 'month' => Books::random($seed)->period->start->iso()]],
            );
            [$read, $ticked] = $files->read($files->file($plan, [['drawing' => 'key', 'step' => 'abc']]));
            self::assertEquals($plan, $read, "seed $seed");
            self::assertSame($files->write($plan), $files->write($read), "seed $seed");
            self::assertSame([['drawing' => 'key', 'step' => 'abc']], $ticked);
        }
    }

    /** A file as the program wrote it before hands and kinds of one's own were known: nothing of it is lost or changed. */
    public function testAFileOfVersionOneIsReadAndWrittenAsTheSecondWithNothingLost(): void
    {
        $old = (string) file_get_contents(__DIR__.'/old/version-1.plan.json');
        [$plan] = Books::files()->read($old);
        $before = json_decode($old, true);
        $after = json_decode(Books::files()->write($plan), true);
        self::assertSame([1, 2], [$before['version'], $after['version']]);
        self::assertEquals(['version' => 2] + $before, $after);
        self::assertSame(Books::files()->write($plan), Books::files()->write(Books::files()->stored($old)), 'one kept in the database too');

        $this->expectException(PlanProblem::class);
        $this->expectExceptionMessage('This plan file is of version 3; this program reads versions 1 and 2.');
        Books::files()->read(str_replace('"version": 1', '"version": 3', $old));
    }

    public function testAHandAndKindsOfOnesOwnReadBackAsTheyWere(): void
    {
        $plan = Books::edited(Books::starter(), [
            ['type' => 'set-hand', 'boxes' => 27],
            ['type' => 'add-spread', 'kind' => 'page-of-parts', 'title' => 'The boat'],
            ['type' => 'part-page', 'spread' => 'page-of-parts', 'do' => 'divide', 'at' => '1', 'way' => 'across', 'parts' => 3, 'gap' => null],
            ['type' => 'keep-kind', 'spread' => 'page-of-parts', 'name' => 'Kölin alta', 'section' => 'goals', 'ask' => ['line']],
        ]);
        self::assertSame('own-kolin-alta', $plan->kinds[0]->id);
        [$read] = Books::files()->read(Books::files()->file($plan, []));
        self::assertEquals($plan, $read);
        self::assertSame(1_350, $read->hand?->sentence, '27 boxes of 5 mm, in tenths of a mm');
    }

    public function testADressAndCutLeavesReadBackAsTheyWere(): void
    {
        $plan = Books::edited(Books::starter(), [
            ['type' => 'set-dress', 'dress' => ['title' => 5, 'larger' => true, 'pen' => '#1f5fa8']],
            ['type' => 'set-dress', 'dress' => ['place' => 'middle'], 'section' => 'months'],
            ['type' => 'set-dress', 'dress' => ['line' => true, 'band' => false], 'spread' => 'quote'],
            ['type' => 'add-spread', 'kind' => 'page-of-parts', 'title' => 'The boat'],
            ['type' => 'part-page', 'spread' => 'page-of-parts', 'do' => 'cut', 'at' => '', 'cut' => 'doors', 'settings' => ['door_strip' => 6]],
            ['type' => 'part-page', 'spread' => 'page-of-parts', 'do' => 'add-page', 'at' => ''],
        ]);
        [$read] = Books::files()->read(Books::files()->file($plan, []));
        self::assertSame(Books::files()->write($plan), Books::files()->write($read));
        self::assertSame([5, true, 'middle'], [$read->dress->ofMonths()->title, $read->dress->ofMonths()->larger, $read->dress->ofMonths()->place]);
        self::assertCount(14, Books::pagesOf($read, 'page-of-parts'));
        foreach ([['title' => 9], ['title' => 0], ['place' => 'right'], ['pen' => 'red'], ['band' => 'yes']] as $wrong) {
            try {
                Books::edited($plan, [['type' => 'set-dress', 'dress' => $wrong]]);
                self::fail('Took '.json_encode($wrong));
            } catch (PlanProblem $problem) {
                self::assertMatchesRegularExpression('/\S.*[.?]$/u', $problem->getMessage());
            }
        }
    }

    public function testPensKeysAndTakenTicksReadBackAsTheyWere(): void
    {
        $plan = Books::edited(Books::starter(), [
            ['type' => 'set-palette', 'palette' => [['colour' => '#ABCDEF', 'means' => 'choir'], ['colour' => '#102030', 'means' => '']]],
            [
                'type' => 'set-key',
                'spread' => 'key',
                'symbols' => [[
                    'name' => 'tide',
                    'strokes' => [[0, 2, 2, 0], [2, 0, 4, 2]],
                    'states' => [['name' => 'seen', 'add' => [[0, 4, 4, 4]]], ['name' => 'logged', 'add' => [[2, 0, 2, 4]], 'after' => 0]],
                ]],
                'colours' => true,
            ],
            [
                'type' => 'take-split',
                'on' => 'quote',
                'nth' => 0,
                'edge' => 'side',
                'x' => 1,
                'y' => 2,
                'wide' => 20,
                'tall' => 30,
                'parts' => 4,
                'gap' => null,
                'policy' => 'outside',
                'again' => 2,
            ],
            [
                'type' => 'take-split',
                'on' => 'page-150',
                'edge' => 'top',
                'x' => 0,
                'y' => 0,
                'wide' => 26,
                'tall' => 38,
                'ratio' => [2, 1],
                'gap' => 1,
                'policy' => 'by-ratio',
            ],
        ]);
        $files = Books::files();
        [$read] = $files->read($files->file($plan, []));
        self::assertEquals($plan, $read);
        self::assertSame($files->write($plan), $files->write($read));
        $written = json_decode($files->write($plan), true);
        self::assertSame(['#abcdef', 'choir'], array_values($written['palette'][0]));
        self::assertNull($written['taken'][0]['gap'], 'the best gap is kept as asked, and found anew on another paper');
    }

    public function testUnknownKindsAndTheirSettingsSurvive(): void
    {
        $files = Books::files();
        $plan = json_decode($files->write(Books::sample()), true);
        $plan['spreads'][] = [
            'id' => 'tides',
            'kind' => 'tide-table',
            'section' => 'year',
            'title' => 'Gezeiten',
            'settings' => ['harbour' => 'Skerrow', 'rows' => [1, 2.5, null, 'x']],
        ];
        [$read] = $files->read((string) json_encode($plan));
        $again = json_decode($files->write($read), true);

        self::assertSame(end($plan['spreads']), end($again['spreads']));
    }

    public static function refused(): iterable
    {
        $with = static fn (array $path, mixed $value): callable => static function (array $plan) use ($path, $value): string {
            $at = &$plan;
            foreach ($path as $name) {
                $at = &$at[$name];
            }
            $at = $value;

            return (string) json_encode($plan);
        };
        yield 'cut off' => [static fn (array $plan): string => substr((string) json_encode($plan), 0, 700), '', 'cut off'];
        yield 'empty' => [static fn (): string => '', '', 'empty'];
        yield 'something else' => [static fn (): string => '{"hello": 1}', 'format', 'not a plan file'];
        yield 'a list' => [static fn (): string => '[]', 'format', 'not a plan file'];
        yield 'of another version' => [$with(['version'], 7), 'version', 'version 7'];
        yield 'over 5 MB' => [static fn (): string => str_repeat(' ', 5_000_001), '', '5.1 MB'];
        yield 'no boxes' => [$with(['stock', 'across'], 0), 'stock/across', 'at least 1'];
        yield 'a count in words' => [$with(['stock', 'across'], 'many'), 'stock/across', 'whole number'];
        yield 'half a box' => [$with(['stock', 'across'], 26.5), 'stock/across', 'whole number'];
        yield 'more boxes than fit' => [$with(['stock', 'down'], 50), 'stock/down', '42 at most'];
        yield 'odd pages' => [$with(['stock', 'pages'], 191), 'stock/pages', 'even'];
        yield 'an end before the start' => [$with(['period', 'end'], '2026-12'), 'period/end', 'before it starts'];
        yield 'more than 24 months' => [$with(['period', 'end'], '2029-01'), 'period/end', '25 months'];
        yield 'no month' => [$with(['period', 'start'], '2027-13'), 'period/start', 'not a month'];
        yield 'weeks from Wednesday' => [$with(['weeks', 'first'], 3), 'weeks/first', 'Monday'];
        yield 'text beyond 10,000 letters' => [
            $with(['spreads', 0, 'title'], str_repeat('å', 10_001)),
            'spreads/0/title',
            '10,001 letters',
        ];
        yield 'two spreads of one id' => [$with(['spreads', 1, 'id'], 'name-page'), 'spreads', 'same id'];
        yield 'an unknown word' => [$with(['spreads', 1, 'colour'], 'red'), 'spreads/1', 'format'];
        yield 'an unknown pattern' => [$with(['months', 'usual'], 'none'), 'months/patterns', 'no month pattern'];
        yield 'a pen of no colour' => [$with(['palette', 0, 'colour'], '#12345'), 'palette/0/colour', 'not a colour'];
        yield 'a split into nothing' => [
            $with(
                ['taken'],
                [['on' => 'quote', 'edge' => 'top', 'x' => 0, 'y' => 0, 'wide' => 26, 'tall' => 38, 'parts' => 0, 'policy' => 'outside']],
            ),
            'taken/0/parts',
            '1 to 60 parts',
        ];
        yield 'an unknown section' => [$with(['spreads', 0, 'section'], 'middle'), 'spreads/0/section', 'front, year'];
    }

    #[DataProvider('refused')]
    public function testWhatCannotBeReadSaysWhyAndWhere(callable $file, string $field, string $words): void
    {
        $plan = json_decode(Books::files()->write(Books::sample()), true);
        try {
            Books::files()->read($file($plan));
            self::fail('It was taken.');
        } catch (PlanProblem $problem) {
            self::assertSame($field, $problem->field);
            self::assertStringContainsString($words, $problem->getMessage());
        }
    }

    public function testLongAndRightToLeftTextIsKept(): void
    {
        foreach ([str_repeat('שנה ', 2500), 'أهداف', '予定'] as $title) {
            $plan = Books::edited(Books::sample(), [['type' => 'set-spread', 'spread' => 'key', 'title' => $title]]);
            [$read] = Books::files()->read(Books::files()->file($plan, []));
            self::assertSame(trim($title), $read->spread('key')?->title);
        }
    }
}
