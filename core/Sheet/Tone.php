<?php

/* What a printed mark stands for; the writer chooses weight and grey. */

declare(strict_types=1);

namespace AmpleMargin\Sheet;

enum Tone: string
{
    case Pencil = 'pencil';
    case Band = 'band';
    case Ink = 'ink';
    case Writing = 'writing';
    /** What helps to lay, cut and check the sheet: rulers, its head and its foot. */
    case Ruler = 'ruler';
    case Cut = 'cut';
    case Fold = 'fold';
}
