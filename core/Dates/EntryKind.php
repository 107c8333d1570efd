<?php

/* What sort of date it is. */

declare(strict_types=1);

namespace AmpleMargin\Dates;

enum EntryKind: string
{
    /** Something that is known. */
    case Date = 'date';
    /** Comes every year; how old somebody turns is known where the year of birth is. */
    case Birthday = 'birthday';
    /** Must be done by its day, and thought of before. */
    case Duty = 'duty';
}
