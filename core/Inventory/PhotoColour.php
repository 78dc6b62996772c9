<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Material\Srgb;
use Kontrast\Vision\Ciede2000;

/**
 * Reads a part's colour off a photo that has a white card in it. The card tells the light: each channel, in amounts of light, is
 * scaled so that the card comes out as white paper does (von Kries 1902, in the camera's own three channels). Taps on the part are averaged
 * in amounts of light, and their spread told.
 */
final readonly class PhotoColour
{
    /** White paper sends back about nine tenths of the light. (Common practice for white cards.) */
    private const CARD = 0.9;
    /** A card whose strongest channel is this many times its weakest is no white card, or stands in too coloured a light. (Chosen.) */
    private const MOST_CAST = 3.0;
    /** Taps on one card may differ by this much light, CIEDE2000. (Chosen.) */
    private const MOST_CARD_SPREAD = 5.0;
    private const MOST_SPREAD = 6.0;
    private const MOST_CLIPPED = 0.02;
    private const DARKEST_CARD = 0.15;

    /**
     * @param float              $spread   CIEDE2000 from the mean to the tap farthest off
     * @param list<PhotoWarning> $warnings
     */
    private function __construct(public Srgb $colour, public float $spread, public array $warnings)
    {
    }

    /**
     * @param non-empty-list<PhotoSample> $card
     * @param non-empty-list<PhotoSample> $part
     */
    public static function read(array $card, array $part): self
    {
        $light = self::mean($card);
        $warnings = [];
        if (self::isClipped($card)) {
            $warnings[] = PhotoWarning::CardClipped;
        }
        if (max($light) > self::MOST_CAST * min($light) || self::spread($card) > self::MOST_CARD_SPREAD) {
            $warnings[] = PhotoWarning::CardNotNeutral;
        }
        if (max($light) < self::DARKEST_CARD) {
            $warnings[] = PhotoWarning::CardDark;
        }
        $balanced = array_map(static fn (PhotoSample $tap): Srgb => self::balance($tap->mean->toLinear(), $light), $part);
        $colour = self::balance(self::mean($part), $light);
        $spread = max(array_map(static fn (Srgb $tap): float => Ciede2000::between($colour->toLab(), $tap->toLab()), $balanced));
        if (self::isClipped($part)) {
            $warnings[] = PhotoWarning::Glare;
        }
        if ($spread > self::MOST_SPREAD) {
            $warnings[] = PhotoWarning::Spread;
        }

        return new self($colour, $spread, $warnings);
    }

    /**
     * @param array{float, float, float} $seen
     * @param array{float, float, float} $light
     */
    private static function balance(array $seen, array $light): Srgb
    {
        $share = static fn (int $i): float => $light[$i] > 0 ? self::CARD * $seen[$i] / $light[$i] : 0.0;

        return Srgb::linear($share(0), $share(1), $share(2));
    }

    /**
     * @param non-empty-list<PhotoSample> $taps
     *
     * @return array{float, float, float} amounts of light
     */
    private static function mean(array $taps): array
    {
        $linear = array_map(static fn (PhotoSample $tap): array => $tap->mean->toLinear(), $taps);
        $mean = static fn (int $i): float => array_sum(array_column($linear, $i)) / \count($linear);

        return [$mean(0), $mean(1), $mean(2)];
    }

    /** @param non-empty-list<PhotoSample> $taps */
    private static function isClipped(array $taps): bool
    {
        return max(array_map(static fn (PhotoSample $tap): float => $tap->clipped, $taps)) > self::MOST_CLIPPED;
    }

    /** @param non-empty-list<PhotoSample> $taps */
    private static function spread(array $taps): float
    {
        $mean = Srgb::linear(...self::mean($taps))->toLab();

        return max(array_map(static fn (PhotoSample $tap): float => Ciede2000::between($mean, $tap->mean->toLab()), $taps));
    }
}
