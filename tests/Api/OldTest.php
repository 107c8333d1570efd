<?php

/* The old book through the API: chosen in each way, reviewed, carried, taken back; what cannot be is said in words. */

declare(strict_types=1);

namespace Tests\Api;

use Tests\Olds;

final class OldTest extends ApiTestCase
{
    public function testANotebookOfTheShelfIsReviewedAndCarriedAndIsNotChangedByIt(): void
    {
        $last = $this->lastYear();
        $book = $this->reviewing($this->make(), ['notebook' => $last['id']]);
        $old = $this->review($book);
        self::assertSame(['Ferry bells 2026', 27, 0, false], [$old['title'], \count($old['spreads']), $old['judged'], $old['carried']]);
        self::assertSame([27, 12, 14, 143, '2026-10-31'], [
            $old['measured']['front'], $old['measured']['median'], $old['measured']['most'], $old['measured']['last_page'], $old['measured']['last_day'],
        ]);
        self::assertSame(['2026-12', 155, 10], [$old['switch']['month'], $old['switch']['ends'], $old['switch']['wasted']]);
        self::assertSame(
            ['December 2026 is in neither book. Begin the new one earlier, or write them into the old one.'],
            $old['between'],
        );
        foreach (['books-read' => ['verdict' => 'keep', 'filled' => 31], 'mood' => ['verdict' => 'drop', 'looked' => 'never']] as $spread => $said) {
            $book = $this->edit($book, ['type' => 'judge', 'spread' => $spread] + $said);
        }
        $before = $book;
        $old = $this->review($book);
        $spreads = array_column($old['spreads'], null, 'id');
        self::assertSame(['dropped, 1 page won', 2], [$spreads['mood']['says'], $old['judged']]);
        self::assertMatchesRegularExpression('/^kept: page \d+$/', $spreads['books-read']['says']);

        $book = $this->edit($book, $old['after']['edit']);
        self::assertSame($old['after']['sentence'], $book['fit']['sentence'], 'as it was shown');
        $carried = array_column($book['spreads'], null, 'id');
        self::assertSame([32, 21], [$carried['books-read']['settings']['first'], $carried['books-read']['settings']['rows']]);
        self::assertArrayNotHasKey('mood', $carried);
        self::assertTrue($this->review($book)['carried']);
        // Its months are sized once; asked to hold them all, they can be sized anew.
        self::assertNull($this->review($book)['after']['months_edit']);
        $all = $this->edit($book, ['type' => 'set-review', 'hold' => 12, 'months' => ['2026-02' => 30]]);
        $sized = $this->edit($all, $this->review($all)['after']['months_edit']);
        self::assertGreaterThan(array_sum(array_column($book['months'], 'pages')), array_sum(array_column($sized['months'], 'pages')));
        self::assertNull($this->review($sized)['after']['months_edit']);
        $sized = $this->call('POST', "/notebooks/{$book['id']}/undo", ['version' => $sized['version']]);
        $book = $this->call('POST', "/notebooks/{$book['id']}/undo", ['version' => $sized['version']]);
        $again = $this->edit($book, $this->review($book)['after']['edit']);
        self::assertSame(array_column($book['spreads'], 'id'), array_column($again['spreads'], 'id'));

        $undone = $this->call('POST', "/notebooks/{$book['id']}/undo", ['version' => $again['version']]);
        self::assertSame($before['spreads'], $undone['spreads']);
        self::assertSame($before['months'], $undone['months']);
        self::assertSame($last['version'], $this->call('GET', "/notebooks/{$last['id']}")['version']);

        // The old notebook may be gone: what was taken of it stays.
        $this->call('DELETE', "/notebooks/{$last['id']}?version={$last['version']}", null, 204);
        self::assertSame(2, $this->review($undone)['judged']);
        self::assertCount(1, $this->call('GET', "/notebooks/{$book['id']}/old/spreads/mood")['pages']);
    }

    public function testANotebookThatBeginsAsAnotherHasThatOneToReview(): void
    {
        $last = $this->lastYear();
        $book = $this->make(['like' => $last['id'], 'title' => 'After']);
        $old = $this->review($book);
        self::assertCount(27, $old['spreads']);
        self::assertSame(array_column($old['spreads'], 'id'), array_column($old['spreads'], 'became'));
        $book = $this->edit($book, ['type' => 'judge', 'spread' => 'mood', 'verdict' => 'drop', 'how' => 'too small a box']);
        $book = $this->edit($book, $this->review($book)['after']['edit']);
        self::assertNotContains('mood', array_column($book['spreads'], 'id'));
        self::assertCount(26, $book['spreads']);
        // Next year's review knows of it.
        $next = $this->make(['like' => $book['id'], 'title' => 'And after that', 'period' => ['start' => '2028-01', 'end' => '2028-12']]);
        self::assertSame([['title' => 'Mood of every day', 'says' => 'dropped in 2026: too small a box']], $this->review($next)['gone']);
    }

    public function testAStepThatIsTickedAndOthersThatAreNotSayThatItWasGivenUpHalfWay(): void
    {
        $last = $this->lastYear();
        $page = array_column($last['spreads'], null, 'id')['mood']['page'];
        $opening = $this->call('GET', "/notebooks/{$last['id']}/openings/$page");
        $group = array_column($opening['groups'], null, 'drawing')['mood'];
        $this->call('POST', "/notebooks/{$last['id']}/ticks", ['changes' => [['drawing' => 'mood', 'step' => $group['steps'][0]['key'], 'done' => true]]], 200);
        $old = $this->review($this->reviewing($this->make(), ['notebook' => $last['id']]));
        self::assertSame(['Mood of every day'], $old['measured']['half']);
    }

