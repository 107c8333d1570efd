<?php

/*
 * Kinds found by what somebody says: by the words of their name, other names and purpose, whatever their endings; by a word that means the
 * same; by the beginning of a word that is being typed; and by a word with one letter wrong. A word that few kinds have says more than one
 * that many have, and a kind that has more of the wish's words stands before one that has fewer.
 */

declare(strict_types=1);

namespace AmpleMargin\Find;

use AmpleMargin\Spread\Catalogue\Kind;

final class KindFinder
{
    /** Letters of a wish that are looked at. */
    private const LONGEST = 200;

    /** Kinds that are shown where none is called so. */
    private const NEAREST = 6;

    /** Letters in a hundred by which a word may be another and still be like it. */
    private const LIKE = 34;

    /** How much a word says by where it stands, and by how sure it is the word that was meant. From memory. */
    private const IN_NAME = 1.3;
    private const IN_OTHER_NAME = 1.0;
    private const IN_PURPOSE = 0.45;
    private const MEANS_THE_SAME = 0.5;
    private const BEGINS_SO = 0.7;
    private const A_LETTER_WRONG = 0.6;

    /** More than any words: it is its name. */
    private const CALLED_SO = 1_000;

    /** Of the best, what a kind has to have to be shown. */
    private const SHOWN = 0.3;

    /** Words that say nothing of what is meant. */
    private const SAY_NOTHING = 'a an the of to in on at by as i me my mine we our us you your who what which where when why how do does '
        .'did is are was be been am it its and or for and with from that this these those there some any every all need want wants like '
        .'would could should can will keep kept track tracker list page thing something put make have has had get got go goes going out '
        .'up more less much many so too very';

    private const NOT_TO_WRITE = ['password', 'passwords', 'pin', 'login', 'logins', 'passcode'];

    private const NO_PASSWORD = 'Write no password into a notebook: it is lost more easily than it is locked. A hint that only you '
        .'understand can stand in a list.';

    /** @var array<string, array<string, float>> kind → stem → how much it says there */
    private array $says = [];

    /** @var array<string, array<int, true>> kind → meanings of its names */
    private array $means = [];

    /** @var array<string, int> stem → kinds that have it */
    private array $often = [];

    /** @var array<int, int> meaning → kinds that have it */
    private array $oftenMeant = [];

    /** @var array<string, array<string, true>> stem → words it is left of */
    private array $forms = [];

    /** @param list<Kind> $kinds that can be found */
    public function __construct(private readonly array $kinds)
    {
        foreach ($kinds as $kind) {
            $says = [];
            foreach ([
                [self::IN_PURPOSE, [$kind->words->purpose]],
                [self::IN_OTHER_NAME, $kind->words->names],
                [self::IN_NAME, [$kind->name]],
            ] as [$weight, $names]) {
                foreach ($names as $name) {
                    foreach (Stem::words($name) as $word) {
                        $says[$stem = Stem::of($word)] = $weight;
                        $this->forms[$stem][$word] = true;
                        if (self::IN_PURPOSE !== $weight) {
                            $this->means[$kind->id] = ($this->means[$kind->id] ?? []) + array_fill_keys(Meanings::of($stem), true);
                        }
                    }
                }
            }
            $this->says[$kind->id] = $says;
            foreach (array_keys($says) as $stem) {
                $this->often[$stem] = ($this->often[$stem] ?? 0) + 1;
            }
            foreach (array_keys($this->means[$kind->id] ?? []) as $meaning) {
                $this->oftenMeant[$meaning] = ($this->oftenMeant[$meaning] ?? 0) + 1;
            }
        }
    }

