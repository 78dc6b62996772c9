<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** The goal of a lure: what a fish should see in it. */
enum Intent: string
{
    use HasLabel;

    case BlendIn = 'blend_in';
    case MatchForage = 'match_forage';
    case StandOut = 'stand_out';
    case TriggerStrike = 'trigger_strike';
    case ShowSilhouette = 'show_silhouette';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::MatchForage->value => 'match the forage',
            self::TriggerStrike->value => 'trigger a strike',
            self::ShowSilhouette->value => 'show a silhouette',
        ];
    }
}
