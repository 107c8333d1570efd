<?php

/* The catalogue is data: what it asks for is documented, has an answer where nothing is said, and changes what is drawn. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Fact;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Catalogue\TakesDates;
use AmpleMargin\Spread\Filling\Fillings;
use AmpleMargin\Spread\Page\IndexRow;
use AmpleMargin\Spread\Page\OwnPeriod;
use AmpleMargin\Spread\Part\HasLayouts;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\Settings;
use PHPUnit\Framework\TestCase;
use Tests\Asking;

final class CatalogueTest extends TestCase
{
    /**
     * docs/format.md names, for every kind, exactly the settings its fields ask for; "half" and "turned" are told of in one sentence
     * each.
     */
    public function testTheFormatSaysWhichSettingsEveryKindHas(): void
    {
        $format = (string) file_get_contents(\dirname(__DIR__, 2).'/docs/format.md');
        $told = [];
        preg_match_all(
            '/^\| ((?:`[a-z-]+`(?:, )?)+) \| (.+) \|$/m',
            (string) strstr((string) strstr($format, 'Settings by kind'), '| `fill` |', true),
            $rows,
            \PREG_SET_ORDER,
        );
        foreach ($rows as [, $kinds, $settings]) {
            preg_match_all('/`([a-z_]+)`/', (string) preg_replace('/\([^)]*\)/', '', $settings), $names);
            foreach (explode(', ', str_replace('`', '', $kinds)) as $kind) {
                $told[$kind] = $names[1];
            }
        }
        foreach ((new Catalogue())->spreads() as $kind) {
            $asked = array_values(array_diff(array_column($kind->fields(), 'name'), ['half', 'turned', 'in_index', 'title_at']));
            // What is drawn on a screen of its own, or chosen among layouts, is not asked for in a field.
            $elsewhere = $kind->is(Fact::DividedByHand) || 'key' === $kind->id ? ['symbols', 'row', 'parts', 'was'] : [];
            $expected = array_diff($told[$kind->id] ?? [], $elsewhere);
            // Time is told of once, for all of them.
            self::assertEqualsCanonicalizing(array_diff($expected, self::time()), array_diff($asked, self::time()), $kind->id);
        }
    }

    public function testTheFormatSaysWhichSettingsEveryFillingHas(): void
    {
        $format = (string) file_get_contents(\dirname(__DIR__, 2).'/docs/format.md');
        $table = substr($format, (int) strpos($format, '| `fill` | `settings` |'), 7_000);
        $told = [];
        preg_match_all('/^\| ((?:`[a-z-]+`(?:, )?)+) \| (.+) \|$/m', $table, $rows, \PREG_SET_ORDER);
        foreach ($rows as [, $fills, $settings]) {
            preg_match_all('/`([a-z_]+)`/', (string) preg_replace('/\([^)]*\)/', '', $settings), $names);
            foreach (explode(', ', str_replace('`', '', $fills)) as $fill) {
                $told[$fill] = $names[1];
            }
        }
        foreach (Fillings::all() as $word => $filling) {
            $asked = array_filter($filling->fields(), static fn (Field $field): bool => $field->isAsked());
            self::assertEqualsCanonicalizing(
                array_diff(array_column($asked, 'name'), self::time()),
                array_diff($told[$word] ?? ['nothing told'], self::time()),
                $word,
            );
        }
    }

    public function testTheFormatSaysWhatIsAskedOfTime(): void
    {
        $format = (string) file_get_contents(\dirname(__DIR__, 2).'/docs/format.md');
        $time = (string) strstr((string) strstr($format, '**Time** is said alike'), "\n", true);
        foreach (OwnPeriod::fields() as $name => $field) {
            self::assertStringContainsString("`$name`", $time);
            foreach (array_diff(array_column($field->describe()['choices'], 0), ['usual', 'book']) as $value) {
                self::assertStringContainsString("`$value`", $time, $name);
            }
        }
    }

    /** @return list<string> */
    private static function time(): array
    {
        return array_keys(OwnPeriod::fields());
    }

    /** Each kind is listed under its own id, and what takes dates is the first that does. */
    public function testEveryKindIsFoundByItsId(): void
    {
        $catalogue = new Catalogue();
        $first = [];
        foreach ([...$catalogue->spreads(), ...$catalogue->monthParts()] as $kind) {
            self::assertSame($kind, $catalogue->kind($kind->id), $kind->id);
            $takes = $kind->takesIn([]);
            if (null !== $kind->section && null !== $takes) {
                $first[$takes->value] ??= $kind->id;
            }
        }
        foreach (TakesDates::cases() as $takes) {
            self::assertSame($first[$takes->value] ?? null, $catalogue->taking($takes)?->id, $takes->value);
        }
    }

    public function testEveryFieldMakesSenseByItself(): void
    {
        foreach ([...(new Catalogue())->spreads(), ...(new Catalogue())->monthParts()] as $kind) {
            $fields = array_column($kind->fields(), null, 'name');
            self::assertCount(\count($kind->fields()), $fields, "$kind->id asks for nothing twice");
            foreach ($kind->fields() as $field) {
                $about = "$kind->id, $field->name";
                self::assertNotSame('', $field->label, $about);
                self::assertSame('choice' === $field->type(), [] !== $field->describe()['choices'], $about);
                $choices = array_column($field->describe()['choices'], 0);
                self::assertCount(\count($choices), array_unique($choices), $about);
                self::assertNull(
                    $field->wrong('choice' === $field->type() ? $choices[0] : $field->usual() ?? Asking::value($field)),
                    "$about: the usual value makes sense",
                );
                self::assertLessThanOrEqual($field->describe()['most'], $field->describe()['least'], $about);
                foreach ($field->conditions() as $other => $values) {
                    self::assertArrayHasKey($other, $fields, $about);
                    self::assertSame([], array_diff($values, array_column($fields[$other]->describe()['choices'], 0)), $about);
                }
            }
            foreach ($kind->settings->defaults as $name => $value) {
                self::assertArrayHasKey($name, $fields, "$kind->id has a default for a setting it does not ask for");
                self::assertNull($fields[$name]->wrong($value), "$kind->id: $name");
            }
        }
    }

    /** A choice that changes nothing would be a setting that lies: each value of each draws something of its own. */
    public function testEveryChoiceChangesWhatIsDrawn(): void
    {
        $checked = 0;
        foreach ((new Catalogue())->spreads() as $kind) {
            foreach ($kind->fields() as $field) {
                // Known dates are written in by the book: DatesOnPaperTest.
                if ('choice' !== $field->type() || \in_array($field->name, ['week_start', 'dates'], true)) {
                    continue;
                }
                $settings = ['from' => '2027-01'];
                foreach ($field->conditions() as $other => $values) {
                    $settings[$other] = 'line' === $field->name && \in_array('notes', $values, true) ? 'notes' : $values[0];
                }
                $drawn = [];
                foreach ($field->describe()['choices'] as [$value]) {
                    // As is usual is one of the others.
                    if (\in_array($value, ['', 'usual'], true)) {
                        continue;
                    }
                    $drawn[$value] = $this->marks($kind, [$field->name => $value] + $settings);
                }
                // Letters "as they fit" are letters in every block on a page with room for them; a category's lines are its rows.
                // Nothing is dressed here, so a title stands left; across the fold, and in the middle, where it can:
                // TitleAcrossTheFoldTest, VariationsTest.
                // In a year such as 2027 the same weeks begin in it and have most of their days in it: OwnTimeTest.
                // Where a verse stands matters where there is one: VariationsTest.
                $alike = [
                    'letters' => ['block'],
                    'which_weeks' => ['most'],
                    'title_at' => ['left', 'fold', 'centre'],
                    'verse_at' => ['over'],
                ][$field->name] ?? [];
                foreach ($drawn as $value => $marks) {
                    foreach ($drawn as $other => $others) {
                        self::assertTrue(
                            $value === $other
                                || \in_array((string) $value, $alike, true)
                                || \in_array((string) $other, $alike, true)
                                || $marks !== $others,
                            "$kind->id: $field->name $value and $other are the same",
                        );
                    }
                }
                ++$checked;
            }
        }
        self::assertGreaterThan(15, $checked);
    }

    public function testEveryLayoutHasANameOfItsOwnAndSettingsOfItsKind(): void
    {
        foreach ((new Catalogue())->spreads() as $kind) {
            if (!$kind->form instanceof HasLayouts) {
                continue;
            }
            $layouts = $kind->form->layouts(Asking::of($kind, [], 34, 50));
            self::assertGreaterThanOrEqual(3, \count($layouts), $kind->id);
            self::assertCount(\count($layouts), array_unique(array_column($layouts, 'name')), $kind->id);
            foreach ($layouts as $layout) {
                self::assertSame(
                    [],
                    array_diff(array_keys($layout->settings), [...array_column($kind->fields(), 'name'), 'row']),
                    "$kind->id: $layout->name",
                );
            }
        }
    }

    /** @param array<string, mixed> $settings */
    private function marks(Kind $kind, array $settings): string
    {
        $index = array_map(static fn (int $i): IndexRow => new IndexRow("Entry $i", (string) $i), range(1, 12));

        return serialize(array_map(
            static fn (PageDrawing $page): array => [$page->marks, $page->rooms, $page->findings],
            $kind->form->layOut(Asking::of($kind, $settings, 34, 50)->reading($index))->drawings(),
        ));
    }
}
