<?php

/*
 * What can be printed, by the word it is asked for with: "guides:front, card, months". A part that begins with a figure belongs to
 * what stands before it, so that pages may be listed with commas.
 */

declare(strict_types=1);

namespace AmpleMargin\Book\Printing;

use AmpleMargin\Book\Book;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\Piece\Piece;

final class Printables
{
    /** Things in a tray, and letters of one. */
    public const MOST = 60;
    public const LONGEST = 200;

    /** @return array<string, Printable> in the order they are offered */
    public static function all(): array
    {
        $all = [];
        foreach ([
            new Guides(), new Openings(), new Tracing(), new MirroredTracing(), new Card(), new CardPocket(), new Bookmark(),
            new MiniMonthLabels(), new MonthNames(), new Titles(), new BlockLetters(), new PhotoFrames(), new FrameLabels(),
            new GluedThings(), new CutGuides(), new Patches(), new EveningSteps(), new DummyBook(),
        ] as $one) {
            $all[$one::word()] = $one;
        }

        return $all;
    }

    /**
     * @return list<string> each as "word" or "word:what is said"
     *
     * @throws PlanProblem
     */
    public static function read(string $list): array
    {
        $asked = [];
        foreach (explode(',', $list) as $part) {
            $part = trim($part);
            $last = \count($asked) - 1;
            if ($last >= 0 && 1 === preg_match('/^\d/', $part)) {
                $part = array_pop($asked).", $part";
            }
            if ('' !== $part) {
                $asked[] = $part;
            }
        }
        if (\count($asked) > self::MOST) {
            throw PlanProblem::at('print', 'A tray holds at most '.self::MOST.' things; this asks for '.\count($asked).'.');
        }

        return array_map(self::checked(...), $asked);
    }

    /** One thing asked for, written as it is kept. @throws PlanProblem where there is no such thing */
    public static function checked(string $asked): string
    {
        [$word, $said] = self::parted($asked);
        if (mb_strlen($asked) > self::LONGEST || !isset(self::all()[$word])) {
            throw PlanProblem::at('print', '“'.mb_substr($asked, 0, 60).'” cannot be printed: choose from '
                .implode(', ', array_keys(self::all())).'.');
        }

        return '' === $said ? $word : "$word:$said";
    }

    /**
     * @return list<Piece>
     *
     * @throws PlanProblem|\AmpleMargin\Sheet\SheetRefused
     */
    public static function pieces(Context $context, string $asked): array
    {
        [$word, $said] = self::parted(self::checked($asked));

        return self::all()[$word]->pieces($context, $said);
    }

    /** As it stands in a list: "Page guides: 7, 20-21", "Page guides: Goals by area". */
    public static function says(string $asked, Book $book): string
    {
        [$word, $said] = self::parted($asked);
        $printable = self::all()[$word] ?? null;
        $names = $printable instanceof Chosen ? array_column($printable::choices($book), 'name', 'say') : [];

        return null === $printable ? $asked : $printable::name().('' === $said ? '' : ': '.($names[$said] ?? $said));
    }

    /** @return array{string, string} */
    private static function parted(string $asked): array
    {
        $parts = explode(':', $asked, 2);

        return [trim($parts[0]), trim($parts[1] ?? '')];
    }
}
