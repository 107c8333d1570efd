<?php

/* The database file was deleted, moved or replaced while the program runs. */

declare(strict_types=1);

namespace App\Repository;

final class DatabaseGone extends \RuntimeException
{
    public function __construct()
    {
        parent::__construct('The file that holds the notebooks is not there any more, or another was put in its place: nothing was '
            .'saved. Put it back, or restore a copy with bin/console shelf:restore, then load this page again.');
    }
}
