<?php

/* What a failing database means for the person: what it is, and what to do. */

declare(strict_types=1);

namespace App\Api;

use App\Repository\DatabaseGone;

final class StorageFailure
{
    /** Result codes of SQLite. Source: https://www.sqlite.org/rescode.html */
    private const BUSY = [5, 6];
    private const READ_ONLY = 8;
    private const DISK = [10, 14];
    private const DAMAGED = [11, 26];
    private const FULL = 13;
    private const ERROR = 1;

    /** @return array{int, string, string}|null status, title and detail; null where it is no failure of the database */
    public static function of(\Throwable $error): ?array
    {
        // A full disk ends the whole transaction, so taking it back fails as well: the first cause is further down.
        for ($cause = $error; null !== $cause; $cause = $cause->getPrevious()) {
            if ($cause instanceof DatabaseGone) {
                return [503, 'The notebooks are not there', $cause->getMessage()];
            }
            $code = $cause instanceof \PDOException ? $cause->errorInfo[1] ?? null : null;
            $known = \is_int($code) ? self::ofCode($code, $cause->getMessage()) : null;
            if (null !== $known) {
                return $known;
            }
        }

        return null;
    }

    /** @return array{int, string, string}|null */
    private static function ofCode(int $code, string $message): ?array
    {
        return match (true) {
            \in_array($code, self::BUSY, true) => [
                503,
                'The notebooks are in use',
                'Another program holds the file of the notebooks: nothing was saved. Close what is reading or copying it, then try again.',
            ],
            self::READ_ONLY === $code => [
                503,
                'The notebooks cannot be written',
                'The file of the notebooks may only be read here: nothing was saved. Give the program the right to write to it and to '
                    .'its folder.',
            ],
            self::FULL === $code => [
                507,
                'The disk is full',
                'There is no room left on the disk: nothing was saved. Make room, then try again.',
            ],
            \in_array($code, self::DISK, true) => [
                503,
                'The disk does not answer',
                'The file of the notebooks cannot be opened, read or written: nothing was saved. Look after the disk and the rights '
                    .'of the folder it is in.',
            ],
            \in_array($code, self::DAMAGED, true) => [
                503,
                'The notebooks are damaged',
                'The file of the notebooks is damaged: nothing was saved. Stop the program and restore a copy with bin/console '
                    .'shelf:restore.',
            ],
            self::ERROR === $code && str_contains($message, 'no such table') => [
                503,
                'The notebooks are not set up',
                'The file of the notebooks is not set up for this version: run bin/console doctrine:migrations:migrate, or bin/demo.',
            ],
            default => null,
        };
    }
}
