<?php

/* An edit by chance: mostly one that makes sense of a plan, now and then nonsense; the same for the same seed. */

declare(strict_types=1);

namespace Tests;

use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Filling\Fillings;
use AmpleMargin\Spread\Page\PageGrid;
use AmpleMargin\Spread\Part\OfParts;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Setting\Field;
use PHPUnit\Framework\Assert;
use Symfony\Component\Yaml\Yaml;

final class RandomEdit
{
    /** What else a name means in some edits. */
    private const MEANS = [
        'part-page' => 'parted',
        'keep-kind' => 'parted',
        'set-key' => 'keyed',
        'remove-kind' => 'own kind',
        'set-kind' => 'own kind',
        'judge' => 'judged',
        'remove-slip' => 'slipped',
        'remove-pen' => 'penned',
        'set-evenings' => 'month count',
    ];

    /** @var array<string, list<string>>|null */
    private static ?array $described = null;

    /** @var list<Kind>|null */
    private static ?array $kinds = null;

    /** @return array<string, list<string>> what each edit takes, as the API describes it */
    public static function described(): array
    {
        if (null !== self::$described) {
            return self::$described;
        }
        $schemas = Yaml::parseFile(\dirname(__DIR__).'/docs/api/openapi.yaml')['components']['schemas'];
        $described = [];
        foreach ($schemas['Edit']['discriminator']['mapping'] as $type => $schema) {
            $of = $schemas[basename($schema)];
            Assert::assertSame($type, $of['properties']['type']['const'], $schema);
            Assert::assertSame([], array_diff($of['required'], array_keys($of['properties'])), $schema);
            $described[$type] = array_values(array_diff(array_keys($of['properties']), ['type']));
        }

        return self::$described = $described;
    }

    /** @return array<string, mixed> one that makes sense of a page: a part as deep down as there is one is divided in two */
    public static function division(Plan $plan): array
    {
        return [
            'type' => 'part-page',
            'spread' => 'page-of-parts',
            'do' => 'divide',
            'at' => self::leaf($plan),
            'way' => ['down', 'across'][mt_rand(0, 1)],
            'parts' => 2,
            'gap' => 0,
        ];
    }

    /** @return list<array<string, mixed>> what a book can be dressed in, each word of a dress once at least */
    public static function dresses(): array
    {
        return [
            ['title' => mt_rand(1, 8)],
            ['border' => mt_rand(1, 5), 'fives' => true],
            ['foot' => 6, 'line' => true],
            ['fives' => true],
            ['band' => true, 'words' => '#1f5fa8', 'lines' => '#c0392b'],
            ['place' => 'middle', 'larger' => true, 'fives' => true],
        ];
    }

    /**
     * What is said of one part of a spread, by its name, of all that what fills it can be asked.
     *
     * @return array{part: string, settings: array<string, mixed>}
     */
    private static function partSaid(Plan $plan, mixed $spread): array
    {
        $planned = \is_string($spread) ? $plan->spread($spread) : null;
        $book = null === $planned ? null : $plan->inBook($planned->book);
        $catalogue = (new Catalogue())->having($plan);
        $form = null === $planned ? null : $catalogue->kind($planned->kind)?->form;
        try {
            $parts = null === $form || null === $planned || null === $book ? [] : OfParts::of(
                $form->parting($catalogue->request($planned, $book, PageGrid::of($book->stock, $book->counting))),
            );
        } catch (PartRefused) {
            $parts = [];
        }
        $part = [] === $parts ? 'none' : (string) array_rand($parts);

        return ['part' => $part, 'settings' => isset($parts[$part]) ? self::settings(array_values($parts[$part]->known())) : []];
    }

    /**
     * A word of a spread said otherwise, by where it is kept: by name, by setting, by line.
     *
     * @return array{at: string, was: string, says: string}
     */
    private static function wordSaid(Plan $plan, mixed $spread): array
    {
        $part = self::partSaid($plan, $spread)['part'];
        $ats = ['title', "name/$part", 'page/items/0', 'page/cells/1/0', 'page/words/-', '', 'x/y'];
        array_push($ats, "part/$part/heads/0", "part/$part/items/2");
        $says = ['Focus', '', ' ', 'Ausgaben', str_repeat('länger ', 40), 'שלום', "a\nb", 'Home:', 'Title 10+', 'A → B'];

        return ['at' => $ats[array_rand($ats)], 'was' => '', 'says' => $says[array_rand($says)]];
    }

