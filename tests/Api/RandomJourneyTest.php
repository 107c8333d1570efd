<?php

declare(strict_types=1);

namespace Tests\Api;

use AmpleMargin\Editing\Edits;
use AmpleMargin\Plan\Old\OldWriter;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Filling\Fillings;
use AmpleMargin\Spread\Setting\Field;
use Tests\Asking;
use Tests\Olds;
use Tests\Thorough;

/**
 * A long random journey through the interface's own calls: edits of every type with values right and wrong, taken back and
 * put again, in several notebooks and books. Nothing breaks, every book can be opened afterwards, and every type of edit
 * was made, not only tried.
 */
final class RandomJourneyTest extends ApiTestCase
{
    public function testEditsOfEveryTypeLeaveAShelfThatOpens(): void
    {
        mt_srand(20_270_101);
        $edits = Thorough::of(1_000, 5_000);
        $types = array_keys(Edits::types());
        $made = array_fill_keys($types, 0);
        $statuses = [];
        $books = [$this->small(), $this->call('POST', '/notebooks/sample', null, 201)];
        for ($i = 0; $i < $edits; ++$i) {
            $nth = mt_rand(0, \count($books) - 1);
            $book = $books[$nth];
            // What was made least often is tried most.
            $type = 0 === mt_rand(0, 2) ? array_search(min($made), $made, true) : $types[mt_rand(0, \count($types) - 1)];
            $edit = $this->random((string) $type, $book);
            [$status, $answer] = $this->ask(
                'POST',
                "/notebooks/{$book['id']}/edits?book={$book['book']}",
                ['version' => 0 === mt_rand(0, 40) ? $book['version'] + 1 : $book['version'], 'edit' => $edit],
            );
            $statuses[$status] = ($statuses[$status] ?? 0) + 1;
            self::assertContains($status, [200, 409, 422], "edit $i: ".json_encode($edit).' '.json_encode($answer));
            self::assertTrue(409 !== $status || isset($answer['current']), "edit $i: a stale edit is answered with the book");
            if (200 === $status) {
                $made[$type] += $answer['version'] > $book['version'] ? 1 : 0;
                $books[$nth] = $answer;
            } elseif (422 === $status) {
                self::assertMatchesRegularExpression('/\S.*[.?]$/su', $answer['detail'], "edit $i");
            }
            if (0 === $i % 20) {
                [$status, $answer] = $this->ask(
                    'POST',
                    "/notebooks/{$book['id']}/".(0 === mt_rand(0, 2) ? 'redo' : 'undo').'?book=1',
                    ['version' => $books[$nth]['version']],
                );
                self::assertSame(200, $status);
                $books[$nth] = $answer;
            }
            // A book that has grown large, or shrunk to nothing, is begun anew.
            if (\count($books[$nth]['spreads']) > 13 || 0 === $i % 400) {
                $books[$nth] = $this->small();
            }
        }
        self::assertSame([], array_filter($made, static fn (int $count): bool => $count < Thorough::of(1, 12)), 'each was made');
        self::assertGreaterThan($edits / 2, $statuses[200]);
        self::assertGreaterThan(0, $statuses[409]);
        $shelf = $this->call('GET', '/notebooks');
        self::assertSame([], $shelf['unreadable']);
        foreach ($books as $book) {
            $this->opens($book);
        }
    }

    /** @return array<string, mixed> a book of a few months, which is composed and answered in little time */
    private function small(): array
    {
        return $this->make([
            'stock' => ['width' => 148, 'height' => 210, 'pitch' => 5, 'across' => 26, 'down' => 38, 'pages' => 60],
            'period' => ['start' => '2027-03', 'end' => '2027-06'],
        ]);
    }

    /** @param array<string, mixed> $book */
    private function opens(array $book): void
    {
        foreach ([] === $book['volumes'] ? ['1'] : array_column($book['volumes'], 'book') as $volume) {
            $open = $this->call('GET', "/notebooks/{$book['id']}?book=$volume");
            for ($page = 1; $page <= \count($open['pages']); $page += 2) {
                $this->call('GET', "/notebooks/{$book['id']}/openings/$page?book=$volume");
            }
            $this->call('GET', "/notebooks/{$book['id']}/drawings?book=$volume");
        }
        $this->browser->request('GET', "/api/notebooks/{$book['id']}/plan.json");
        $this->call('POST', '/notebooks/import', (string) $this->browser->getResponse()->getContent(), 201);
    }

