<?php

/* Calls a library that has deprecation notices for this PHP, without filling the log with them. */

declare(strict_types=1);

namespace App\Import;

final class Quietly
{
    /**
     * @template T
     *
     * @param \Closure(): T $call
     *
     * @return T
     */
    public static function do(\Closure $call): mixed
    {
        set_error_handler(static fn (): bool => true, \E_DEPRECATED | \E_USER_DEPRECATED);
        try {
            return $call();
        } finally {
            restore_error_handler();
        }
    }
}