    /** A part that nothing divides yet, as deep down as there is one, of a page that is parted by hand; "" where none is. */
    private static function leaf(Plan $plan): string
    {
        foreach ($plan->spreads as $spread) {
            $piece = $spread->settings['parts'] ?? null;
            if (\is_array($piece) && 0 !== mt_rand(0, 3)) {
                for ($path = []; \is_array($piece) && [] !== ($piece['parts'] ?? []); $piece = $piece['parts'][$path[\count($path) - 1]]) {
                    $path[] = mt_rand(0, \count($piece['parts']) - 1);
                }

                return implode('.', $path);
            }
        }

        return '';
    }

    /** @return array<string, mixed> */
    public static function of(string $type, Plan $plan): array
    {
        $edit = ['type' => $type];
        foreach (self::described()[$type] as $name) {
            if (0 !== mt_rand(0, 9)) {
                $means = \in_array($name, ['spread', 'kind', 'slip', 'pen', 'months', 'edits'], true) ? self::MEANS[$type] ?? $name : $name;
                $edit[$name] = self::value($means, $plan);
            }
        }

        return match (true) {
            0 === mt_rand(0, 9) => $edit,
            'set-part' === $type => array_replace($edit, self::partSaid($plan, $edit['spread'] ?? null)),
            'set-word' === $type => array_replace($edit, self::wordSaid($plan, $edit['spread'] ?? null)),
            'set-pattern-word' === $type => array_replace($edit, [
                'pattern' => $plan->months->patterns[array_rand($plan->months->patterns)]->id,
                'part' => mt_rand(0, 3),
            ], self::wordSaid($plan, null)),
            default => $edit,
        };
    }