    /** @return array{int, array<string, mixed>} without the check against the description, which takes longer than the call */
    private function ask(string $method, string $path, array $body): array
    {
        self::getContainer()->get('doctrine.orm.entity_manager')->clear();
        $this->browser->request(
            $method,
            "/api$path",
            [],
            [],
            ['HTTP_ORIGIN' => 'http://localhost', 'CONTENT_TYPE' => 'application/json'],
            (string) json_encode($body),
        );
        $response = $this->browser->getResponse();

        return [$response->getStatusCode(), json_decode((string) $response->getContent(), true, 64, \JSON_THROW_ON_ERROR)];
    }

    /** @return array<string, mixed> */
    private function random(string $type, array $book): array
    {
        $one = static fn (array $of): mixed => $of[array_rand($of)];
        // Now and then a value that makes no sense.
        $or = static fn (mixed $value): mixed => 0 === mt_rand(0, 24) ? $one([
            null,
            true,
            -1,
            10_000,
            1.5,
            '',
            'none such',
            [],
            ['a' => 1],
            [[]],
        ]) : $value;
        $ids = [] === $book['spreads'] ? ['none'] : array_column($book['spreads'], 'id');
        $months = array_column($book['months'], 'month') ?: ['2027-01'];
        $stock = static fn (): array => [
            'width' => 148,
            'height' => 210,
            'pitch' => $one([4, 5]),
            'across' => mt_rand(16, 27),
            'down' => mt_rand(24, 39),
            'pages' => 2 * mt_rand(15, 40),
        ];
        $key = [
            [
                'name' => $one(['task', 'tide']),
                'strokes' => [[0, 2, 4, 2]],
                'states' => [['name' => 'done', 'add' => [[2, 0, 2, mt_rand(3, 4)]]]],
            ],
            ['name' => 'note', 'strokes' => [[0, 0, 4, 4], [0, 4, mt_rand(3, 4), 0]], 'states' => []],
        ];
        $keys = array_column(array_filter($book['spreads'], static fn (array $spread): bool => 'key' === $spread['kind']), 'id');
        $more = array_values(array_filter(array_column($book['volumes'], 'book'), static fn (string $id): bool => '1' !== $id)) ?: ['2'];
        $kinds = (new Catalogue())->spreads();
        $parted = array_column(array_filter(
            $book['spreads'],
            static fn (array $spread): bool => \in_array($spread['kind'], array_column($kinds, 'id'), true),
        ), 'id');
        $kind = $one((new Catalogue())->spreads());

        return ['type' => $type] + match ($type) {
            'set-title' => ['title' => $or('Harbour '.mt_rand(1, 999))],
            'set-stock' => ['stock' => $or($stock())],
            'set-period' => ['period' => $or([
                'start' => \sprintf('2027-%02d', mt_rand(1, 4)),
                'end' => \sprintf('%d-%02d', 0 === mt_rand(0, 5) ? 2028 : 2027, mt_rand(4, 8)),
            ])],
            'set-weeks' => ['weeks' => $or([
                'first' => $one([1, 6, 7]),
                'school' => $one(['split', 'folded', 'first-day', 'most-days']),
                'pages' => $one(['1', '2', '1/2']),
            ])],
            'set-counting' => ['counting' => $or($one(['boxes', 'dots']))],
            'set-language' => ['language' => $or($one(['en', 'fi', 'hi', 'ja', 'ar_EG']))],
            'add-spread' => ['kind' => $or($kind->id), 'settings' => $this->settings($kind->fields()), 'book' => $book['book']],
            'move-spread' => [
                'spread' => $or($one($ids)),
                'section' => $one(['front', 'year', 'goals', 'trackers', 'back']),
                'before' => $one([null, $one($ids)]),
            ],
            'set-spread' => $this->changes($one, $or, $ids, $book),
            'swap-spreads' => ['spread' => $or($one($ids)), 'with' => $or($one($ids))],
            'shift-spread' => ['spread' => $or($one($ids)), 'way' => $or($one(['earlier', 'later']))],
            'remove-spread' => ['spread' => $or($one($ids))],
            'set-pattern' => ['pattern' => $or([
                'id' => $one(['bare', 'mine', 'yours']),
                'name' => 'Mine '.mt_rand(1, 99),
                'parts' => [
                    ['kind' => 'month-calendar', 'pages' => mt_rand(1, 2), 'settings' => ['week_start' => $one(['1', '7'])]],
                    ['kind' => 'weeks', 'pages' => 0],
                    ['kind' => 'month-goals', 'pages' => mt_rand(0, 3)],
                ],
            ])],
            'remove-pattern' => ['pattern' => $or($one(array_column($book['patterns'], 'id')))],
            'use-pattern' => ['pattern' => $or($one(array_column($book['patterns'], 'id'))), 'month' => $one([null, $one($months)])],
            'set-spare' => ['spare' => $or($one(['end', 'even', 'weights'])), 'weights' => [$one($months) => mt_rand(0, 9)]],
            'set-used' => ['month' => $one($months), 'page' => $or($one([null, mt_rand(10, 60)]))],
            'set-lost' => ['page' => $or(mt_rand(1, 60)), 'lost' => 0 !== mt_rand(0, 2)],
            'take-split' => [
                'on' => $one([...$ids, 'page-17']),
                'nth' => 0,
                'edge' => $or($one(['top', 'side'])),
                'x' => mt_rand(0, 4),
                'y' => mt_rand(0, 4),
                'wide' => mt_rand(8, 20),
                'tall' => mt_rand(8, 30),
                'parts' => mt_rand(1, 5),
                'gap' => $one([null, 0, 1]),
                'policy' => 'outside',
            ],
            'drop-split' => ['taken' => $or($one(array_column($book['taken'], 'id') ?: ['taken-1']))],
            'set-palette' => ['palette' => $or($one([null, [['colour' => \sprintf('#%06x', mt_rand(0, 0xFFFFFF)), 'means' => 'Tram']]]))],
            'set-key' => ['spread' => $or($one($keys ?: ['key'])), 'symbols' => $or($key), 'colours' => 0 === mt_rand(0, 1)],
            'set-tray' => ['tray' => $or($one([[], ['guides:7', 'card'], ['months:1.5'], ['letters:2027', 'dummy:quarter']]))],
            'set-hand' => ['boxes' => $or($one([null, mt_rand(16, 60)]))],
            'set-dress' => [
                'dress' => $or($one([
                    [],
                    ['title' => mt_rand(1, 8), 'place' => $one(['left', 'middle'])],
                    ['larger' => true, 'band' => 0 === mt_rand(0, 1), 'line' => true, 'pen' => '#1f5fa8'],
                    ['border' => mt_rand(0, 4), 'foot' => mt_rand(0, 16)],
                ])),
            ] + $one([[], ['section' => $one(['goals', 'months'])], ['spread' => $one($ids)]]),
            'keep-kind' => [
                'spread' => $or($one($parted ?: ['page-of-parts'])),
                'name' => $or($one(['Spring', 'The boat'])),
                'section' => $one(['goals', 'back']),
                'ask' => $one([[], ['line']]),
            ],
            'add-kind' => ['own' => $or([
                'id' => $one(['own-a', 'own-b']),
                'name' => 'A',
                'section' => 'goals',
                'parts' => ['divide' => 'down', 'parts' => [['needed' => true, 'fill' => 'title'], ['fill' => 'log']]],
            ])],
            'set-kind' => ['kind' => $or($one(array_column($book['kinds'], 'kind') ?: ['own-a'])), 'name' => $one(['B', 'A', '', 'Boat'])],
            'remove-kind' => ['kind' => $or($one(array_column($book['kinds'], 'kind') ?: ['own-a']))],
            'set-part' => [
                'spread' => $or($one($ids)),
                'part' => $or($one(['lines', 'lines', 'table', 'cells', 'title', 'log'])),
                'settings' => $one([['line' => '1.5'], ['line' => '2'], ['line' => null], ['rows' => 12], ['look' => 'ruled']]),
            ],
            'set-pattern-word' => [
                'pattern' => $or($one(array_column($book['patterns'], 'id'))),
                'part' => mt_rand(0, 3),
                'at' => $or($one(['title', 'title', 'title', 'page/titled/-', 'page/items/0', 'part/month in cells/notes_named/-'])),
                'says' => $one(['Keel', 'Mast', '', str_repeat('x', 201)]),
            ],
            'set-word' => [
                'spread' => $or($one($ids)),
                'at' => $or($one(['title', 'title', 'page/items/0', 'page/words/-', 'name/lines', 'part/table/heads/0'])),
                'says' => $one(['Focus', '', 'Home:', str_repeat('x', 201)]),
            ],
            'part-page' => ['spread' => $or($one($parted ?: ['page-of-parts']))] + $this->partChange($one, $or),
            'add-date' => [
                'day' => $or($one(['12 March', '12 April', '3-9 July', '1.5.', '7 June 2027', '31 April', '2027-05', '29 February', ''])),
                'words' => $one(['Dentist', 'Sailing week with the choir along the coast', 'Ione', 'Ione', 'Dentist', '']),
                'is' => $one(['date', 'date', 'duty', 'birthday']),
                'category' => $one(['', '', '', '', 'nothing']),
                'repeat' => $one([null, null, null, 'FREQ=MONTHLY;INTERVAL=3', 'FREQ=DAILY', 'FREQ=YEARLY', 'FREQ=SECONDLY']),
                'lead' => $one([0, 0, 14, 14, 60, 400]),
            ],
            'set-date' => ['date' => $or($one(['dentist', 'dentist', 'ione', 'sailing-week-with-the-choir-al']))] + $one([
                ['day' => '14 June'], ['words' => 'Another'], ['lead' => 3, 'is' => 'duty'], ['repeat' => null], ['leap' => 'after'],
            ]),
            'remove-dates' => ['dates' => [$or($one(['dentist', 'ione', 'dentist-2']))]],
            'take-dates' => ['entries' => [$or(['id' => $one(['a', 'b']), 'day' => '2027-06-01', 'words' => 'From a file', 'uid' => 'x'])]],
            'settle-date' => [
                'key' => $or($one(['dentist@2027-03-12', 'ione@2027-07-03', 'a@2027-06-01!'])),
                'as' => $one([null, 'copied', 'dropped', '2027-06']),
            ],
            'set-date-categories' => ['categories' => $or($one([[], [['id' => 'events', 'name' => 'Events', 'pen' => '#1f5fa8', 'log' => false]]]))],
            'set-old' => ['old' => $or($one([null, Olds::sample(), Olds::sample(), OldWriter::book(Olds::random(mt_rand(0, 6)))]))],
            'judge' => [
                'spread' => $or($one(['old-0', 'old-1', 'key', 'index', 'future-log'])),
                'verdict' => $or($one([null, 'keep', 'drop', 'refer'])),
                'looked' => $one([null, 'often', 'never']),
                'items' => $or($one([[], [['words' => 'Varnish', 'as' => 'carry']]])),
            ],
            'set-review' => $one([['hold' => $or(mt_rand(1, 12))], ['missing' => $or(['mood'])], ['months' => $or(['2027-01' => mt_rand(0, 20)])]]),
            'carry-over' => [],
            'add-note' => ['words' => $or('Smaller '.mt_rand(1, 99)), 'about' => $one([null, 'Goals'])],
            'remove-note' => ['note' => $or($one(['note-1', 'note-2']))],
            'add-slip' => ['slip' => $or(['kind' => $one(['count', 'figure', 'ruined']), 'on' => $one(['key', 'index', 'page-9']), 'page' => mt_rand(1, 40), 'saved' => 'A patch', 'mends' => $one([[], [['is' => 'patch', 'x' => 0, 'y' => mt_rand(0, 30), 'wide' => 26, 'tall' => 1, 'say' => 'Glue it on.']], [['is' => 'moved', 'x' => 0, 'y' => 0, 'wide' => 26, 'tall' => 38, 'was' => [8400], 'now' => [9240]]]])])],
            'remove-slip' => ['slip' => $or($one(['slip-1', 'slip-2']))],
            'set-evenings' => ['evenings' => $or($one([[], [['day' => '2027-02-1'.mt_rand(0, 9), 'minutes' => mt_rand(5, 120)]], [['day' => '2027-02-20', 'from' => '19:30', 'minutes' => 90]]])), 'months' => $one([null, 0, 2])],
            'leave-for-later' => ['drawing' => $or($one(['key', 'index', 'future-log'])), 'later' => 0 !== mt_rand(0, 2)],
            'put-page' => ['drawing' => $or($one(['key', 'index'])), 'evening' => $or($one([null, '2027-02-20T19:30']))],
            'decorate' => ['drawing' => $or($one(['key', 'index'])), 'minutes' => $one([null, 10])],
            'time-page' => ['drawing' => $or($one(['key', 'index'])), 'nth' => 0, 'minutes' => $or($one([null, 12, 540])), 'work' => ['figures' => 40, 'pages' => 1]],
            'set-pen' => ['pen' => $or(['name' => 'Pen '.mt_rand(1, 9), 'sort' => $one(['gel', 'alcohol']), 'bleeds' => 0 === mt_rand(0, 1)])],
            'remove-pen' => ['pen' => $or($one(['pen-1', 'pen-2']))],
            'set-mixing' => ['mixing' => $or($one([[], ['goals'], ['front', 'year']]))],
            'add-book' => ['title' => 'More '.mt_rand(1, 99), 'from' => $one([null, $one($months)])],
            'set-book' => ['book' => $or($one($more)), 'title' => 'Later '.mt_rand(1, 99), 'stock' => $stock()],
            'remove-book' => ['book' => $or($one($more))],
            default => ['edits' => [['type' => 'set-title', 'title' => 'Both '.mt_rand(1, 999)], $this->random('set-spread', $book)]],
        };
    }

