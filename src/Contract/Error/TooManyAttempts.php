<?php

declare(strict_types=1);

namespace App\Contract\Error;

/** Too many wrong pass phrases: the next one is looked at after a wait. */
final class TooManyAttempts extends \RuntimeException
{
    private function __construct(string $message, public readonly int $waitS)
    {
        parent::__construct($message);
    }

    public static function waitFor(int $seconds): self
    {
        $words = match (true) {
            1 === $seconds => '1 second',
            $seconds < 120 => "$seconds seconds",
            default => ceil($seconds / 60).' minutes',
        };

        return new self("Too many wrong pass phrases. Try again in $words.", $seconds);
    }
}
