<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\HasLabel;

/** How far ahead of the next choice a pick is (X9). */
enum Firmness: string
{
    use HasLabel;

    case Firm = 'firm';
    case Usual = 'usual';
    case TossUp = 'toss_up';

    /** The runner-up's share of the votes from which a pick is a toss-up, and up to which it is firm. (Chosen.) */
    private const CLOSE = 0.8;
    private const FAR = 0.4;

    /** @param float $share what the runner-up's votes come to, beside the pick's: 0 where nothing else was voted for */
    public static function of(float $share): self
    {
        return match (true) {
            $share >= self::CLOSE => self::TossUp,
            $share <= self::FAR => self::Firm,
            default => self::Usual,
        };
    }

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [self::TossUp->value => 'toss-up'];
    }
}
