<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

/** Times in columns are in UTC: a column knows no time zone, and Doctrine reads it back in that of the machine. */
final class InUtc
{
    public static function convert(\DateTimeImmutable $at): \DateTimeImmutable
    {
        return $at->setTimezone(new \DateTimeZone('UTC'));
    }

    public static function read(\DateTimeImmutable $at): \DateTimeImmutable
    {
        return new \DateTimeImmutable($at->format('Y-m-d H:i:s'), new \DateTimeZone('UTC'));
    }

    public static function written(\DateTimeImmutable $at): string
    {
        return self::read($at)->format(\DateTimeInterface::ATOM);
    }
}
