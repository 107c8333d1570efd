<?php

/* An event or a task of a calendar file: what it says, and the line on which it begins. */

declare(strict_types=1);

namespace App\Import\Calendar;

final class Event
{
    /** Values of one property that are kept, of one event: no entry has more days than that (Entry::MOST_DAYS). */
    private const MOST = 500;

    /** @var array<string, list<Property>> */
    private array $said = [];

    /** Whether something was said more often than is kept. */
    public bool $more = false;

    /** @param int $line of the file, from 1 */
    public function __construct(public readonly int $line)
    {
    }

    public function saying(string $name, Property $said): void
    {
        if (\count($this->said[$name] ?? []) >= self::MOST) {
            $this->more = true;

            return;
        }
        $this->said[$name][] = $said;
    }

    /** @return list<Property> */
    public function all(string $name): array
    {
        return $this->said[$name] ?? [];
    }

    public function first(string $name): ?Property
    {
        return $this->said[$name][0] ?? null;
    }

    /** As words; "" where it says nothing. */
    public function text(string $name): string
    {
        return $this->first($name)?->words() ?? '';
    }
}
