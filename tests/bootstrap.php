<?php

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';

// Symfony's error handler would otherwise be left behind by each kernel and be called risky.
set_exception_handler(null);
