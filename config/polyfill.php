<?php

declare(strict_types=1);

if (!function_exists('get_error_handler')) {
    /** PHP 8.5's get_error_handler(), for older versions: the current error handler, or null. */
    function get_error_handler(): ?callable
    {
        $handler = set_error_handler(null);
        restore_error_handler();

        return $handler;
    }
}
