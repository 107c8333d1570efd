<?php

/* Birthdays of address cards: RFC 6350, 6.2.5, and vCard 3.0 (RFC 2426). A year may be missing. */

declare(strict_types=1);

namespace App\Import;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\EntryKind;
use AmpleMargin\Dates\Found;
use AmpleMargin\Dates\Frequency;
use AmpleMargin\Dates\Rule;
use AmpleMargin\Dates\When;
use Sabre\VObject\Component;
use Sabre\VObject\Parameter;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;

final class CardFile
{
    /** A year that has every day: of birthdays without one. */
    private const NO_YEAR = 2000;

    /** @return list<Found> */
    public function read(string $text, string $file): array
    {
        $found = [];
        preg_match_all('/^BEGIN:VCARD.*?^END:VCARD/msi', $text, $cards);
        $broken = (int) preg_match_all('/^BEGIN:VCARD/mi', $text) - \count($cards[0]);
        foreach ($cards[0] as $card) {
            try {
                $options = Reader::OPTION_FORGIVING | Reader::OPTION_IGNORE_INVALID_LINES;
                $read = Quietly::do(static fn (): mixed => Reader::read($card, $options));
            } catch (\Exception) {
                // The library throws many kinds for what it cannot read.
                ++$broken;
                continue;
            }
            if ($read instanceof Component) {
                array_push($found, ...$this->card($read, $file));
            }
        }
        if ($broken > 0) {
            $found[] = Found::skipped($file, 1 === $broken ? 'A card is cut off or broken.' : "$broken cards are cut off or broken.");
        }

        return $found;
    }

    /** @return list<Found> */
    private function card(Component $card, string $file): array
    {
        $name = Properties::text($card, 'FN');
        $name = '' === $name ? trim(implode(' ', array_reverse(\array_slice(explode(';', Properties::text($card, 'N')), 0, 2)))) : $name;
        $found = [];
        foreach (['BDAY' => EntryKind::Birthday, 'ANNIVERSARY' => EntryKind::Date] as $property => $is) {
            $said = Properties::first($card, $property);
            if (null === $said) {
                continue;
            }
            $where = '' === $name ? $file : "$file: $name";
            $day = self::day($said);
            if ('' === $name) {
                $found[] = Found::skipped($where, 'A card without a name.');
                continue;
            }
            if (null === $day) {
                $found[] = Found::skipped($where, '“'.mb_substr((string) $said, 0, 40).'” is no day and month.');
                continue;
            }
            [$on, $year] = $day;
            $uid = Properties::text($card, 'UID');
            $found[] = Found::entry(new Entry(
                '',
                mb_substr(EntryKind::Birthday === $is ? $name : "$name, anniversary", 0, Entry::LONGEST),
                When::on($on),
                $is,
                repeat: EntryKind::Birthday === $is ? null : Rule::every(Frequency::Yearly),
                born: EntryKind::Birthday === $is ? $year : null,
                uid: '' === $uid ? null : mb_substr(strtolower($property).":$uid", 0, 300),
            ), $where);
        }

        return $found;
    }

    /** @return array{Day, int|null}|null the day, and its year where the card says one */
    private static function day(Property $said): ?array
    {
        $value = trim((string) $said);
        if (1 !== preg_match('/^(\d{4}|--)-?(\d{2})-?(\d{2})(?:T.*)?$/', $value, $found)) {
            return null;
        }
        $year = '--' === $found[1] ? null : (int) $found[1];
        // Programs that know no day without a year name one, and a parameter that says to leave it out.
        foreach ($said->parameters() as $name => $parameter) {
            if (str_ends_with(strtoupper((string) $name), 'OMIT-YEAR')
                && $parameter instanceof Parameter
                && (int) $parameter->getValue() === $year) {
                $year = null;
            }
        }
        [$month, $day] = [(int) $found[2], (int) $found[3]];
        if ($month < 1 || $month > 12 || (null !== $year && $year < 1583)) {
            return null;
        }
        $of = new Month($year ?? self::NO_YEAR, $month);

        return $day < 1 || $day > $of->days() ? null : [Day::of($of, $day), $year];
    }
}
