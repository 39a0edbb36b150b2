<?php

declare(strict_types=1);

/*
 * Functions of PHP 8.5 that Symfony 7.4 calls through symfony/polyfill-php85, which some registries lack.
 * Loaded by Composer before anything else; on PHP 8.5 it defines nothing.
 */

if (!function_exists('get_error_handler')) {
    function get_error_handler(): ?callable
    {
        $handler = set_error_handler(null);
        restore_error_handler();

        return $handler;
    }
}

if (!function_exists('get_exception_handler')) {
    function get_exception_handler(): ?callable
    {
        $handler = set_exception_handler(null);
        restore_exception_handler();

        return $handler;
    }
}

if (!function_exists('array_first')) {
    /** @param array<mixed> $array */
    function array_first(array $array): mixed
    {
        foreach ($array as $value) {
            return $value;
        }

        return null;
    }
}

if (!function_exists('array_last')) {
    /** @param array<mixed> $array */
    function array_last(array $array): mixed
    {
        return $array ? current(array_slice($array, -1)) : null;
    }
}
