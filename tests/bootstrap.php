<?php

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';

// Symfony's error handler would otherwise be left behind by each kernel and be called risky.
set_exception_handler(null);

// The calendar library is older than the return types of PHP 8.1. Its classes are loaded here, so that what PHP says of them once is not
// taken for something a test did.
$level = error_reporting(\E_ALL & ~\E_DEPRECATED);
(new Sabre\VObject\Component\VCalendar([
    'VEVENT' => ['SUMMARY' => 'x', 'DTSTART' => new DateTimeImmutable('2026-01-01'), 'GEO' => '1;2', 'VALARM' => ['TRIGGER' => 'PT0S']],
]))->serialize();
error_reporting($level);