    /** @return array<string, mixed> */
    private function partChange(\Closure $one, \Closure $or): array
    {
        $at = $one(['', '0', '1', '1', '1.0', '1.1']);

        return $one([
            ['do' => 'divide', 'way' => $one(['down', 'across']), 'parts' => mt_rand(2, 4), 'gap' => $one([null, 0, 1])],
            ['do' => $one(['join', 'swap'])],
            ['do' => 'move', 'part' => mt_rand(0, 2), 'by' => mt_rand(-4, 4)],
            ['do' => 'size'] + $one([['boxes' => mt_rand(1, 12)], ['share' => mt_rand(1, 3)], ['needed' => true]]),
            ['do' => 'fill', 'fill' => $one(array_keys(Fillings::all()))],
            ['do' => 'name', 'name' => $one([null, 'Why', 'The boat'])],
            ['do' => 'gap', 'gap' => $one([null, 0, 2]), 'leftover' => $one(['outside', 'into-gaps'])],
            ['do' => 'cut', 'cut' => $one([null, 'doors', 'window', 'short-leaf', 'tabs']), 'settings' => $one([[], ['door_strip' => mt_rand(1, 30)]])],
            ['do' => $one(['add-page', 'remove-page'])],
            ['do' => 'set', 'settings' => ['line' => $one(['1', '2', null])]],
        ]) + ['at' => $or($at)];
    }

