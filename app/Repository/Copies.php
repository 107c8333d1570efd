<?php

/*
 * Copies of the whole shelf: made while the program runs, put back while it does not. SQLite keeps the latest edits in a
 * file beside the database (-wal); a restored database next to an old one of these is destroyed, so it goes first.
 */

declare(strict_types=1);

namespace App\Repository;

final class Copies
{
    private const TABLES = ['notebook', 'edit', 'ticked_step'];

    /** @throws CopyRefused where the copy cannot be made; a file that is there already is not touched */
    public static function make(string $database, string $copy): void
    {
        if (file_exists($copy)) {
            throw new CopyRefused("“{$copy}” is there already. Choose another name.");
        }
        $from = self::open($database);
        $part = "$copy.part";
        @unlink($part);
        DatabaseFile::begun($part);
        try {
            $from->prepare('VACUUM INTO ?')->execute([$part]);
            self::look($part);
        } catch (\PDOException $failure) {
            @unlink($part);
            throw new CopyRefused("The copy cannot be written: {$failure->getMessage()}.", $failure);
        }
        if (!@rename($part, $copy)) {
            throw new CopyRefused("“{$copy}” cannot be written.");
        }
    }

    /**
     * The copy in the place of the database.
     *
     * @return string|null where the database that was there is kept now
     *
     * @throws CopyRefused where the copy is damaged or the program runs; nothing is changed then
     */
    public static function restore(string $database, string $copy): ?string
    {
        self::look($copy);
        $part = "$database.part";
        DatabaseFile::begun($part);
        if (!@copy($copy, $part)) {
            throw new CopyRefused("There is no room to restore to beside “{$database}”.");
        }
        self::withoutDevices($part, $database);
        // A copy is one file; the program keeps its database with a write-ahead log.
        self::column(self::open($part), 'PRAGMA journal_mode = WAL');
        $before = null;
        if (file_exists($database)) {
            self::alone($database);
            $before = $database.'.before-'.date('Ymd-His');
            if (!@rename($database, $before)) {
                throw new CopyRefused("“{$database}” cannot be put aside.");
            }
        }
        foreach (['-wal', '-shm'] as $beside) {
            @unlink($database.$beside);
        }
        if (!@rename($part, $database)) {
            throw new CopyRefused("“{$database}” cannot be written; what was there is in “{$before}”.");
        }

        return $before;
    }

    /**
     * Devices never come back from a copy: one that was taken away since, because it was lost, would be let in again. Those that are paired
     * now stay paired.
     */
    private static function withoutDevices(string $part, string $database): void
    {
        $copy = self::open($part);
        if ([] === self::column($copy, "SELECT name FROM sqlite_master WHERE type = 'table' AND name = 'device'")) {
            return;
        }
        $copy->exec('DELETE FROM device');
        $copy->exec('DELETE FROM pairing');
        if (!is_file($database)) {
            return;
        }
        try {
            $copy->prepare('ATTACH ? AS now')->execute([$database]);
            $copy->exec('INSERT INTO device (hash, id, name, made, seen) SELECT hash, id, name, made, seen FROM now.device');
            $copy->exec('DETACH now');
        } catch (\PDOException) {
            // What is there now is damaged, or of another version: then every device is paired anew.
        }
    }

    /** Whether it is a whole database of notebooks. @throws CopyRefused */
    public static function look(string $file): void
    {
        try {
            $copy = self::open($file);
            $tables = self::column($copy, "SELECT name FROM sqlite_master WHERE type = 'table'");
            $sound = ['ok'] === self::column($copy, 'PRAGMA integrity_check');
        } catch (\PDOException) {
            throw new CopyRefused("“{$file}” is damaged, or no copy of a shelf.");
        }
        if (!$sound || \count(self::TABLES) !== \count(array_filter(
            self::TABLES,
            static fn (string $table): bool => \in_array($table, $tables, true),
        ))) {
            throw new CopyRefused("“{$file}” is damaged, or no copy of a shelf.");
        }
    }

    /** Only a database that nobody else has open can leave its write-ahead log. @throws CopyRefused */
    private static function alone(string $database): void
    {
        try {
            $left = self::column(self::open($database), 'PRAGMA journal_mode = DELETE');
        } catch (\PDOException $failure) {
            if (\in_array($failure->errorInfo[1] ?? null, [11, 26], true)) {
                // Damaged: it cannot be asked, and that is why it is restored.
                return;
            }
            $left = [];
        }
        if (['delete'] !== $left) {
            throw new CopyRefused('The program is running, or something else has the notebooks open: stop it first.');
        }
    }

    private static function open(string $file): \PDO
    {
        if (!is_file($file)) {
            throw new CopyRefused("There is no file “{$file}”.");
        }
        $database = new \PDO("sqlite:$file", null, null, [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
        $database->exec('PRAGMA busy_timeout = 500');

        return $database;
    }

    /** @return list<mixed> */
    private static function column(\PDO $database, string $query): array
    {
        $answer = $database->query($query);

        return false === $answer ? [] : array_values($answer->fetchAll(\PDO::FETCH_COLUMN));
    }
}
