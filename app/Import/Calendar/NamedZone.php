<?php

/* A zone that is known by its name. */

declare(strict_types=1);

namespace App\Import\Calendar;

final class NamedZone implements Zone
{
    private readonly \DateTimeZone $world;

    /** @var array<int, int> hour of its clock → seconds east; a change falls on a whole hour, or the half of one */
    private array $known = [];

    public function __construct(public readonly \DateTimeZone $zone)
    {
        $this->world = new \DateTimeZone('UTC');
    }

    /** By any name that programs write; null where nobody knows it. */
    public static function named(string $name): ?self
    {
        try {
            return new self(new \DateTimeZone($name));
        } catch (\Throwable) {
            // A name with a NUL in it is an error of another sort than one nobody knows.
            return null;
        }
    }

    public function east(int $wall): int
    {
        return $this->known[intdiv($wall, 1800)] ??= (new \DateTimeImmutable(gmdate('Y-m-d H:i:s', $wall), $this->zone))->getOffset();
    }

    public function eastAt(int $instant): int
    {
        return $this->zone->getOffset(new \DateTimeImmutable("@$instant", $this->world));
    }
}
