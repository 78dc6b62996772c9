<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** Which way round a trailer is threaded. */
enum Rig: string
{
    use HasLabel;

    case Upright = 'upright';
    case OnSide = 'on_side';
    case CurlAway = 'curl_away';

    /** How a style is threaded where nothing else is said (T5). */
    public static function usualFor(TrailerStyle $style): self
    {
        return match ($style) {
            TrailerStyle::SingleTailGrub, TrailerStyle::Ringworm => self::CurlAway,
            default => self::Upright,
        };
    }

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::OnSide->value => 'on its side',
            self::CurlAway->value => 'curl away from the hook bend',
        ];
    }
}