    /** @return array<string, mixed> */
    private function changes(\Closure $one, \Closure $or, array $ids, array $book): array
    {
        $spread = $one([] === $book['spreads'] ? [['id' => 'none', 'kind' => 'notes']] : $book['spreads']);
        $kind = (new Catalogue())->kind($spread['kind']);
        $some = [
            'title' => 'Title '.mt_rand(1, 99),
            'pin' => $one([null, mt_rand(1, 40)]),
            'side' => $one(['any', 'left', 'right']),
            'medium' => $one(['dry', 'bleeds', 'stamped', 'decoration']),
            'faces' => $one([null, $one($ids)]),
            'must_face' => 0 === mt_rand(0, 3),
            'worth' => mt_rand(1, 5),
            'settings' => $this->settings($kind?->fields() ?? []),
        ];
        $kept = array_rand($some, mt_rand(1, 3));

        return ['spread' => $spread['id']] + array_map($or, array_intersect_key($some, array_flip((array) $kept)));
    }

    /**
     * @param list<Field> $fields
     *
     * @return array<string, mixed>
     */
    private function settings(array $fields): array
    {
        $settings = [];
        foreach ($fields as $field) {
            if (0 === mt_rand(0, 2)) {
                $settings[$field->name] = Asking::value($field);
            }
        }

        return $settings;
    }
}
