<?php

/*
 * Which file the open database is. A file that is deleted or replaced while the program runs stays readable and writable
 * through a connection that is open, and all that is written there is lost; so its identity is looked at, which costs
 * one question to the file system.
 */

declare(strict_types=1);

namespace App\Repository;

final class DatabaseFile
{
    private string $path = '';

    private ?string $opened = null;

    /** Device and inode; null where there is no such file. */
    public static function identity(string $path): ?string
    {
        clearstatcache(true, $path);
        $stat = @stat($path);

        return false === $stat ? null : "{$stat['dev']}-{$stat['ino']}";
    }

    /** An empty file that only its owner may read: notebooks are private. @return string its identity */
    public static function begun(string $path): string
    {
        $before = umask(0o077);
        try {
            @touch($path);
        } finally {
            umask($before);
        }

        return self::identity($path) ?? throw new DatabaseGone();
    }

    /** @throws DatabaseGone where another file has taken its place since it was looked at */
    public function opened(string $path, string $identity): void
    {
        if ($identity !== self::identity($path)) {
            throw new DatabaseGone();
        }
        [$this->path, $this->opened] = [$path, $identity];
    }

    /** @throws DatabaseGone where what was just written went into a file that is no longer there */
    public function isStillThere(): void
    {
        if (null !== $this->opened && self::identity($this->path) !== $this->opened) {
            throw new DatabaseGone();
        }
    }
}