    public function find(string $wish): FoundKinds
    {
        $all = Stem::words(mb_substr($wish, 0, self::LONGEST));
        $words = self::telling($all);
        $scores = [];
        foreach ($this->kinds as $kind) {
            $found = [];
            foreach ($words as $word => $stem) {
                $found[] = $this->score((string) $word, $stem, $kind->id);
            }
            $some = \count(array_filter($found, static fn (float $one): bool => $one > 0));
            $scores[$kind->id] = array_sum($found) * (1 + $some) / (1 + max(1, \count($words)));
        }
        $best = [] === $scores ? 0.0 : max($scores);
        foreach ($this->kinds as $kind) {
            $scores[$kind->id] += Stem::words($kind->name) === $all ? self::CALLED_SO : 0;
        }
        arsort($scores);
        $shown = array_keys(array_filter($scores, static fn (float $score): bool => $score > 0 && $score >= self::SHOWN * $best));
        $said = preg_split('/[^\p{L}]+/u', mb_strtolower($wish));
        $warns = [] !== array_intersect(self::NOT_TO_WRITE, false === $said ? [] : $said);

        return new FoundKinds(
            [] === $shown ? \array_slice($this->nearest($words), 0, self::NEAREST) : array_map(strval(...), $shown),
            [] === $shown,
            $warns ? self::NO_PASSWORD : '',
        );
    }

    /**
     * @param list<string> $words of a wish
     *
     * @return array<array-key, string> word → stem: those that say something; all of them where none does
     */
    private static function telling(array $words): array
    {
        $stems = array_combine($words, array_map(Stem::of(...), $words));
        $some = array_diff($stems, Stem::all(self::SAY_NOTHING));

        return [] === $some ? $stems : $some;
    }

    /** How much a word speaks for a kind. */
    private function score(string $said, string $word, string $kind): float
    {
        $best = 0.0;
        foreach ($this->says[$kind] as $stem => $weight) {
            $stem = (string) $stem;
            $sure = match (true) {
                $stem === $word => 1.0,
                \strlen($word) >= 3 && str_starts_with($stem, $word) => self::BEGINS_SO,
                $this->isMeant($said, $stem) => self::A_LETTER_WRONG,
                default => 0.0,
            };
            $best = max($best, $sure * $weight * $this->told($this->often[$stem]));
        }
        foreach (Meanings::of($word) as $meaning) {
            if (isset($this->means[$kind][$meaning])) {
                $best = max($best, self::MEANS_THE_SAME * $this->told($this->oftenMeant[$meaning]));
            }
        }

        return $best;
    }

    /** Whether it is a form of a word with one letter wrong. */
    private function isMeant(string $said, string $stem): bool
    {
        foreach (array_keys($this->forms[$stem] ?? []) as $form) {
            if (self::isALetterWrong($said, (string) $form)) {
                return true;
            }
        }

        return false;
    }

    private static function isALetterWrong(string $word, string $stem): bool
    {
        if (\strlen($word) < 5 || abs(\strlen($word) - \strlen($stem)) > 1) {
            return false;
        }

        // Two letters that changed places are one slip.
        return 1 === levenshtein($word, $stem) || (\strlen($word) === \strlen($stem) && 2 === levenshtein($word, $stem)
            && count_chars($word, 3) === count_chars($stem, 3));
    }

    /** What so many kinds have in common tells them apart by so much. */
    private function told(int $kinds): float
    {
        return log((\count($this->kinds) + 1) / ($kinds + 0.5));
    }

    /**
     * Where no word is known: kinds with a word that is most like one of these.
     *
     * @param array<array-key, string> $stems of the words
     *
     * @return list<string>
     */
    private function nearest(array $stems): array
    {
        $near = [];
        foreach ($this->kinds as $kind) {
            $least = \PHP_INT_MAX;
            foreach (array_keys($this->says[$kind->id]) as $stem) {
                foreach ($stems as $said) {
                    $stem = (string) $stem;
                    $least = min($least, intdiv(100 * levenshtein($said, $stem), max(1, \strlen($stem))));
                }
            }
            $near[$kind->id] = $least;
        }
        asort($near);

        return array_map(strval(...), array_keys(array_filter($near, static fn (int $far): bool => $far <= self::LIKE)));
    }
}
