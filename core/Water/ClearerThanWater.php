<?php

declare(strict_types=1);

namespace Kontrast\Water;

use Kontrast\Measure\Length;
use Kontrast\Measure\Said;

/** Thrown where somebody claims to see farther than pure water lets them. */
final class ClearerThanWater extends \DomainException
{
    private function __construct(public readonly Length $most, string $message)
    {
        parent::__construct($message);
    }

    public static function than(Length $visibility, Length $most): self
    {
        return new self($most, \sprintf(
            '%s is clearer than pure water allows under this sky. The largest value here is %s.',
            Said::mark(round($visibility->inInches(), 1).' in'),
            Said::mark(floor($most->inInches()).' in'),
        ));
    }
}
