<?php

/* The catalogue is data: what it asks for is documented, has an answer where nothing is said, and changes what is drawn. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Colour\Palette;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Spread\Catalogue;
use AmpleMargin\Spread\Field;
use AmpleMargin\Spread\HasLayouts;
use AmpleMargin\Spread\IndexRow;
use AmpleMargin\Spread\Kind;
use AmpleMargin\Spread\Request;
use AmpleMargin\Spread\Settings;
use PHPUnit\Framework\TestCase;

final class CatalogueTest extends TestCase
{
    /** docs/format.md names, for every kind, exactly the settings its fields ask for; "half" is told of in one sentence. */
    public function testTheFormatSaysWhichSettingsEveryKindHas(): void
    {
        $format = (string) file_get_contents(\dirname(__DIR__, 2).'/docs/format.md');
        $told = [];
        preg_match_all(
            '/^\| ((?:`[a-z-]+`(?:, )?)+) \| (.+) \|$/m',
            substr($format, (int) strpos($format, 'Settings by kind'), 4000),
            $rows,
            \PREG_SET_ORDER,
        );
        foreach ($rows as [, $kinds, $settings]) {
            preg_match_all('/`([a-z_]+)`/', (string) preg_replace('/\([^)]*\)/', '', $settings), $names);
            foreach (explode(', ', str_replace('`', '', $kinds)) as $kind) {
                $told[$kind] = $names[1];
            }
        }
        foreach (Catalogue::spreads() as $kind) {
            $asked = array_values(array_diff(array_column($kind->fields, 'name'), ['half']));
            // A key's symbols and rows are drawn in its designer and chosen among layouts, not asked for in a field.
            $expected = 'key' === $kind->id ? array_values(array_diff($told[$kind->id] ?? [], ['symbols', 'row'])) : $told[$kind->id] ?? [];
            self::assertEqualsCanonicalizing($expected, $asked, $kind->id);
        }
    }

    public function testEveryEditIsInTheFormat(): void
    {
        $format = (string) file_get_contents(\dirname(__DIR__, 2).'/docs/format.md');
        preg_match_all("/^ +'([a-z-]+)' => /m", (string) file_get_contents(\dirname(__DIR__, 2).'/core/Editing/Edits.php'), $edits);
        self::assertGreaterThan(15, \count($edits[1]));
        foreach ($edits[1] as $edit) {
            self::assertStringContainsString("`$edit`", $format, $edit);
        }
    }

    public function testEveryFieldMakesSenseByItself(): void
    {
        foreach ([...Catalogue::spreads(), ...Catalogue::monthParts()] as $kind) {
            $fields = array_column($kind->fields, null, 'name');
            self::assertCount(\count($kind->fields), $fields, "$kind->id asks for nothing twice");
            foreach ($kind->fields as $field) {
                $about = "$kind->id, $field->name";
                self::assertNotSame('', $field->label, $about);
                self::assertSame(Field::CHOICE === $field->type, [] !== $field->choices, $about);
                self::assertCount(\count($field->choices), array_unique(array_column($field->choices, 0)), $about);
                self::assertLessThanOrEqual($field->most, $field->least, $about);
                foreach ($field->when as $other => $values) {
                    self::assertArrayHasKey($other, $fields, $about);
                    self::assertSame([], array_diff($values, array_column($fields[$other]->choices, 0)), $about);
                }
            }
            foreach ($kind->defaults as $name => $value) {
                self::assertArrayHasKey($name, $fields, "$kind->id has a default for a setting it does not ask for");
                self::assertTrue(
                    Field::CHOICE !== $fields[$name]->type || \in_array((string) $value, array_column($fields[$name]->choices, 0), true),
                    "$kind->id: $name",
                );
            }
        }
    }

    /** A choice that changes nothing would be a setting that lies: each value of each draws something of its own. */
    public function testEveryChoiceChangesWhatIsDrawn(): void
    {
        $checked = 0;
        foreach (Catalogue::spreads() as $kind) {
            foreach ($kind->fields as $field) {
                if (Field::CHOICE !== $field->type || 'week_start' === $field->name) {
                    continue;
                }
                $settings = ['from' => '2027-01'];
                foreach ($field->when as $other => $values) {
                    $settings[$other] = 'line' === $field->name && \in_array('notes', $values, true) ? 'notes' : $values[0];
                }
                $drawn = [];
                foreach ($field->choices as [$value]) {
                    $drawn[$value] = $this->marks($kind, [$field->name => $value] + $settings);
                }
                // Letters "as they fit" are letters in every block on a page with room for them; a category's lines are its rows.
                $alike = 'letters' === $field->name ? ['block'] : [];
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
        foreach (Catalogue::spreads() as $kind) {
            if (!$kind->form instanceof HasLayouts) {
                continue;
            }
            $layouts = $kind->form->layouts($this->request($kind, []));
            self::assertGreaterThanOrEqual(3, \count($layouts), $kind->id);
            self::assertCount(\count($layouts), array_unique(array_column($layouts, 'name')), $kind->id);
            foreach ($layouts as $layout) {
                self::assertSame(
                    [],
                    array_diff(array_keys($layout->settings), [...array_column($kind->fields, 'name'), 'row']),
                    "$kind->id: $layout->name",
                );
            }
        }
    }

    /** @param array<string, mixed> $settings */
    private function marks(Kind $kind, array $settings): string
    {
        return serialize(array_map(
            static fn (PageDrawing $page): array => [$page->marks, $page->rooms, $page->findings],
            $kind->form->draw($this->request($kind, $settings)),
        ));
    }

    /** @param array<string, mixed> $settings */
    private function request(Kind $kind, array $settings): Request
    {
        $index = array_map(static fn (int $i): IndexRow => new IndexRow("Entry $i", (string) $i), range(1, 12));

        return new Request(
            'one',
            $kind->name,
            new Settings($settings + $kind->defaults),
            34,
            50,
            new Period(new Month(2027, 1), new Month(2027, 12)),
            index: $index,
            palette: Palette::usual(),
        );
    }
}
