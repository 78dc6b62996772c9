<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** How far down a rod bends: fast at the tip only. */
enum RodAction: string
{
    use HasLabel;

    case Moderate = 'moderate';
    case ModerateFast = 'moderate_fast';
    case Fast = 'fast';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [self::ModerateFast->value => 'moderate with a fast tip'];
    }
}
