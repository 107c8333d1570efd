<?php

/*
 * framework-bundle 7.4 calls one function of PHP 8.5. Where PHP is older it is defined here,
 * in place of the whole polyfill package (docs/decisions/0002-stack.md).
 */

declare(strict_types=1);

if (!function_exists('get_error_handler')) {
    function get_error_handler(): ?callable
    {
        $handler = set_error_handler(static fn (): bool => false);
        restore_error_handler();

        return $handler;
    }
}