    private static function value(string $name, Plan $plan): mixed
    {
        $one = static fn (array $of): mixed => $of[array_rand($of)];
        if (0 === mt_rand(0, 11)) {
            return $one([null, true, -1, 0, 61, 10_000, 1.5, '', 'none such', [], ['a' => 1], [[]]]);
        }
        $ids = array_map(static fn ($spread): string => $spread->id, $plan->spreads);
        $kind = $one(self::$kinds ??= (new Catalogue())->spreads());

        return match ($name) {
            'title' => $one(['Harbour', str_repeat('Äijä ', 40), '二〇二七年', "  trim me\n"]),
            'stock' => [
                'width' => $one([148, 210]),
                'height' => 210,
                'pitch' => $one([3.7, 5, 6.35]),
                'across' => $one([26, 26, mt_rand(9, 61)]),
                'down' => $one([38, 38, mt_rand(13, 81)]),
                'pages' => $one([8, 48, 192, 400]),
                'first_leaf' => 'ordinary',
            ],
            'period' => ['start' => $one(['2027-01', '2027-07']), 'end' => $one(['2027-07', '2027-12', '2028-12', '2029-12'])],
            'weeks' => ['first' => mt_rand(0, 8)],
            'counting' => $one(['boxes', 'dots', 'beads']),
            'language' => $one(['fi', 'hi', 'zz', 'ar_EG']),
            'kind' => $one([$kind->id, $kind->id, $one(array_column($plan->kinds, 'id') ?: ['own-none'])]),
            'own' => ['id' => $one(['own-spring', 'own-a', 'b']), 'name' => $one(['Spring', 'Spring', '']), 'section' => 'goals', 'parts' => $one([['fill' => 'lines'], ['fill' => 'lines'], ['fill' => 'soup'], []])],
            'purpose' => $one([null, 'For the boat']),
            'ask' => $one([[], ['line', 'rows', 'soup'], 'line']),
            'section' => $one(['front', 'year', 'goals', 'trackers', 'back', 'attic']),
            'before', 'spread', 'with', 'faces' => $one($ids),
            // Twice as often the page that was made to be divided.
            'parted' => $one([$one($ids), ...array_filter($ids, static fn (string $id): bool => str_starts_with($id, 'page-of-parts'))]),
            'own kind' => $one(array_column($plan->kinds, 'id') ?: ['own-none']),
            'keyed' => $one([$one($ids), 'key']),
            'do' => $one(['divide', 'divide', 'join', 'swap', 'move', 'size', 'gap', 'fill', 'name', 'set', 'melt']),
            'at' => $one(['', '0', '1', '1', '1.0', '1.1', '9', 'x', self::leaf($plan), self::leaf($plan), self::leaf($plan)]),
            'part' => mt_rand(-1, 3),
            'by' => mt_rand(-9, 9),
            'leftover' => $one(['outside', 'after', 'into-gaps', 'exact']),
            'share', 'boxes' => $one([null, null, mt_rand(0, 9), 24]),
            'needed' => 0 === mt_rand(0, 3),
            'fill' => $one([...array_keys(Fillings::all()), 'soup']),
            'name' => $one([null, 'Why', 'The boat', 'Spring', str_repeat('long ', 50)]),
            'settings' => self::settings($kind->fields()),
            'pin', 'page' => mt_rand(-1, 260),
            'side' => $one(['left', 'right', 'up']),
            'medium' => $one(['bleeds', 'stamped', 'decoration', 'dry']),
            'worth' => mt_rand(0, 6),
            'pattern' => $one(['usual', ['id' => 'usual', 'name' => 'Usual', 'parts' => []]]),
            'month', 'from' => $one(['2027-03', '2027-12', '2031-01']),
            'spare' => $one(['end', 'spread', 'weights', 'burn']),
            'weights' => ['2027-03' => mt_rand(-1, 9)],
            'lost' => 0 === mt_rand(0, 1),
            'edge' => $one(['top', 'side', 'side', 'bottom']),
            'on' => $one([...$ids, 'page-17']),
            'nth' => mt_rand(0, 2),
            'ratio' => $one([[], [], [1, 2, 1]]),
            'again' => mt_rand(0, 3),
            'book' => $one(['1', '2', '2', '9']),
            'must_face', 'colours' => 0 === mt_rand(0, 1),
            'way' => $one(['earlier', 'later', 'down', 'across', 'sideways']),
            'x', 'y' => mt_rand(0, 20),
            'wide', 'tall' => mt_rand(8, 26),
            'parts' => mt_rand(0, 6),
            'gap' => $one([null, 0, 0, 1, 2, 300]),
            'policy' => $one(['outside', 'into-gaps', 'into-parts', 'exact', 'after', 'away']),
            'taken' => $one(['taken-1', 'taken-1', 'taken-2', 'a']),
            'dress' => $one([[], ['colour' => 1], ...self::dresses()]),
            'day' => $one(['12 March', '12 March', '24.12.', '31 April', '3-9 July', '1 May', '2028-02-29', '1.5.1960', 'one day']),
            'words' => $one(['Dentist', 'Sailing week', 'Choir', 'Ione', '', str_repeat('long ', 60)]),
            'is' => $one(['date', 'date', 'date', 'duty', 'duty', 'birthday', 'wedding']),
            'category' => $one([null, null, null, '', '', 'nothing']),
            'time', 'ends' => $one([null, null, '18:30', '18:30', '19:00', '25:00']),
            'repeat' => $one([null, null, null, 'FREQ=MONTHLY;INTERVAL=3', 'FREQ=DAILY', 'FREQ=SECONDLY']),
            'except', 'also' => $one([[], [], [], ['2027-03-12'], ['2027-04-01'], ['soon']]),
            'lead' => $one([0, 1, 14, 14, 60, 400]),
            'leap' => $one(['before', 'before', 'before', 'after', 'after', 'never']),
            'near', 'uid' => null,
            'until' => $one([null, null, '31.12.2028', 'never']),
            'date' => $one(array_column($plan->dates->entries, 'id') ?: ['none']),
            'dates', 'gone' => $one([[], [$one(array_column($plan->dates->entries, 'id') ?: ['none'])]]),
            'entries' => [['id' => $one(['a', 'b', 'C']), 'day' => '2027-06-01', 'words' => 'From a file']],
            'key' => $one(array_column($plan->dates->entries, 'id') ?: ['none']).'@2027-03-12',
            'as' => $one([null, 'copied', 'dropped', '2027-06', 'burnt']),
            'categories' => $one([[], [['id' => 'events', 'name' => 'Events']], [['id' => 'a']]]),
            'old' => $one([null, Olds::sample(), ['title' => 'No paper']]),
            'judged' => $one(null === $plan->old ? ['none'] : array_map(static fn (OldSpread $one): string => $one->spread->id, $plan->old->spreads)),
            'looked' => $one([null, 'often', 'never', 'always']),
            'verdict' => $one([null, 'keep', 'keep', 'drop', 'change', 'refer', 'burn']),
            'how' => $one(['', 'smaller', str_repeat('long ', 70)]),
            'took', 'filled' => $one([null, 0, 3, 31, 2_000]),
            'half' => 0 === mt_rand(0, 1),
            'items' => $one([[], [['words' => 'Varnish'], ['words' => 'Sail', 'as' => 'reached']], [['words' => '']]]),
            'missing' => $one([[], ['mood', 'gratitude'], ['none such']]),
            'months' => $one([['2027-01' => 14, '2027-02' => 0, '2027-03' => null], ['2031-01' => 4], ['2027-01' => -1]]),
            'hold' => mt_rand(0, 13),
            'note' => $one(['note-1', 'note-1', 'note-9']),
            'about' => $one([null, 'Goals', str_repeat('long ', 50)]),
            'palette' => $one([
                null,
                [['colour' => '#1f5fa8', 'means' => 'Tram'], ['colour' => '#c0392b', 'means' => 'Dates']],
                [['colour' => 'red', 'means' => '']],
            ]),
            'symbols' => [['name' => 'task', 'strokes' => [[mt_rand(0, 4), 0, 2, mt_rand(1, 5)]], 'states' => []]],
            'mixing' => $one([[], ['goals', 'trackers'], ['attic']]),
            'slip' => ['kind' => $one(['count', 'figure', 'soup']), 'on' => $one([...$ids, 'page-3']), 'nth' => mt_rand(0, 1), 'page' => mt_rand(1, 60), 'saved' => $one(['A patch', 'A patch', '']), 'mends' => [$one([
                ['is' => 'patch', 'x' => mt_rand(0, 9), 'y' => 0, 'wide' => mt_rand(1, 30), 'tall' => mt_rand(1, 50), 'say' => 'Glue it on.'],
                ['is' => 'struck', 'x' => 0, 'y' => mt_rand(0, 40), 'wide' => 9, 'tall' => 2],
                ['is' => 'banded', 'x' => 0, 'y' => 4, 'wide' => 26, 'tall' => 34, 'say' => 'Band them.'],
                ['is' => 'moved', 'x' => 0, 'y' => 0, 'wide' => 26, 'tall' => 38, 'down' => 0 === mt_rand(0, 1), 'was' => [840, 8400], 'now' => $one([[1680, 8400], [0, 0], [9000, 8400]])],
            ])]],
            'slipped' => $one(['slip-1', 'slip-1', 'slip-9']),
            'evenings' => $one([[], [['day' => '2026-12-20', 'from' => '19:00', 'minutes' => mt_rand(1, 700)]], [['day' => '2026-12-20', 'minutes' => 90], ['day' => '2026-12-20', 'from' => '20:00', 'minutes' => 5]], [['day' => 'soon']]]),
            'drawing' => $one([...$ids, '2027-01/weeks-1', 'Attic!']),
            'later', 'said' => 0 === mt_rand(0, 1),
            'evening' => $one([null, '2026-12-20T19:00', '2027-12-20T19:00']),
            'minutes' => $one([null, 1, 40, 540, 601]),
            'work' => $one([[], ['figures' => mt_rand(0, 400), 'pages' => 1], ['figures' => -1]]),
            'pen' => $one([['name' => 'Blue gel', 'sort' => 'gel', 'bleeds' => 0 === mt_rand(0, 1), 'dries' => mt_rand(0, 9), 'uses' => ['writing']], ['name' => 'Red', 'colour' => '#c8553d', 'sort' => 'alcohol', 'bleeds' => true], ['name' => '']]),
            'month count' => $one([null, 0, 1, 3, 13]),
            'edits' => $one([[], [['type' => 'set-lost', 'page' => mt_rand(1, 40)]]]),
            'penned' => $one(['pen-1', 'pen-1', 'pen-9']),
            default => null,
        };
    }

    /**
     * @param list<Field> $fields
     *
     * @return array<string, mixed>
     */
    private static function settings(array $fields): array
    {
        $values = [];
        foreach ($fields as $field) {
            $values[$field->name] = match (mt_rand(0, 2)) {
                0 => null,
                1 => [mt_rand(-5, 70), 'x', true, [1, 2], ['Line']][mt_rand(0, 4)],
                default => Asking::value($field),
            };
        }

        return $values;
    }
}
