<?php

/* A month of the calendar, given as "2027-05". */

declare(strict_types=1);

namespace AmpleMargin\Spread\Setting;

use AmpleMargin\Calendar\Month;

/** @internal to Spread */
final class MonthField extends Field
{
    public function type(): string
    {
        return 'month';
    }

    public function read(mixed $value): ?Month
    {
        return \is_string($value) ? Month::read($value) : null;
    }

    public function wrong(mixed $value): ?string
    {
        return null !== $this->read($value) ? null : "“{$this->label}” is ".self::said($value).': a month such as 2027-05 is meant.';
    }

    public function schema(): array
    {
        return ['type' => 'string', 'pattern' => '^\d{4}-(0[1-9]|1[0-2])$'];
    }
}
