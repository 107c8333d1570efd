<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Book\Composer;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Editing\Edits;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanWriter;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\OfParts;
use AmpleMargin\Spread\Setting\ChoiceField;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\Settings;
use PHPUnit\Framework\TestCase;
use Tests\Books;

/** Every part of every kind can be set for one spread alone, whatever its kind asks for. */
final class OfPartsTest extends TestCase
{
    public function testWhatIsSaidOfAPartIsDrawnAndTakenBack(): void
    {
        $plan = self::with('mood');
        [$part, $field] = self::closed(
            $plan,
            'mood',
            static fn (Field $field): bool => 'line' === $field->name || ($field instanceof ChoiceField && 'stands' !== $field->name),
        );
        $before = Books::pagesOf($plan, 'mood');
        $set = self::set($plan, 'mood', $part, [$field->name => self::other($plan, 'mood', $part, $field)]);
        self::assertNotEquals($before, Books::pagesOf($set, 'mood'), "$part: $field->name");
        $back = self::set($set, 'mood', $part, [$field->name => null]);
        self::assertEquals($before, Books::pagesOf($back, 'mood'));
        self::assertSame(Books::files()->write($plan), Books::files()->write($back), 'nothing is left in the plan');
    }

    /** In a month's pattern too, for all its months. */
    public function testAPartOfAMonthsPatternHasSettingsOfItsOwn(): void
    {
        $plan = Books::starter();
        $before = Composer::compose($plan);
        $pattern = $plan->months->patternOf($plan->period->start);
        $nth = array_search('month-calendar', array_map(static fn ($part): string => $part->kind, $pattern->parts), true);
        self::assertIsInt($nth);
        $parts = OfParts::of($before->partsOfMonth($pattern->parts[$nth])->parting() ?? self::fail());
        self::assertArrayHasKey('notes_named', $parts['month in cells']->known());
        $written = PlanWriter::pattern($pattern);
        $written['parts'][$nth]['settings'] = ['of_parts' => ['month in cells' => ['notes_named' => 'Keel']]];
        $after = Composer::compose(Books::edited($plan, [['type' => 'set-pattern', 'pattern' => $written]]));
        $said = static fn ($book): int => array_sum(array_map(
            static fn (int $page): int => substr_count((string) json_encode($book->drawing($page), \JSON_UNESCAPED_UNICODE), '"Keel"'),
            range(1, $book->plan->stock->pages),
        ));
        self::assertSame(0, $said($before));
        self::assertSame(12, $said($after), 'a month each');
    }

    /** Each setting of each part of each kind, put to another value: the spread is drawn, or says why not, and the file reads back. */
    public function testEverySettingOfEveryPartOfEveryKind(): void
    {
        $seen = $drawn = 0;
        foreach ((new Catalogue())->spreads() as $kind) {
            $plan = self::with($kind->id);
            $spread = $plan->spreads[\count($plan->spreads) - 1]->id;
            foreach (self::parts($plan, $spread) as $part => $leaf) {
                foreach ($leaf->known() as $field) {
                    if (!$field instanceof ChoiceField || \in_array($field->name, $leaf->open, true)) {
                        continue;
                    }
                    $set = self::set($plan, $spread, (string) $part, [$field->name => self::other($plan, $spread, (string) $part, $field)]);
                    $read = Books::files()->read(Books::files()->write($set))[0];
                    $pages = Books::pagesOf($read, $spread);
                    self::assertNotSame([], $pages, "$kind->id, $part: $field->name");
                    ++$seen;
                    $drawn += self::said($pages) === self::said(Books::pagesOf($plan, $spread)) ? 0 : 1;
                }
            }
        }
        self::assertGreaterThan(150, $seen);
        self::assertGreaterThan($seen / 4, $drawn, "$drawn of $seen are seen as they are said: the others matter with another setting");
    }

    /** What a page is asked for as a whole is said of the page, so that it is never said twice. */
    public function testWhatThePageIsAskedIsSaidOfThePage(): void
    {
        $plan = self::with('mood');
        foreach (self::parts($plan, 'mood') as $part => $leaf) {
            foreach ($leaf->open as $as => $name) {
                $set = self::set($plan, 'mood', (string) $part, [$name => $leaf->known()[$name] instanceof ChoiceField ? self::other($plan, 'mood', (string) $part, $leaf->known()[$name]) : null]);
                self::assertArrayNotHasKey(Settings::OF_PARTS, $set->spread('mood')->settings ?? [], "$part: $as");
            }
        }
    }

    public function testWhatMakesNoSenseIsRefusedWithItsPlace(): void
    {
        $plan = self::with('mood');
        [$part, $field] = self::closed($plan, 'mood', static fn (Field $field): bool => $field instanceof ChoiceField);
        foreach ([
            ['nowhere', ['line' => '1'], 'edit/part', 'It has: '],
            [$part, ['soup' => 1], 'edit/settings', '“soup” is no setting'],
            [$part, [$field->name => ['no']], "edit/settings/$field->name", ''],
        ] as [$of, $settings, $at, $says]) {
            try {
                self::set($plan, 'mood', $of, $settings);
                self::fail("$of was accepted.");
            } catch (PlanProblem $problem) {
                self::assertSame($at, $problem->field);
                self::assertStringContainsString($says, $problem->getMessage());
            }
        }
    }

