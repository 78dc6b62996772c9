<?php

declare(strict_types=1);

namespace App\UseCase\Access;

use App\Persistence\Entity\SignInAttempts;

/**
 * How long nobody may try after so many wrong pass phrases: from one address soon and long, from all together late and briefly, so that
 * somebody who guesses from many addresses gets nowhere and yet cannot keep the angler out for long. (Chosen.).
 */
final class SignInWaits
{
    public const ALL = 'all';
    private const FREE = 3;
    private const LONGEST_S = 900;
    private const FREE_IN_ALL = 30;
    private const LONGEST_IN_ALL_S = 60;
    /** Attempts older than this are forgotten. */
    public const MEMORY_S = 3600;

    /** Seconds that are left until the next try is looked at; 0 where it may come now. */
    public static function left(SignInAttempts $attempts, \DateTimeImmutable $now): int
    {
        $until = $attempts->lastAt()->getTimestamp() + self::after($attempts->failures(), self::ALL === $attempts->place());

        return max(0, $until - $now->getTimestamp());
    }

    /** Doubles with each one, up to the longest. */
    public static function after(int $failures, bool $isInAll): int
    {
        $beyond = $failures - ($isInAll ? self::FREE_IN_ALL : self::FREE);

        return $beyond < 0 ? 0 : min($isInAll ? self::LONGEST_IN_ALL_S : self::LONGEST_S, 2 ** min($beyond, 20));
    }
}
