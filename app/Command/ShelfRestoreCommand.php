<?php

/* Puts a copy of the shelf back, while the program does not run. */

declare(strict_types=1);

namespace App\Command;

use App\Repository\Copies;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('shelf:restore', 'Puts a copy made by shelf:keep in the place of the notebooks.')]
final class ShelfRestoreCommand extends CopyCommand
{
    protected function done(string $database, string $file): string
    {
        $before = Copies::restore($database, $file);

        return 'The notebooks are those of the copy.'
            .(null === $before ? '' : " Those that were there are kept in $before.")
            .' Run bin/console doctrine:migrations:migrate if the copy is of an older version; bin/demo does.';
    }
}
