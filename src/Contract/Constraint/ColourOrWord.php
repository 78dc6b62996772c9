<?php

declare(strict_types=1);

namespace App\Contract\Constraint;

use Kontrast\Lure\Colour;
use Symfony\Component\Validator\Constraint;

/** A color as #rrggbb or as one of the trade's words. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class ColourOrWord extends Constraint implements Bound
{
    public const HEX = '/^#[0-9a-f]{6}$/iD';
    public const CODE = 'no_colour';

    public function message(): string
    {
        return '{{ value }} is not a color. Write #rrggbb or one of these words: '.implode(', ', self::words()).'.';
    }

    /** @return list<string> */
    public static function words(): array
    {
        return array_map(static fn (Colour $colour): string => $colour->value, Colour::cases());
    }

    public static function allows(string $value): bool
    {
        return 1 === preg_match(self::HEX, $value) || null !== Colour::tryFrom(strtolower($value));
    }

    public function schema(): array
    {
        return ['pattern' => '^(#[0-9a-fA-F]{6}|'.implode('|', array_map(self::anyCase(...), self::words())).')$'];
    }

    /** JSON Schema's patterns know no flag for it. */
    private static function anyCase(string $word): string
    {
        return implode('', array_map(static fn (string $c): string => '_' === $c ? $c : '['.$c.strtoupper($c).']', str_split($word)));
    }
}
