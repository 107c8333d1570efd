<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Book\Composer;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Plan\Plan;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Thorough;

/**
 * Every working is arithmetic that holds: each equation of it is reckoned anew from its words, side by side, for every
 * kind, layout and setting there is.
 */
final class WorkingsTest extends TestCase
{
    private const FRACTIONS = [
        '½' => [1, 2],
        '⅓' => [1, 3],
        '⅔' => [2, 3],
        '¼' => [1, 4],
        '¾' => [3, 4],
        '⅕' => [1, 5],
        '⅖' => [2, 5],
        '⅗' => [3, 5],
        '⅘' => [4, 5],
        '⅙' => [1, 6],
        '⅚' => [5, 6],
        '⅐' => [1, 7],
        '⅛' => [1, 8],
        '⅜' => [3, 8],
        '⅝' => [5, 8],
        '⅞' => [7, 8],
    ];

    /** @var array<string, int> shape of a working → how often it was checked */
    private array $checked = [];

    public function testEveryEquationHolds(): void
    {
        foreach ([Books::sample(), ...array_map(Books::random(...), range(1, 20))] as $plan) {
            $this->checkBook($plan, true);
        }
        self::assertGreaterThan(200, array_sum($this->checked));
        self::assertGreaterThan(60, \count($this->checked), 'workings of different shapes');
    }

