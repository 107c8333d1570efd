<?php

/*
 * Public holidays by country and region, from open data that is kept with the program (app/Import/holidays, with its licence;
 * bin/holidays.mjs writes it). Where the data is wrong, mended.json says what holds and why. Each is an entry of its day, to be looked at
 * and taken like those of a file.
 */

declare(strict_types=1);

namespace App\Import;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\Found;
use AmpleMargin\Dates\KnownDates;
use AmpleMargin\Dates\When;

final class PublicHolidays
{
    private const FOLDER = __DIR__.'/holidays';

    /** The category they are of, where the book has it. */
    private const CATEGORY = 'holidays';

    /** @return array{from: int, to: int, countries: array<string, array<string, string>>} country → region → name, "" for the whole */
    public static function countries(): array
    {
        /** @var array{from: int, to: int, countries: array<string, array<string, string>>} $known */
        $known = self::json('countries');

        return $known;
    }

    /**
     * @param string $region "" for what the whole country has
     * @param string $language of their names, where the data has them in it
     *
     * @return list<Found>
     */
    public static function of(string $country, string $region, Period $period, string $language, KnownDates $known): array
    {
        $all = self::countries();
        $name = $all['countries'][$country][$region] ?? null;
        if (null === $name) {
            return [Found::skipped("$country $region", 'Nothing is known of the holidays there.')];
        }
        [$first, $last] = [Day::of($period->start, 1)->iso(), Day::lastOf($period->end)->iso()];
        $found = [];
        if ($period->start->year < $all['from'] || $period->end->year > $all['to']) {
            $found[] = Found::skipped($name, "Holidays are known from {$all['from']} to {$all['to']}.");
        }
        /** @var array{names: list<array<string, string>>, days: list<array{string, int, int, list<string>|null}>} $data */
        $data = self::json($country);
        [$added, $without] = self::mended($country, $region);
        foreach ($added as $iso => $names) {
            $data['days'][] = [$iso, 1, \count($data['names']), null];
            $data['names'][] = $names;
        }
        usort($data['days'], static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $category = null === $known->category(self::CATEGORY) ? '' : self::CATEGORY;
        foreach ($data['days'] as [$iso, $days, $at, $regions]) {
            $day = $iso < $first || $iso > $last ? null : Day::read($iso);
            if (
                null === $day
                || (null !== $regions && !\in_array($region, $regions, true))
                || \in_array($data['names'][$at]['en'] ?? '', $without, true)
            ) {
                continue;
            }
            $words = self::named($data['names'][$at], $language);
            $found[] = Found::entry(new Entry(
                '',
                mb_substr($words, 0, Entry::LONGEST),
                When::between($day, $day->plus($days - 1)),
                category: $category,
                uid: "holiday:$country:$iso:".mb_substr($data['names'][$at]['en'] ?? $words, 0, 80),
            ), $name);
        }

        return $found;
    }

    /** @return array{array<string, array<string, string>>, list<string>} days the data lacks, with their names, and names it has too many */
    private static function mended(string $country, string $region): array
    {
        [$added, $without] = [[], []];
        /** @var list<array{country: string, regions?: list<string>, add?: list<string>, names?: array<string, string>, without?: string}> $list */
        $list = self::json('mended');
        foreach ($list as $one) {
            if ($one['country'] === $country && \in_array($region, $one['regions'] ?? [$region], true)) {
                $added += array_fill_keys($one['add'] ?? [], $one['names'] ?? []);
                $without = [...$without, ...(isset($one['without']) ? [$one['without']] : [])];
            }
        }

        return [$added, $without];
    }

    /** @param array<string, string> $names by language */
    private static function named(array $names, string $language): string
    {
        $first = (string) array_key_first($names);
        // The data says "jp" where the language is "ja".
        $names += isset($names['jp']) ? ['ja' => $names['jp']] : [];

        return $names[$language] ?? $names[explode('_', str_replace('-', '_', $language))[0]] ?? $names['en'] ?? $names[$first] ?? '';
    }

    private static function json(string $name): mixed
    {
        return json_decode((string) file_get_contents(self::FOLDER."/$name.json"), true, 8, \JSON_THROW_ON_ERROR);
    }
}
