<?php

/* A sort of entries a person tells apart: holidays, appointments, deadlines; each with a pen of their palette. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

final class Category
{
    public const MOST = 12;

    /**
     * @param string      $id   small letters, figures and hyphens
     * @param string|null $pen  #rrggbb; null for ink
     * @param bool        $log  whether the future log takes them; others are only marked on the year
     */
    public function __construct(
        public readonly string $id,
        public readonly string $name,
        public readonly ?string $pen = null,
        public readonly bool $log = true,
    ) {
    }

    /** @return list<self> where nobody has chosen their own (docs/trade.md, "The future log") */
    public static function usual(): array
    {
        return [
            new self('holidays', 'Holidays'),
            new self('events', 'Events'),
            new self('appointments', 'Appointments'),
            new self('tasks', 'Tasks'),
            new self('deadlines', 'Deadlines'),
        ];
    }
}
