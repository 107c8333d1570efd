<?php

/*
 * Which word of a page is kept where: found out by drawing. Everything that is said is said once more in letters nobody writes, each
 * word in one of its own; where such a letter stands on paper is where its word stands. What keeps its letters is worked out: a date, a
 * count, a name of the calendar. So what is offered to be changed can be, whatever draws it.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Word;

use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Form;

final class WordsOnPages
{
    /** Letters without a meaning (Unicode, private use), as wide as any; and as many that are two wide, as in Chinese. */
    private const NARROW = 0xE000;
    private const WIDE = 0x20000;
    private const MOST = 0x1900;

    /**
     * @param \Closure(string, array<array-key, mixed>): Request $asking what the form is asked of another title and other settings
     * @param array<array-key, mixed>                            $settings of the spread
     *
     * @return list<WordOnPage> every word that is written, page after page
     */
    public static function of(Form $form, SaidWords $said, \Closure $asking, array $settings): array
    {
        $places = $raw = [];
        $marked = new MarkedSettings($said);
        foreach ($said->each() as $words => $place) {
            $words = (string) $words;
            if (\count($places) < self::MOST && 1 === preg_match('/\p{L}/u', $words)) {
                $marked->put($place, self::marked($words, \count($places)));
                [$places[], $raw[]] = [$place, $words];
            }
        }
        $plain = $form->layOut($asking($said->title, $settings))->drawings();
        $other = $form->layOut($asking($marked->title, $marked->over($settings)))->drawings();
        $found = [];
        foreach ($plain as $nth => $page) {
            $others = isset($other[$nth]) ? self::written($other[$nth]) : [];
            $here = self::written($page);
            $others = \count($here) === \count($others) ? $others : self::byPlace($here, $others);
            foreach ($here as $i => $mark) {
                $which = isset($others[$i]) ? self::which($others[$i]->text) : null;
                $found[] = null === $which || !isset($places[$which])
                    ? new WordOnPage($nth, $mark)
                    : new WordOnPage(
                        $nth,
                        $mark,
                        $places[$which],
                        LineWords::seen($raw[$which], $mark->text),
                        $said->called($places[$which]),
                    );
            }
        }

        return $found;
    }

    /** The same words in a letter that is this one's alone; what is no letter stays, since it may mean something where it stands. */
    private static function marked(string $words, int $which): string
    {
        return (string) preg_replace_callback('/[\p{L}\p{M}]/u', static fn (array $letter): string => (string) mb_chr(
            (2 === mb_strwidth($letter[0]) ? self::WIDE : self::NARROW) + $which,
        ), $words);
    }

    /** Which word a letter of its own stands for; null where there is none. */
    private static function which(string $text): ?int
    {
        foreach (mb_str_split($text) as $letter) {
            foreach ([self::NARROW, self::WIDE] as $from) {
                $which = mb_ord($letter) - $from;
                if ($which >= 0 && $which < self::MOST) {
                    return $which;
                }
            }
        }

        return null;
    }

    /** @return list<Words> */
    private static function written(PageDrawing $page): array
    {
        return array_values(array_filter($page->marks, static fn (object $mark): bool => $mark instanceof Words));
    }

    /**
     * @param list<Words> $here
     * @param list<Words> $others
     *
     * @return array<int, Words> those at the same place as each
     */
    private static function byPlace(array $here, array $others): array
    {
        $at = [];
        foreach ($others as $mark) {
            $at["$mark->x $mark->y"] = $mark;
        }
        $found = [];
        foreach ($here as $i => $mark) {
            $same = $at["$mark->x $mark->y"] ?? null;
            if (null !== $same) {
                $found[$i] = $same;
            }
        }

        return $found;
    }
}