    public function testABookIsReadFromItsPlanFileOrAsItIsTyped(): void
    {
        $book = $this->make();
        $plan = (string) file_get_contents(\dirname(__DIR__, 2).'/app/Plan/samples/last-year-2026.plan.json');
        self::assertSame('Ferry bells 2026', $this->call('POST', "/notebooks/{$book['id']}/old/read", ['plan' => $plan])['old']['title']);
        $typed = [
            'title' => 'Before',
            'stock' => ['width' => 148, 'height' => 210, 'pitch' => 5, 'across' => 26, 'down' => 38, 'pages' => 160],
            'period' => ['start' => '2026-01', 'end' => '2026-12'],
            'weeks' => ['first' => 1],
            'spreads' => "Key\nFuture log 2",
            'months' => 'January 12',
        ];
        $old = $this->call('POST', "/notebooks/{$book['id']}/old/read", ['typed' => $typed])['old'];
        self::assertSame([['2026-01' => 9], 3], [$old['months'], $old['front']]);
        foreach ([
            [['typed' => ['months' => 'January 200'] + $typed], 'months', 'Line 1, “January 200”: the book has 160 pages.'],
            [['typed' => ['period' => ['start' => '2026-12', 'end' => '2026-01']] + $typed], 'typed/period/end', 'before it starts'],
            [['plan' => '{"format": "soup"}'], 'format', 'not a plan file'],
            [['plan' => 'no plan'], '', 'JSON'],
            [['notebook' => $book['id']], 'notebook', 'A notebook cannot be the one before itself.'],
            [[], 'typed', 'named values'],
        ] as [$asked, $field, $says]) {
            $answer = $this->call('POST', "/notebooks/{$book['id']}/old/read", $asked, 422);
            self::assertStringContainsString($says, $answer['detail']);
            self::assertStringContainsString($field, (string) $answer['field']);
        }
        $this->call('POST', "/notebooks/{$book['id']}/old/read", ['notebook' => 'none'], 404);
        $this->call('GET', "/notebooks/{$book['id']}/old/spreads/none", null, 404);
        self::assertNull($this->call('GET', "/notebooks/{$book['id']}/old")['old']);
    }

    /** Old books of nothing, and of two hundred spreads: reviewed and carried over, in little time. */
    public function testBooksOfNoSpreadsAndOfTwoHundred(): void
    {
        foreach ([0, 200] as $count) {
            mt_srand(9);
            $book = $this->edit($this->make(), ['type' => 'set-old', 'old' => json_decode((string) json_encode(\AmpleMargin\Plan\Old\OldWriter::book(Olds::random($count))), true)]);
            $old = $this->review($book);
            self::assertCount($count, $old['spreads']);
            $book = $this->edit($book, $old['after']['edit']);
            self::assertTrue($this->review($book)['carried']);
        }
    }

    public function testWhatCannotBeSaidOfAnOldBookIsRefusedAtItsPlace(): void
    {
        $book = $this->reviewing($this->make(), ['notebook' => $this->lastYear()['id']]);
        foreach ([
            [['type' => 'judge', 'spread' => 'none', 'verdict' => 'keep'], 'edit/spread', 'The old book has no such spread.'],
            [['type' => 'judge', 'spread' => 'mood', 'verdict' => 'burn'], 'edit/verdict', 'keep, change, drop, refer'],
            [['type' => 'judge', 'spread' => 'mood', 'took' => 2_000], 'edit/took', 'it goes from 0 to 1,000'],
            [['type' => 'judge', 'spread' => 'mood', 'items' => [['words' => ' ']]], 'edit/items/0/words', 'Say what it is.'],
            [['type' => 'set-review', 'months' => ['2026-03' => 500]], 'edit/months/2026-03', 'from 0 to 400 pages'],
            [['type' => 'set-review', 'months' => ['2031-03' => 5]], 'edit/months', '2031-03 was no month of the old book.'],
            [['type' => 'set-review', 'missing' => ['soup']], 'edit/missing', 'no kind “soup”'],
            [['type' => 'set-review', 'hold' => 13], 'edit/hold', 'it goes from 1 to 12'],
            [['type' => 'add-note', 'words' => ' '], 'edit/words', 'Say what to do otherwise next time.'],
            [['type' => 'remove-note', 'note' => 'note-7'], 'edit/note', 'gone already'],
        ] as [$edit, $field, $says]) {
            $answer = $this->edit($book, $edit, 422);
            self::assertSame($field, $answer['field']);
            self::assertStringContainsString($says, $answer['detail']);
        }
        $none = $this->make();
        self::assertStringContainsString('No old book', $this->edit($none, ['type' => 'carry-over'], 422)['detail']);
    }

    /** @return array<string, mixed> */
    private function lastYear(): array
    {
        return $this->call('POST', '/notebooks/import', (string) file_get_contents(\dirname(__DIR__, 2).'/app/Plan/samples/last-year-2026.plan.json'), 201);
    }

    /**
     * @param array<string, mixed> $book
     * @param array<string, mixed> $asked
     *
     * @return array<string, mixed>
     */
    private function reviewing(array $book, array $asked): array
    {
        $old = $this->call('POST', "/notebooks/{$book['id']}/old/read", $asked)['old'];

        return $this->edit($book, ['type' => 'set-old', 'old' => $old]);
    }

    /**
     * @param array<string, mixed> $book
     *
     * @return array<string, mixed>
     */
    private function review(array $book): array
    {
        return $this->call('GET', "/notebooks/{$book['id']}/old")['old'];
    }
}
