<?php

/* How sure a book lasts, in a sentence. */

declare(strict_types=1);

namespace AmpleMargin\Carrying;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Counting\Listed;
use AmpleMargin\Counting\Plural;

final class LastingWords
{
    public static function of(Lasting $lasting, Names $names): string
    {
        $years = $lasting->isOwn
            ? 'years like your last months'
            : 'years as most people’s (from memory, until four months of yours have ended)';
        $of = $lasting->ofHundred();
        if (100 === $of) {
            return "Lasts in all $years.";
        }
        $months = array_map(
            static fn (string $month): string => $names->monthAndYear(
                Month::read($month) ?? throw new \LogicException("$month is a month."),
            ),
            $lasting->where(),
        );
        $where = Listed::any($months);

        $says = 0 === $of
            ? "Lasts in none of 100 $years: it runs out in $where."
            : "Lasts in $of of 100 $years; in the others it runs out in $where.";

        return $says
            .(null === $lasting->more || 0 === $lasting->more
                ? ''
                : ' '.Plural::of($lasting->more, 'page', 'pages').' more would make it 99.');
    }
}
