<?php

/* Pages to leaf through, and what is seen through a cut on the bench; answers are checked against docs/api. */

declare(strict_types=1);

namespace Tests\Api;

final class LeavesTest extends ApiTestCase
{
    public function testEveryPageIsAnsweredWithWhatIsCutAwayAndWhatShowsThrough(): void
    {
        $book = $this->edit($this->make(), ['type' => 'add-spread', 'kind' => 'items-by-month', 'settings' => ['leaves' => 2]]);
        $first = array_column($book['spreads'], 'page', 'kind')['items-by-month'];
        $answer = $this->call('GET', "/notebooks/{$book['id']}/leaves?from=$first&to=".($first + 5));
        self::assertSame(range($first, $first + 5), array_column($answer['pages'], 'page'));
        self::assertSame([0, 1, 1, 1, 1, 0], array_map(static fn (array $page): int => \count($page['removed']), $answer['pages']));
        self::assertSame(['x' => 18, 'y' => 0, 'wide' => 8, 'tall' => 38], $answer['pages'][1]['removed'][0]);
        self::assertSame('96 leaves, 0.125 mm each; as of 100 g/m², from memory: say on Stock what yours weighs or measures.', $answer['thickness']['arithmetic']);

        // Through both cut leaves only the right page is seen; from their backs only the left one.
        $opening = $this->call('GET', "/notebooks/{$book['id']}/openings/$first");
        self::assertSame([$first + 5], array_column($opening['pages'][1]['behind'], 'page'));
        $opening = $this->call('GET', "/notebooks/{$book['id']}/openings/".($first + 2));
        self::assertSame([[$first], [$first + 5]], array_map(static fn (array $page): array => array_column($page['behind'], 'page'), $opening['pages']));

        self::assertCount(64, $this->call('GET', "/notebooks/{$book['id']}/leaves?from=1&to=192")['pages']);
        $this->call('GET', "/notebooks/{$book['id']}/leaves?from=193&to=200", null, 404);
    }

    public function testWhatBleedsShowsMoreAndWhatIsTapedOnFoldsOutAndThickens(): void
    {
        $book = $this->edit($this->make(), ['type' => 'several', 'edits' => [
            ['type' => 'add-spread', 'kind' => 'folded-out', 'settings' => ['hinge' => 'foot']],
            ['type' => 'set-spread', 'spread' => 'quote', 'medium' => 'bleeds'],
        ]]);
        $pages = array_column($book['spreads'], 'page', 'kind');
        $all = array_column($this->call('GET', "/notebooks/{$book['id']}/leaves?from=1&to=60")['pages'], null, 'page');
        $behind = 0 === $pages['quote'] % 2 ? $pages['quote'] - 1 : $pages['quote'] + 1;
        self::assertGreaterThan($all[$pages['quote']]['through'], $all[$behind]['through']);
        self::assertSame(['foot'], array_column($all[$pages['folded-out']]['flips'], 'hinge'));
        self::assertStringContainsString('1 layer glued in', $this->call('GET', "/notebooks/{$book['id']}/leaves?from=1")['thickness']['arithmetic']);
    }

    /** A window in a leaf of its own shows a page of another spread, which does not know it is seen. */
    public function testAPageThatIsSeenThroughAnotherSpreadIsNamed(): void
    {
        $book = $this->edit($this->make(), ['type' => 'add-spread', 'kind' => 'window-cover', 'section' => 'trackers']);
        $says = implode(' ', array_column($book['findings'], 'says'));
        self::assertMatchesRegularExpression('/Cover with a window: where page \d+ is cut, page \d+ \(.+\) is in sight, 12 × 8 boxes/', $says);
    }
}
