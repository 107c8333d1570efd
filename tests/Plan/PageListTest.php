<?php

declare(strict_types=1);

namespace Tests\Plan;

use AmpleMargin\Plan\PageList;
use AmpleMargin\Plan\PlanProblem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PageListTest extends TestCase
{
    public static function lists(): iterable
    {
        yield 'one page' => ['7', [7]];
        yield 'a range with a hyphen' => ['8-10', [8, 9, 10]];
        yield 'a range with a dash, as the index writes it' => ['8–9', [8, 9]];
        yield 'several, out of order, some twice' => ['20, 7,8-9 , 8', [7, 8, 9, 20]];
        yield 'the whole book' => ['1-192', range(1, 192)];
    }

    /** @param list<int> $pages */
    #[DataProvider('lists')]
    public function testPagesAreReadAsPeopleWriteThem(string $said, array $pages): void
    {
        self::assertSame($pages, PageList::read($said, 192));
    }

    public static function refused(): iterable
    {
        foreach (['', 'two', '0', '193', '9-8', '-3', '7,', '1e3', '7;8', '99999'] as $said) {
            yield "“{$said}”" => [$said];
        }
    }

    #[DataProvider('refused')]
    public function testWhatIsNoPageIsRefused(string $said): void
    {
        $this->expectException(PlanProblem::class);
        PageList::read($said, 192);
    }
}
