<?php

/* The theme plan feeds the months: what is written in a month's cell stands on its divider, where nothing else was said there. */

declare(strict_types=1);

namespace Tests\Book;

use AmpleMargin\Book\Composer;
use AmpleMargin\Drawing\Words;
use PHPUnit\Framework\TestCase;
use Tests\Books;

final class ThemesTest extends TestCase
{
    public function testADividerBearsTheThemeOfItsMonthElseTheYear(): void
    {
        $plan = Books::edited(Books::starter(), [
            ['type' => 'add-spread', 'kind' => 'theme-plan', 'settings' => ['within' => ['January:', 'Tide tables', 'slate and straw', 'February:', 'March:', 'Ropes']]],
            ['type' => 'use-pattern', 'pattern' => 'ordinary'],
        ]);
        $book = Composer::compose($plan);
        $says = static function (int $month) use (&$book): string {
            $words = [];
            $divider = array_column($book->months[$month]->parts, null, 'kind')['month-divider'];
            foreach ($book->drawing($divider->page)->marks ?? [] as $mark) {
                $words[] = $mark instanceof Words && mb_strlen($mark->text) > 1 ? $mark->text : '';
            }

            return trim(implode(' ', array_filter($words)));
        };
        self::assertSame(['Tide tables', '2027', 'Ropes', '2027'], array_map($says, [0, 1, 2, 3]));
        $plain = Books::edited($plan, [['type' => 'set-pattern', 'pattern' => ['id' => 'ordinary', 'name' => 'Ordinary', 'parts' => [
            ['kind' => 'month-divider', 'pages' => 1, 'settings' => ['subtitle' => 'Always']],
        ]]]]);
        $book = Composer::compose($plain);
        self::assertSame('Always', $says(0));
    }
}
