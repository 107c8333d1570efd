<?php

/* A count with its word: "1 box", "8 boxes", "½ box", "1½ boxes". */

declare(strict_types=1);

namespace AmpleMargin\Counting;

final class Plural
{
    public static function of(int|Fraction $count, string $one, string $many): string
    {
        return $count.' '.(Fraction::from($count)->compare(0) > 0 && Fraction::from($count)->compare(1) <= 0 ? $one : $many);
    }

    public static function boxes(int|Fraction $count): string
    {
        return self::of($count, 'box', 'boxes');
    }
}
