<?php

/* Puts a copy of the shelf back, while the program does not run. */

declare(strict_types=1);

namespace App\Command;

use App\Repository\Copies;
use App\Repository\DailyCopies;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('shelf:restore', 'Puts a copy made by shelf:keep, or that of a day such as 2026-12-20, in the place of the notebooks.')]
final class ShelfRestoreCommand extends CopyCommand
{
    protected function done(string $database, string $file): string
    {
        // A day names the copy that was made on it.
        $before = Copies::restore($database, is_file($file) ? $file : (new DailyCopies($database, 0))->file($file) ?? $file);

        return 'The notebooks are those of the copy.'
            .(null === $before ? '' : " Those that were there are kept in $before.")
            .' Run bin/console doctrine:migrations:migrate if the copy is of an older version; bin/demo does.';
    }
}
