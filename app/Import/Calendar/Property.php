<?php

/* One property of a component: DTSTART;TZID=Europe/Berlin:20270312T103000 (RFC 5545, 3.1). */

declare(strict_types=1);

namespace App\Import\Calendar;

final class Property
{
    private function __construct(private readonly string $parameters, public readonly string $value)
    {
    }

    /** @return array{string, self}|null its name in capitals, and what is said; null where the line says nothing */
    public static function read(string $line): ?array
    {
        // The value begins behind the first colon that stands in no quotes.
        if (1 !== preg_match('/^([A-Za-z0-9-]+)((?:;(?:[^":]|"[^"]*")*)?):(.*)$/s', $line, $found)) {
            return null;
        }

        return [strtoupper($found[1]), new self($found[2], $found[3])];
    }

    /** "" where it has none. */
    public function parameter(string $name): string
    {
        return 1 === preg_match('/;'.$name.'=(?:"([^"]*)"|([^;"]*))/i', $this->parameters, $found)
            ? $found[1].($found[2] ?? '')
            : '';
    }

    /** As words, on one line (RFC 5545, 3.3.11). */
    public function words(): string
    {
        $plain = str_contains($this->value, '\\')
            ? strtr($this->value, ['\\\\' => '\\', '\\;' => ';', '\\,' => ',', '\\n' => ' ', '\\N' => ' '])
            : $this->value;

        return trim((string) preg_replace('/\s+/u', ' ', $plain));
    }
}
