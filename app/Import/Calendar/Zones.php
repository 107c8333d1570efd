<?php

/* The zones a calendar file names: known by their names, or by what the file says of them. */

declare(strict_types=1);

namespace App\Import\Calendar;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Dates\Rule;
use AmpleMargin\Dates\RuleRefused;
use App\Import\Quietly;
use Sabre\VObject\TimeZoneUtil;

final class Zones
{
    /** Zones of one file, and bytes of one: far more than there are. */
    private const MOST = 300;
    private const LONGEST = 60_000;

    /** @var array<string, Zone|null> */
    private array $known = [];

    /** @param array<string, string> $described what the file says of each, by its name */
    private function __construct(private readonly array $described)
    {
    }

    public static function in(string $text): self
    {
        $described = [];
        $at = 0;
        while (\count($described) < self::MOST && false !== $at = stripos($text, 'BEGIN:VTIMEZONE', $at)) {
            $end = stripos($text, 'END:VTIMEZONE', $at);
            if (false === $end || $end - $at > self::LONGEST) {
                ++$at;
                continue;
            }
            $block = substr($text, $at, $end - $at);
            foreach (ContentLines::of($block) as $line) {
                $said = Property::read($line);
                if (null !== $said && 'TZID' === $said[0]) {
                    $described[$said[1]->words()] ??= $block;
                    break;
                }
            }
            $at = $end;
        }

        return new self($described);
    }

    /** Null where nobody knows it. */
    public function named(string $name): ?Zone
    {
        if (!\array_key_exists($name, $this->known)) {
            $this->known[$name] = NamedZone::named($name) ?? $this->ofTheFile($name) ?? self::ofAnotherProgram($name);
        }

        return $this->known[$name];
    }

    /** Names of office programs, and places behind a path. */
    private static function ofAnotherProgram(string $name): ?Zone
    {
        try {
            return new NamedZone(Quietly::do(static fn (): \DateTimeZone => TimeZoneUtil::getTimeZone($name, null, true)));
        } catch (\Throwable) {
            return null;
        }
    }

    private function ofTheFile(string $name): ?Zone
    {
        $times = [];
        $time = null;
        foreach (ContentLines::of($this->described[$name] ?? '') as $line) {
            [$word, $said] = Property::read($line) ?? ['', null];
            if ('X-LIC-LOCATION' === $word && null !== $said && null !== NamedZone::named($said->words())) {
                return NamedZone::named($said->words());
            }
            if ('BEGIN' === $word) {
                $time = [];
            } elseif ('END' === $word) {
                $read = self::time($time ?? []);
                array_push($times, ...null === $read ? [] : [$read]);
                $time = null;
            } elseif (null !== $time && null !== $said) {
                $time[$word][] = $said->value;
            }
        }

        return [] === $times ? null : new FileZone($times);
    }

    /**
     * @param array<string, list<string>> $said
     *
     * @return array{first: Day, second: int, from: int, to: int, rule: Rule|null, also: list<Day>}|null
     */
    private static function time(array $said): ?array
    {
        $start = Moment::written($said['DTSTART'][0] ?? '');
        $from = self::offset($said['TZOFFSETFROM'][0] ?? '');
        $to = self::offset($said['TZOFFSETTO'][0] ?? '');
        if (null === $start || null === $from || null === $to) {
            return null;
        }
        try {
            $rule = isset($said['RRULE'][0]) ? Rule::read($said['RRULE'][0]) : null;
        } catch (RuleRefused) {
            $rule = null;
        }
        $also = array_map(
            static fn (string $one): ?Day => Moment::written($one)[0] ?? null,
            explode(',', implode(',', $said['RDATE'] ?? [])),
        );

        return [
            'first' => $start[0],
            'second' => $start[1] ?? 0,
            'from' => $from,
            'to' => $to,
            'rule' => $rule,
            'also' => array_values(array_filter($also)),
        ];
    }

    /** Seconds of "+0530"; null where it is none. */
    private static function offset(string $said): ?int
    {
        return 1 === preg_match('/^([+-])(\d{2})(\d{2})(\d{2})?$/', trim($said), $found)
            ? ('-' === $found[1] ? -1 : 1) * (3_600 * (int) $found[2] + 60 * (int) $found[3] + (int) ($found[4] ?? 0))
            : null;
    }
}
