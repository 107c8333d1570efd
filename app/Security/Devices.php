<?php

/*
 * Phones and tablets that were paired: each has a secret of its own in a cookie, of which only a hash is kept. A code of six letters
 * pairs one device; it is good for a few minutes and a few tries. Read without the framework, so that who is not paired costs little.
 */

declare(strict_types=1);

namespace App\Security;

final class Devices
{
    /** Seconds a code is good for, and wrong tries it stands. */
    public const GOOD_FOR = 300;
    public const TRIES = 5;

    /** Devices that are paired at once. */
    public const MOST = 30;

    /** Seconds after which a device that was not seen must be paired again: half a year. */
    private const FORGOTTEN = 15_552_000;

    /** Seconds between two notes of when a device was seen. */
    private const SEEN_EVERY = 600;

    /** Letters that cannot be taken for one another or for a figure. */
    private const LETTERS = 'ABCDEFGHJKMNPQRSTVWXYZ';
    private const LENGTH = 6;

    private ?\PDO $open = null;

    /** @param \Closure(): int $now seconds since 1970 */
    public function __construct(private readonly string $database, private readonly \Closure $now)
    {
    }

    public static function here(): self
    {
        $database = $_SERVER['AMPLE_DATABASE'] ?? getenv('AMPLE_DATABASE');

        return new self(
            \is_string($database) && '' !== $database ? $database : \dirname(__DIR__, 2).'/var/ample-margin.sqlite',
            static fn (): int => time(),
        );
    }

    /** A new code; the one before it is good no more. */
    public function code(): string
    {
        $code = '';
        for ($i = 0; $i < self::LENGTH; ++$i) {
            $code .= self::LETTERS[random_int(0, \strlen(self::LETTERS) - 1)];
        }
        $this->do(
            'INSERT OR REPLACE INTO pairing (id, code, ends, tries) VALUES (1, ?, ?, 0)',
            [hash('sha256', $code), ($this->now)() + self::GOOD_FOR],
        );

        return $code;
    }

    /**
     * Pairs a device with the code it typed; the code is used up by that. A try counts before it is looked at, so that tries at the same
     * moment are not free.
     *
     * @return string|null its secret; null where the code is wrong, too old, used up or was tried too often
     */
    public function pair(string $typed, string $name): ?string
    {
        $now = ($this->now)();
        $counted = $this->do('UPDATE pairing SET tries = tries + 1 WHERE ends > ? AND tries < ?', [$now, self::TRIES]);
        $code = strtoupper((string) preg_replace('/[^A-Za-z]/', '', substr($typed, 0, 40)));
        $kept = $this->rows('SELECT code FROM pairing WHERE id = 1', [])[0]['code'] ?? '';
        $isRight = hash_equals(str_pad((string) $kept, 64), str_pad(hash('sha256', $code), 64));
        if (0 === $counted || !$isRight || 1 !== $this->do('DELETE FROM pairing WHERE code = ?', [hash('sha256', $code)])) {
            return null;
        }
        $secret = rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '=');
        $name = mb_substr(trim((string) preg_replace('/[\x00-\x1f\x7f]+/', ' ', mb_scrub($name))), 0, 40);
        $this->do(
            'DELETE FROM device WHERE hash NOT IN (SELECT hash FROM device WHERE seen > ? ORDER BY seen DESC LIMIT ?)',
            [$now - self::FORGOTTEN, self::MOST - 1],
        );
        $this->do(
            'INSERT INTO device (hash, id, name, made, seen) VALUES (?, ?, ?, ?, ?)',
            [hash('sha256', $secret), bin2hex(random_bytes(8)), '' === $name ? 'A device' : $name, $now, $now],
        );

        return $secret;
    }

    /** The device a secret belongs to, and notes that it was seen; null where it is none, was taken away or not seen for half a year. */
    public function known(string $secret): ?string
    {
        if (1 !== preg_match('/^[A-Za-z0-9_-]{43}$/D', $secret)) {
            return null;
        }
        $hash = hash('sha256', $secret);
        $now = ($this->now)();
        $row = $this->rows('SELECT id, seen FROM device WHERE hash = ? AND seen > ?', [$hash, $now - self::FORGOTTEN])[0] ?? null;
        if (null === $row) {
            return null;
        }
        if ((int) $row['seen'] < $now - self::SEEN_EVERY) {
            try {
                $this->do('UPDATE device SET seen = ? WHERE hash = ?', [$now, $hash]);
            } catch (\PDOException) {
                // Somebody else is writing; it will be seen again.
            }
        }

        return (string) $row['id'];
    }

    /** @return list<array{id: string, name: string, made: int, seen: int}> the last seen first */
    public function all(): array
    {
        return array_map(static fn (array $row): array => [
            'id' => (string) $row['id'],
            'name' => (string) $row['name'],
            'made' => (int) $row['made'],
            'seen' => (int) $row['seen'],
        ], $this->rows('SELECT id, name, made, seen FROM device ORDER BY seen DESC, id', []));
    }

    /** Its cookie opens nothing any more. */
    public function remove(string $id): bool
    {
        return 1 === $this->do('DELETE FROM device WHERE id = ?', [$id]);
    }

    /** @param list<int|string> $values @return int rows that were changed */
    private function do(string $statement, array $values): int
    {
        $done = $this->database()->prepare($statement);
        $done->execute($values);

        return $done->rowCount();
    }

    /**
     * @param list<int|string> $values
     *
     * @return list<array<string, int|string|null>>
     */
    private function rows(string $query, array $values): array
    {
        $asked = $this->database()->prepare($query);
        $asked->execute($values);
        /** @var list<array<string, int|string|null>> $rows */
        $rows = $asked->fetchAll(\PDO::FETCH_ASSOC);

        return $rows;
    }

    private function database(): \PDO
    {
        if (null === $this->open) {
            $this->open = new \PDO("sqlite:$this->database", null, null, [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
            $this->open->exec('PRAGMA busy_timeout = 5000');
        }

        return $this->open;
    }
}