    public function testTheWorkingsOfAFutureLogHoldInEverySchoolWithEverythingThatStandsInIt(): void
    {
        foreach (['months', 'category', 'columns', 'dates', 'door'] as $school) {
            foreach (['none', 'beside', 'above'] as $mini) {
                foreach (['none', 'statistic', 'memory', 'frame'] as $extra) {
                    foreach (['1', '1.5', '2'] as $line) {
                        foreach (Thorough::is() ? [3, 4, 6] : [3, 6] as $each) {
                            $settings = [
                                'school' => $school,
                                'mini' => $mini,
                                'extra' => $extra,
                                'line' => $line,
                                'months_per_page' => $each,
                                'columns' => 3 === $each ? 1 : 2,
                            ];
                            $plan = Books::edited(
                                Books::starter(),
                                [['type' => 'set-spread', 'spread' => 'future-log', 'settings' => $settings]],
                            );
                            foreach (Books::pagesOf($plan, 'future-log') as $page) {
                                $this->check($page, (string) json_encode($settings));
                                $this->linesAreWhatIsLeft($page, (string) json_encode($settings));
                            }
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(1_000, array_sum($this->checked));
    }

    /** An equation with a slip is found: the test can fail. */
    public function testASlipIsFound(): void
    {
        self::assertSame(['38 boxes − 3 for the title = 36'], self::wrong('38 boxes − 3 for the title = 36; 36 = 36 × 1'));
        self::assertSame(['17 boxes − 1 for the name = 15'], self::wrong('17 boxes − 1 for the name = 15'));
        self::assertSame(
            [],
            self::wrong('35 boxes − 3 for the title, ÷ 1½ a row = 21 in each of 2 columns; 26 boxes ÷ 3 = 8⅔; 26 boxes = 7 × 3 + 5 '
                .'left over'),
        );
    }

    private function checkBook(Plan $plan, bool $layouts): void
    {
        $book = Composer::compose($plan);
        for ($page = 1; $page <= $plan->stock->pages; ++$page) {
            $drawing = $book->drawing($page);
            null === $drawing || $this->check($drawing, "$plan->title, page $page");
        }
        foreach ($layouts ? $plan->spreads : [] as $spread) {
            foreach ($book->layouts($spread)->candidates ?? [] as $candidate) {
                foreach ($candidate->pages as $drawing) {
                    $this->check($drawing, "$plan->title, $spread->id, {$candidate->layout->name}");
                }
            }
        }
    }

    private function check(PageDrawing $page, string $about): void
    {
        foreach ([
            ...array_column($page->steps, 'text'),
            ...array_column($page->findings, 'says'),
            ...array_column($page->workings, 'figure'),
            ...array_column($page->workings, 'arithmetic'),
        ] as $words) {
            self::assertDoesNotMatchRegularExpression(
                '/(?<![\d½⅓⅔¼¾.,–×] )(?<![\d½⅓⅔¼¾.,–])1 (boxes|lines|rows|columns|months|pages|weeks|containers|letters|cells|entries)\b/u',
                $words,
                $about,
            );
        }
        foreach ($page->workings as $working) {
            if (!str_contains($working->arithmetic, '=')) {
                continue;
            }
            self::assertSame([], self::wrong($working->arithmetic), "$about: $working->figure");
            $shape = (string) preg_replace('/\d+/', '#', $working->arithmetic);
            $this->checked[$shape] = ($this->checked[$shape] ?? 0) + 1;
        }
    }

    /** What the working says a month has is what its room has. */
    private function linesAreWhatIsLeft(PageDrawing $page, string $about): void
    {
        $said = [];
        foreach ($page->workings as $working) {
            if (str_starts_with($working->note, 'lines')) {
                $said[] = (int) $working->figure;
            }
        }
        foreach ([] === $said ? [] : $page->rooms as $room) {
            self::assertContains($room->lines, $said, "$about: $room->name");
        }
    }

    /** @return list<string> the equations that do not hold */
    private static function wrong(string $arithmetic): array
    {
        $wrong = [];
        foreach (preg_split('/[;:.]\s|[;:.]$/u', $arithmetic) ?: [] as $piece) {
            $sides = explode(' = ', $piece);
            $first = \count($sides) > 1 ? self::value($sides[0]) : null;
            foreach (null === $first ? [] : \array_slice($sides, 1) as $side) {
                $value = self::value($side);
                // Whole lines or rows are what fits.
                $left = str_contains($sides[0], '÷')
                    && !str_contains($piece, 'rounded up')
                    && 1 === preg_match('/÷ \S+ a (line|row)/u', $piece)
                    ? Fraction::of($first->floor())
                    : $first;
                $left = 1 === preg_match('/rounded up|⅔ of/u', $piece) ? Fraction::of($left->ceil()) : $left;
                if (null !== $value && !$value->equals($left)) {
                    $wrong[] = trim($piece);
                    break;
                }
            }
        }

        return $wrong;
    }

    /** The arithmetic at the start of some words, all other words left out; null where there is none. */
    private static function value(string $words): ?Fraction
    {
        $words = (string) preg_replace(['/\d+(?:st|nd|rd|th)\b/', '/,\s*÷/u', '/(⅔) of /u'], ['', ') ÷', '$1 × '], $words);
        $words = str_contains($words, ')') && !str_contains($words, '(') ? "($words" : $words;
        $marks = implode('', array_keys(self::FRACTIONS));
        preg_match_all("~\\d+[\\s\\x{a0}\\x{202f}]\\d+/\\d+|\\d+[$marks]?|[$marks]|[+−×÷()]~u", $words, $found);
        $tokens = $found[0];

        return [] === $tokens ? null : self::sum($tokens);
    }

    /** @param list<string> $tokens what is left of them is no part of the sum */
    private static function sum(array &$tokens): Fraction
    {
        $sum = self::product($tokens);
        while (\in_array($tokens[0] ?? '', ['+', '−'], true)) {
            $sign = array_shift($tokens);
            $next = self::product($tokens);
            $sum = '+' === $sign ? $sum->plus($next) : $sum->minus($next);
        }

        return $sum;
    }

    /** @param list<string> $tokens */
    private static function product(array &$tokens): Fraction
    {
        $product = self::number($tokens);
        while (\in_array($tokens[0] ?? '', ['×', '÷'], true)) {
            $sign = array_shift($tokens);
            $next = self::number($tokens);
            $product = '×' === $sign ? $product->times($next) : $product->dividedBy($next);
        }

        return $product;
    }

    /** @param list<string> $tokens */
    private static function number(array &$tokens): Fraction
    {
        $token = (string) array_shift($tokens);
        if ('(' === $token) {
            $inside = self::sum($tokens);
            array_shift($tokens);

            return $inside;
        }
        if (1 === preg_match('~^(\d+)\D+(\d+)/(\d+)$~u', $token, $part)) {
            return Fraction::of((int) $part[1] * (int) $part[3] + (int) $part[2], (int) $part[3]);
        }
        $mark = mb_substr($token, -1);
        $whole = Fraction::of((int) $token);

        return isset(self::FRACTIONS[$mark]) ? $whole->plus(Fraction::of(...self::FRACTIONS[$mark])) : $whole;
    }
}
