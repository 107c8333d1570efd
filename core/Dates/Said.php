<?php

/* A line as a person writes or pastes it, taken apart: a day at its beginning or its end, a time, and the words. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

final class Said
{
    /** Words of a line that may name its day. */
    private const WORDS_OF_DAY = 6;

    private function __construct(
        public readonly When $when,
        public readonly string $words,
        public readonly ?string $time,
        public readonly ?string $ends,
        public readonly EntryKind $is,
        public readonly ?Rule $repeat = null,
    ) {
    }

    /** @throws DayRefused saying what is wrong with it */
    public static function line(string $line, SaidDay $days): self
    {
        $line = trim((string) preg_replace('/^[\s•·*\-–—☐□>]+/u', '', $line));
        $often = SaidOften::of($line, $days);
        $repeat = $often->rule;
        try {
            [$said, $rest] = self::dayOf($often->left, $days);
        } catch (DayRefused $refused) {
            if ($often->wantsDay() || $refused->isOfADay) {
                throw $refused;
            }
            [$said, $rest] = [null, $often->left];
        }
        $when = $often->first($said, $days);
        [$time, $ends, $rest] = self::words($rest);
        $whose = BirthdayWords::whose($rest);
        // What stood between the day and the words.
        $words = $whose ?? (string) preg_replace('/^[\s,;:–-]+|[\s,;:–-]+$/u', '', $rest);
        if ('' === $words) {
            throw DayRefused::empty($line);
        }

        $is = null === $whose ? EntryKind::Date : EntryKind::Birthday;

        return new self($when, mb_substr($words, 0, Entry::LONGEST), $time, $ends, $is, null === $whose ? $repeat : null);
    }

    /**
     * What a field for the day says: when, and how often.
     *
     * @return array{When, Rule|null}
     *
     * @throws DayRefused
     */
    public static function day(string $said, SaidDay $days): array
    {
        $often = SaidOften::of($said, $days);
        $isAlone = '' === $often->left && null !== $often->rule;

        return [$often->first($isAlone ? null : $days->read($often->left), $days), $often->rule];
    }

    /**
     * As an entry. A birthday that names a year before the book's keeps it as the year of birth.
     *
     * @param int $year the first of the book
     */
    public function entry(string $id, string $category, int $year): Entry
    {
        $first = $this->when->first;

        return new Entry(
            $id,
            $this->words,
            $this->when,
            $this->is,
            $category,
            $this->time,
            $this->ends,
            $this->repeat,
            born: EntryKind::Birthday === $this->is && null !== $first && $first->month->year < $year ? $first->month->year : null,
        );
    }

    /**
     * The longest run of words that names a day, at the beginning of a line, its end, or else within it; and what is left.
     *
     * @return array{When, string}
     *
     * @throws DayRefused
     */
    private static function dayOf(string $line, SaidDay $days): array
    {
        $words = explode(' ', (string) preg_replace('/\s+/u', ' ', str_replace("\t", ' ', $line)));
        $refused = null;
        for ($count = min(self::WORDS_OF_DAY, \count($words) - 1); $count > 0; --$count) {
            foreach (self::places(\count($words), $count) as $from) {
                $run = implode(' ', \array_slice($words, $from, $count));
                $said = trim($run, '(:,;)');
                // The name of a feast is a day where a sign parts it from the words.
                $apart = 1 === preg_match('/[:,;)]$/', $run)
                    || 1 === preg_match('/^[:–—-]/u', $words[$from + $count] ?? '')
                    || ($from > 0 && 1 === preg_match('/[:,;–—-]$/u', $words[$from - 1]));
                if (!$apart && $days->mayBeWords($said)) {
                    continue;
                }
                try {
                    return [$days->read($said), implode(' ', [...\array_slice($words, 0, $from), ...\array_slice($words, $from + $count)])];
                } catch (DayRefused $why) {
                    $refused = null === $refused && $why->isOfADay ? $why : $refused;
                }
            }
            // "31 April" is no 31st of another month.
            if (null !== $refused) {
                throw $refused;
            }
        }

        throw DayRefused::none(mb_substr($line, 0, 40));
    }

    /**
     * Where so many words may stand: first, last, then between; within a line a figure alone is no day.
     *
     * @return list<int>
     */
    private static function places(int $words, int $count): array
    {
        $last = $words - $count;

        return 1 === $count || $last < 2 ? array_values(array_unique([0, $last])) : [0, $last, ...range(1, $last - 1)];
    }

    /**
     * A time among words: from, to, and what is left.
     *
     * @return array{string|null, string|null, string}
     */
    public static function words(string $words): array
    {
        // "15-18 Uhr" says hours alone.
        $words = (string) preg_replace('/\b(\d{1,2})\s*[–-]\s*(\d{1,2})\s*Uhr\b/iu', '$1:00–$2:00', $words);
        $words = (string) preg_replace('/\b(\d{1,2})\s*Uhr\b/iu', '$1:00', (string) preg_replace('/(\d[:.]\d\d)\s*Uhr\b/iu', '$1', $words));
        $clock = '(?|([01]?\d|2[0-3])[:.h]([0-5]\d)\s*(am|pm|)|(1[0-2]|[1-9])()\s*(am|pm))';
        if (1 !== preg_match("/(?<![\\d.])$clock(?:\\s*[–-]\\s*$clock)?(?![\\d.\\w])/iu", $words, $found)) {
            return [null, null, $words];
        }
        $at = static fn (string $hour, string $minute, string $half): string => \sprintf(
            '%02d:%02d',
            ((int) $hour % ('' === $half ? 24 : 12)) + ('pm' === strtolower($half) ? 12 : 0),
            (int) $minute,
        );
        $found += array_fill(0, 7, '');

        return [
            $at($found[1], $found[2], $found[3]),
            '' === $found[4] ? null : $at($found[4], $found[5], $found[6]),
            trim((string) preg_replace('/\s+/u', ' ', str_replace($found[0], ' ', $words)), ' ,'),
        ];
    }
}
