<?php

/*
 * A copy of the database for every day it was used, in a folder beside it; the last ones are kept. One can be put back while
 * the program runs: everything it has takes the place of what is there, in one transaction, and what was there is copied before.
 */

declare(strict_types=1);

namespace App\Repository;

use Doctrine\DBAL\Connection;

final class DailyCopies
{
    /** What is put back: not which devices are paired, which is for now to say. */
    private const TABLES = ['notebook', 'edit', 'ticked_step', 'kept_kind', 'kept_printer'];

    /** Seconds after which nobody is still making a copy. */
    private const HOUR = 3_600;

    /** Copies made before another was put back. */
    private const MOST_BEFORE = 5;

    private const NAME = '/^(\d{4}-\d\d-\d\d|before-\d{8}-\d{6})\.sqlite$/D';

    private readonly string $folder;

    /** @param int $kept days; 0 for no copies */
    public function __construct(private readonly string $database, private readonly int $kept)
    {
        // Named after it: another database may lie beside it.
        $this->folder = preg_replace('/\.sqlite$/D', '', $database).'-copies';
    }

    /** Today's copy, where there is none yet. True where one was made. */
    public function today(\DateTimeImmutable $now): bool
    {
        $file = "$this->folder/{$now->format('Y-m-d')}.sqlite";
        if ($this->kept < 1 || is_file($file) || !is_file($this->database)) {
            return false;
        }
        $this->make($file);
        $this->thin('/^\d{4}/', $this->kept);

        return true;
    }

    /** @return list<array{name: string, bytes: int}> the latest first */
    public function all(): array
    {
        $found = [];
        $names = @scandir($this->folder);
        foreach (false === $names ? [] : $names as $name) {
            if (1 === preg_match(self::NAME, $name)) {
                $found[] = ['name' => substr($name, 0, -7), 'bytes' => (int) @filesize("$this->folder/$name")];
            }
        }
        usort($found, static fn (array $one, array $other): int => self::order($other['name']) <=> self::order($one['name']));

        return $found;
    }

    /** Its file; null where there is no such copy. */
    public function file(string $name): ?string
    {
        $file = "$this->folder/$name.sqlite";

        return 1 === preg_match(self::NAME, "$name.sqlite") && is_file($file) ? $file : null;
    }

    /**
     * Everything of a copy in the place of what is there.
     *
     * @throws CopyRefused where the copy is damaged, or of another version of the program; nothing is changed then
     */
    public function restore(Connection $connection, string $name, \DateTimeImmutable $now): void
    {
        $file = $this->file($name) ?? throw new CopyRefused('There is no copy of that day.');
        Copies::look($file);
        while (null !== $this->file('before-'.$now->format('Ymd-His'))) {
            // Two within one second.
            $now = $now->modify('+1 second');
        }
        $this->make("$this->folder/before-{$now->format('Ymd-His')}.sqlite");
        $connection->executeStatement('ATTACH DATABASE ? AS copy', [$file]);
        try {
            $versions = static fn (string $of): array => $connection->fetchFirstColumn(
                "SELECT version FROM $of.doctrine_migration_versions ORDER BY version",
            );
            if ($versions('main') !== $versions('copy')) {
                throw new CopyRefused("The copy “{$name}” was made by an earlier version of the program: stop it, and run "
                    ."bin/console shelf:restore $name.");
            }
            $connection->transactional(static function (Connection $connection): void {
                // Written before anything is read: then it waits for who writes now, instead of giving up at once.
                $connection->executeStatement('UPDATE main.notebook SET version = version WHERE FALSE');
                $connection->executeStatement('PRAGMA defer_foreign_keys = ON');
                $connection->executeStatement('CREATE TEMPORARY TABLE IF NOT EXISTS was (id TEXT, version INTEGER, ticks INTEGER)');
                $connection->executeStatement('DELETE FROM temp.was');
                $connection->executeStatement('INSERT INTO temp.was SELECT id, version, ticks FROM main.notebook');
                foreach (array_reverse(self::TABLES) as $table) {
                    $connection->executeStatement("DELETE FROM main.$table");
                }
                foreach (self::TABLES as $table) {
                    $columns = implode(', ', array_map(
                        static fn (mixed $one): string => '"'.(\is_string($one) ? $one : '').'"',
                        $connection->fetchFirstColumn("SELECT name FROM pragma_table_info('$table')"),
                    ));
                    $connection->executeStatement("INSERT INTO main.$table ($columns) SELECT $columns FROM copy.$table");
                }
                // A page that shows a later version must see that it is another now.
                foreach (['version', 'ticks'] as $number) {
                    $connection->executeStatement("UPDATE main.notebook SET $number = 1 + MAX($number, "
                        ."COALESCE((SELECT w.$number FROM temp.was w WHERE w.id = main.notebook.id), 0))");
                }
            });
        } finally {
            $connection->executeStatement('DETACH DATABASE copy');
        }
        $this->thin('/^before/', self::MOST_BEFORE);
    }

    private function make(string $file): void
    {
        if (!is_dir($this->folder)) {
            @mkdir($this->folder, 0o700, true);
        }
        // What a copy left behind that was killed while it was made.
        $parts = glob("$this->folder/*.part");
        foreach (false === $parts ? [] : $parts as $part) {
            if ((int) @filemtime($part) < time() - self::HOUR) {
                @unlink($part);
            }
        }
        Copies::make($this->database, $file);
    }

    private function thin(string $sort, int $kept): void
    {
        $alike = array_values(array_filter($this->all(), static fn (array $one): bool => 1 === preg_match($sort, $one['name'])));
        foreach (\array_slice($alike, $kept) as $old) {
            @unlink("$this->folder/{$old['name']}.sqlite");
        }
    }

    /** When it was made, as text that sorts. */
    private static function order(string $name): string
    {
        return str_pad(str_replace(['before-', '-'], '', $name), 14, '0');
    }
}
