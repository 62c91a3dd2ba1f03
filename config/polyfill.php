<?php

declare(strict_types=1);

// Symfony 7.4 calls this PHP 8.5 function; it is the only one of that polyfill it uses (docs/decisions/0002).
if (!function_exists('get_error_handler')) {
    function get_error_handler(): ?callable
    {
        $handler = set_error_handler(static fn (): bool => false);
        restore_error_handler();

        return $handler;
    }
}
