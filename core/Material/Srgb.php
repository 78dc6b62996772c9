<?php

declare(strict_types=1);

namespace Kontrast\Material;

/** A colour of an sRGB screen, channels 0 to 1 and encoded. IEC 61966-2-1:1999. */
final readonly class Srgb
{
    private function __construct(public float $red, public float $green, public float $blue)
    {
    }

    /** @throws NotAColour */
    public static function hex(string $hex): self
    {
        if (1 !== preg_match('/^#([0-9a-f]{2})([0-9a-f]{2})([0-9a-f]{2})$/i', $hex, $channels)) {
            throw NotAColour::hex($hex);
        }

        return new self((float) hexdec($channels[1]) / 255, (float) hexdec($channels[2]) / 255, (float) hexdec($channels[3]) / 255);
    }

    /** The nearest colour a screen has, channel by channel. */
    public static function nearest(Xyz $colour): self
    {
        return self::linear(...self::lights($colour));
    }

    /** How much of the strongest channel a colour takes, 1 being all the screen has. */
    public static function brightestChannel(Xyz $colour): float
    {
        return max(self::lights($colour));
    }

    /** @return array{float, float, float} amounts of red, green and blue light, out of range where no screen has the colour */
    public static function lights(Xyz $colour): array
    {
        return [
            3.2404542 * $colour->x - 1.5371385 * $colour->y - 0.4985314 * $colour->z,
            -0.9692660 * $colour->x + 1.8760108 * $colour->y + 0.0415560 * $colour->z,
            0.0556434 * $colour->x - 0.2040259 * $colour->y + 1.0572252 * $colour->z,
        ];
    }

    /** From amounts of light, those out of range clipped. */
    public static function linear(float $red, float $green, float $blue): self
    {
        return new self(self::encoded($red), self::encoded($green), self::encoded($blue));
    }

    /**
     * The mean of several, as amounts of light.
     *
     * @param non-empty-list<self> $colours
     */
    public static function mean(array $colours): self
    {
        $linear = array_map(static fn (self $one): array => $one->toLinear(), $colours);
        $mean = static fn (int $i): float => array_sum(array_column($linear, $i)) / \count($linear);

        return self::linear($mean(0), $mean(1), $mean(2));
    }

    /** @return array{float, float, float} amounts of red, green and blue light, 0 to 1 */
    public function toLinear(): array
    {
        return [self::decoded($this->red), self::decoded($this->green), self::decoded($this->blue)];
    }

    public function toXyz(): Xyz
    {
        [$r, $g, $b] = $this->toLinear();

        return new Xyz(
            0.4124564 * $r + 0.3575761 * $g + 0.1804375 * $b,
            0.2126729 * $r + 0.7151522 * $g + 0.0721750 * $b,
            0.0193339 * $r + 0.1191920 * $g + 0.9503041 * $b,
        );
    }

    public function toLab(): Lab
    {
        return Lab::of($this->toXyz(), Xyz::d65());
    }

    /** @return non-empty-string "#rrggbb" */
    public function toHex(): string
    {
        return \sprintf('#%02x%02x%02x', (int) round($this->red * 255), (int) round($this->green * 255), (int) round($this->blue * 255));
    }

    private static function encoded(float $light): float
    {
        $light = max(0.0, min(1.0, $light));

        return $light <= 0.0031308 ? 12.92 * $light : 1.055 * $light ** (1 / 2.4) - 0.055;
    }

    private static function decoded(float $channel): float
    {
        return $channel <= 0.04045 ? $channel / 12.92 : (($channel + 0.055) / 1.055) ** 2.4;
    }
}
