<?php

/* A setting that is drawn on a screen of its own, such as the symbols of a key; whoever draws it reads it too. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Setting;

/** @internal to Spread */
final class DrawnField extends Field
{
    public function type(): string
    {
        return 'drawn';
    }

    public function wrong(mixed $value): ?string
    {
        return \is_array($value) ? null : "“{$this->label}” is ".self::said($value).'; it is kept, and not read.';
    }

    public function schema(): array
    {
        return ['type' => ['object', 'array']];
    }
}
