<?php

/* A field reads, checks and describes a setting; what is known and wrong is said, what is unknown is kept. */

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Book\Composer;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\Settings;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Asking;
use Tests\Books;

final class SettingsTest extends TestCase
{
    /** @return iterable<string, array{Field, list<mixed>, list<mixed>}> a field, values that are right, values that are wrong */
    public static function fields(): iterable
    {
        yield 'a count' => [Field::count('n', 'Pages', 1, 12), [1, 12], [0, 13, '3', 2.0, true, [3]]];
        yield 'counts' => [Field::counts('n', 'Divisors', 2, 12, [2]), [[], [2, 3, 12]], [[1], [2, 13], ['2'], 2, '2, 3']];
        yield 'a choice' => [Field::choice('n', 'Drawn as', ['grid' => 'cells', '2' => 'two']), ['grid', '2'], ['gird', 2, '', true, []]];
        yield 'boxes' => [Field::boxes('n', 'Line'), ['1', '1.5', '2', 1, 1.5, 2], ['3', 3, '1.25', 0, -1, true, []]];
        yield 'up to three boxes' => [Field::boxes('n', 'Line', three: true), ['3', 3], ['4', 4]];
        yield 'text' => [Field::text('n', 'Title'), ['', 'a', '7'], [7, true, []]];
        yield 'lines' => [Field::lines('n', 'Items'), [[], ['a', '']], ['a', [1], [['a']]]];
        yield 'a flag' => [Field::flag('n', 'Ruled', true), [true, false], [1, 'yes', 0, []]];
        yield 'a month' => [Field::month('n', 'First month'), ['2027-05'], ['2027-13', '2027-5', 'May', 202705, []]];
    }

    /**
     * @param list<mixed> $right
     * @param list<mixed> $wrong
     */
    #[DataProvider('fields')]
    public function testAFieldSaysWhatIsWrongWithAValueAndTakesTheOthers(Field $field, array $right, array $wrong): void
    {
        foreach ($right as $value) {
            self::assertSame([], (new Settings(['n' => $value], [$field]))->wrong(), (string) json_encode($value));
        }
        foreach ($wrong as $value) {
            $said = (new Settings(['n' => $value], [$field]))->wrong();
            self::assertStringContainsString("“{$field->label}”", $said['n'] ?? '', (string) json_encode($value));
        }
        self::assertSame([], (new Settings(['n' => null, 'other' => $wrong], [$field]))->wrong(), 'not given, and unknown');
    }

    /** What a field says of itself as JSON Schema and what it takes are the same, for right values and wrong ones. */
    public function testTheSchemaOfAKindTakesWhatItsFieldsTake(): void
    {
        $checked = 0;
        foreach ([...(new Catalogue())->spreads(), ...(new Catalogue())->monthParts()] as $kind) {
            $schema = json_decode((string) json_encode($kind->schema()));
            foreach ($kind->fields() as $field) {
                foreach ([Asking::value($field), -7, 3, 1.5, 'gird', '2027-05', '1.5', true, [], [2, 3], [99], ['a'], [[1]]] as $value) {
                    $wrong = $kind->settings([$field->name => $value])->wrong();
                    $valid = (new Validator())->validate(json_decode((string) json_encode((object) [$field->name => $value])), $schema)->isValid();
                    self::assertSame([] === $wrong, $valid, "$kind->id, $field->name: ".json_encode($value));
                    ++$checked;
                }
            }
            self::assertTrue((new Validator())->validate((object) ['from a newer program' => 1], $schema)->isValid());
        }
        self::assertGreaterThan(1_000, $checked);
    }

    public function testAWrongValueCountsAsNotGiven(): void
    {
        $settings = new Settings(
            ['pages' => 99, 'line' => '7', 'way' => 'gird', 'ruled' => 'yes', 'items' => 'one', 'by' => [1, 2, 13]],
            [
                Field::count('pages', 'Pages', 1, 12, 4),
                Field::boxes('line', 'Line', '1.5'),
                Field::choice('way', 'Way', ['grid' => 'cells', 'lines' => 'lines']),
                Field::flag('ruled', 'Ruled', true),
                Field::lines('items', 'Items', ['Tea']),
                Field::counts('by', 'By', 2, 12, [6]),
            ],
        );
        self::assertSame(4, $settings->count('pages'));
        self::assertSame('1½', (string) $settings->boxes('line'));
        self::assertSame('grid', $settings->choice('way'));
        self::assertTrue($settings->flag('ruled'));
        self::assertSame(['Tea'], $settings->lines('items'));
        self::assertSame([2], $settings->counts('by'), 'those that make sense');
        self::assertCount(6, $settings->wrong());
    }

    public function testASettingIsReadOnlyWhileItIsAskedFor(): void
    {
        $fields = [
            Field::choice('way', 'Way', ['a' => 'a', 'b' => 'b']),
            Field::choice('legend', 'Legend', ['book' => 'book', 'own' => 'own'])->when('way', ['b']),
            Field::count('names', 'Names', 1, 9, 1)->when('legend', ['own']),
        ];
        $asked = static fn (array $values): int => (new Settings($values + ['names' => 5], $fields))->count('names');
        self::assertSame(5, $asked(['way' => 'b', 'legend' => 'own']));
        self::assertSame(1, $asked(['way' => 'b']), 'the legend is the book’s');
        self::assertSame(1, $asked(['legend' => 'own']), 'there is no legend this way');
    }

    public function testABookSaysWhichOfItsSettingsAreWrongAndOffersToPutThemBack(): void
    {
        $plan = Books::edited(Books::starter(), [
            ['type' => 'add-spread', 'kind' => 'notes', 'settings' => ['pages' => 99, 'ruled' => false, 'from-a-newer-program' => [1]]],
            ['type' => 'set-pattern', 'pattern' => [
                'id' => 'plain',
                'name' => 'Plain',
                'parts' => [
                    ['kind' => 'month-calendar', 'pages' => 2, 'settings' => ['cells' => 'round']],
                    ['kind' => 'weeks', 'pages' => 0],
                ],
            ]],
        ]);
        $spread = $plan->spreads[\count($plan->spreads) - 1];
        [$pages, $cells] = self::about($plan, 'not given');
        self::assertSame($spread->id, $pages->about);
        self::assertSame('“Pages” is “99”: a whole number from 1 to 12 is meant. Until then it counts as not given.', $pages->says);
        self::assertFalse($pages->broken);
        self::assertSame(
            'In the pattern “Plain”, Calendar: “Drawn as” is “round”; it can be: grid, lines. Until then it counts as not given.',
            $cells->says,
        );
        $mended = Books::edited($plan, [$pages->offers[0]->edit]);
        self::assertCount(1, self::about($mended, 'not given'));
        self::assertSame([1], $mended->spread($spread->id)?->settings['from-a-newer-program']);
    }

    /** @return list<Finding> */
    private static function about(Plan $plan, string $words): array
    {
        return array_values(array_filter(
            Composer::compose($plan)->findings(),
            static fn (Finding $finding): bool => str_contains($finding->says, $words),
        ));
    }
}
