<?php

/* A copy of the whole shelf, edits and ticks included, while the program runs. */

declare(strict_types=1);

namespace App\Command;

use App\Repository\Copies;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('shelf:keep', 'Copies all notebooks, with their edits and ticks, into one file.')]
final class ShelfKeepCommand extends CopyCommand
{
    protected function done(string $database, string $file): string
    {
        Copies::make($database, $file);

        return 'All notebooks are copied.';
    }
}
