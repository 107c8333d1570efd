<?php

/* A day of the calendar, given as "2027-05-31". */

declare(strict_types=1);

namespace AmpleMargin\Spread\Setting;

use AmpleMargin\Calendar\Day;

/** @internal to Spread */
final class DayField extends Field
{
    public function type(): string
    {
        return 'day';
    }

    public function read(mixed $value): ?Day
    {
        return \is_string($value) ? Day::read($value) : null;
    }

    public function wrong(mixed $value): ?string
    {
        return null !== $this->read($value) ? null : "“{$this->label}” is ".self::said($value).': a day such as 2027-05-31 is meant.';
    }

    public function schema(): array
    {
        return ['type' => 'string', 'pattern' => '^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$'];
    }
}
