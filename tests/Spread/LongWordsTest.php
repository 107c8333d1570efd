<?php

declare(strict_types=1);

namespace Tests\Spread;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\LinesField;
use PHPUnit\Framework\TestCase;
use Tests\Asking;

/** A word of 200 letters in a cell of three boxes is drawn so that it can be read, or is said with what would fit. */
final class LongWordsTest extends TestCase
{
    /** Letters lower than this cannot be read, in grains: a fifth of a box of 5 mm is 1 mm (from memory). */
    private const READ = Grain::PER_BOX / 5;

    public function testNothingIsWrittenSoSmallThatNobodyReadsItUnsaid(): void
    {
        $seen = 0;
        $unsaid = [];
        foreach (['lengthening ' => 17, 'länger' => 33, '長い言葉' => 50, 'كلمة طويلة ' => 18] as $word => $often) {
            $long = trim(str_repeat($word, $often));
            foreach ((new Catalogue())->spreads() as $kind) {
                foreach (self::asked($kind) as $field) {
                    $settings = array_map(static fn (array $values): string => $values[0], $field->conditions());
                    $settings[$field->name] = $field instanceof LinesField ? [$long, 'Short'] : $long;
                    $laid = $kind->form->layOut(Asking::of($kind, $settings));
                    ++$seen;
                    $smallest = \PHP_INT_MAX;
                    foreach ($laid->drawings() as $page) {
                        foreach ($page->marks as $mark) {
                            $smallest = $mark instanceof Words && $mark->text === $long ? min($smallest, $mark->size) : $smallest;
                        }
                    }
                    if ($smallest < self::READ && [] === array_filter(array_merge(...array_values($laid->findings)), self::isSaid(...))) {
                        $unsaid["$kind->id, $field->name"] = "$word: $smallest";
                    }
                }
            }
        }
        self::assertGreaterThan(300, $seen);
        self::assertSame([], $unsaid);
    }

    private static function isSaid(Finding $finding): bool
    {
        return 1 === preg_match('/letters|too long|need|wider|Shorten/', $finding->says);
    }

    /** @return list<Field> those that take words */
    private static function asked(Kind $kind): array
    {
        return array_values(array_filter(
            $kind->fields(),
            static fn (Field $field): bool => $field instanceof LinesField
                || ('text' === $field->type() && Kind::IN_INDEX !== $field->name),
        ));
    }
}