    /** In a file that somebody wrote by hand it is kept, counts as not given, and is said with a way back. */
    public function testWhatMakesNoSenseInAFileIsAFinding(): void
    {
        $plan = self::with('mood');
        [$part, $field] = self::closed($plan, 'mood', static fn (Field $field): bool => $field instanceof ChoiceField);
        $spread = $plan->spread('mood') ?? self::fail('It was added.');
        $odd = $plan->with(['spreads' => [$spread->with(['settings' => [Settings::OF_PARTS => [$part => [$field->name => 'soup']]]])]]);
        self::assertEquals(Books::pagesOf($plan, 'mood'), Books::pagesOf($odd, 'mood'));
        $found = array_values(array_filter(Composer::compose($odd)->findings(), static fn ($one): bool => str_contains($one->says, 'Until then')));
        self::assertCount(1, $found);
        $mended = Edits::apply($odd, $found[0]->offers[0]->edit)->plan;
        self::assertSame([], $mended->spread('mood')->settings ?? null);
    }

    /** On a page that a person divided it stands with its parts, so that nothing is said in two places. */
    public function testOfADividedPageItIsSaidOfItsParts(): void
    {
        $plan = Books::edited(Books::starter(), [['type' => 'add-spread', 'kind' => 'page-of-parts']]);
        $set = self::set($plan, 'page-of-parts', 'lines', ['line' => '2']);
        $settings = $set->spread('page-of-parts')->settings ?? [];
        self::assertArrayNotHasKey(Settings::OF_PARTS, $settings);
        self::assertStringContainsString('"line":"2"', (string) json_encode($settings));
    }

    /** Divided afterwards, a page keeps what was said of its parts. */
    public function testAPageThatIsDividedKeepsWhatWasSaidOfItsParts(): void
    {
        $plan = self::with('mood');
        [$part, $field] = self::closed($plan, 'mood', static fn (Field $field): bool => $field instanceof ChoiceField);
        $set = self::set($plan, 'mood', $part, [$field->name => self::other($plan, 'mood', $part, $field)]);
        $at = Composer::compose($set)->partsOf($set->spread('mood') ?? self::fail())->placed()?->leaves[0]->path;
        $divided = Books::edited($set, [['type' => 'part-page', 'spread' => 'mood', 'at' => $at, 'do' => 'set', 'settings' => []]]);
        self::assertSame(
            array_map(static fn (PageDrawing $page): array => $page->marks, Books::pagesOf($set, 'mood'))[0][0]::class,
            array_map(static fn (PageDrawing $page): array => $page->marks, Books::pagesOf($divided, 'mood'))[0][0]::class,
        );
        self::assertArrayNotHasKey(Settings::OF_PARTS, $divided->spread('mood')->settings ?? []);
        self::assertStringContainsString("\"$field->name\"", (string) json_encode($divided->spread('mood')->settings ?? []));
    }

    private static function with(string $kind): Plan
    {
        return Books::edited(Books::starter()->with(['spreads' => []]), [['type' => 'add-spread', 'kind' => $kind]]);
    }

    /** @param array<string, mixed> $settings */
    private static function set(Plan $plan, string $spread, string $part, array $settings): Plan
    {
        return Books::edited($plan, [['type' => 'set-part', 'spread' => $spread, 'part' => $part, 'settings' => $settings]]);
    }

    /** @return array<string, FilledPart> */
    private static function parts(Plan $plan, string $spread): array
    {
        return OfParts::of(Composer::compose($plan)->partsOf($plan->spread($spread) ?? self::fail("$spread"))->parting() ?? self::fail("$spread"));
    }

    /**
     * A setting the page is not asked for.
     *
     * @param \Closure(Field): bool $is
     *
     * @return array{string, Field}
     */
    private static function closed(Plan $plan, string $spread, \Closure $is): array
    {
        foreach (self::parts($plan, $spread) as $part => $leaf) {
            foreach ($leaf->known() as $field) {
                if ($field->isAsked() && $is($field) && !\in_array($field->name, $leaf->open, true)) {
                    return [(string) $part, $field];
                }
            }
        }
        self::fail('Every setting is asked of the page.');
    }

    /** Another value than it has. */
    private static function other(Plan $plan, string $spread, string $part, Field $field): string
    {
        $leaf = self::parts($plan, $spread)[$part];
        $now = (new Settings($leaf->settings, $leaf->known()))->isAsked($field->name) ? ($leaf->settings[$field->name] ?? null) : null;
        $choices = array_map(static fn (array $one): string => (string) $one[0], $field->describe()['choices']);

        return array_values(array_filter($choices, static fn (string $one): bool => $one !== (string) ($now ?? $choices[0])))[0];
    }

    /** @param list<PageDrawing> $pages */
    private static function said(array $pages): string
    {
        return serialize(array_map(static fn (PageDrawing $page): array => [$page->marks, array_column($page->findings, 'says')], $pages));
    }
}
