<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Material\Srgb;
use Kontrast\Vision\Ciede2000;

/**
 * Reads colours off a photo that has a white card in it, or a part of a known colour. It tells the light: each channel, in amounts of
 * light, is scaled so that the card comes out as white paper does, or the part as its own colour (von Kries 1902, in the camera's own three
 * channels). Taps on a part are averaged in amounts of light, and their spread told.
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
    /** A known colour that sends back less than this in a channel tells nothing of the light there. (Chosen.) */
    private const LEAST_KNOWN = 0.03;

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
     * @param Srgb|null                   $known what the card really is; null for white paper
     */
    public static function read(array $card, array $part, ?Srgb $known = null): self
    {
        $warnings = self::doubts($card, $known);
        $light = self::light($card, $known);
        $balanced = array_map(static fn (PhotoSample $tap): Srgb => self::balance($tap->mean->toLinear(), $light), $part);
        $colour = self::balance(self::mean($part)->toLinear(), $light);
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
     * The pixels of a patch with the light taken out.
     *
     * @param non-empty-list<PhotoSample> $card
     * @param non-empty-list<Srgb>        $pixels
     *
     * @return non-empty-list<Srgb>
     */
    public static function balanced(array $card, array $pixels, ?Srgb $known = null): array
    {
        $light = self::light($card, $known);

        return array_map(static fn (Srgb $pixel): Srgb => self::balance($pixel->toLinear(), $light), $pixels);
    }

    /**
     * What makes doubtful whatever is read with this card.
     *
     * @param non-empty-list<PhotoSample> $card
     *
     * @return list<PhotoWarning>
     */
    public static function doubts(array $card, ?Srgb $known = null): array
    {
        $seen = self::mean($card)->toLinear();
        $isOff = self::spread($card) > self::MOST_CARD_SPREAD;
        if (null === $known) {
            $doubts = [
                [PhotoWarning::CardNotNeutral, $isOff || max($seen) > self::MOST_CAST * min($seen)],
                [PhotoWarning::CardDark, max($seen) < self::DARKEST_CARD],
            ];
        } else {
            $doubts = [[PhotoWarning::KnownUneven, $isOff], [PhotoWarning::KnownDark, min($known->toLinear()) < self::LEAST_KNOWN]];
        }
        $told = array_filter([[PhotoWarning::CardClipped, self::isClipped($card)], ...$doubts], static fn (array $one): bool => $one[1]);

        return array_column($told, 0);
    }

    /**
     * @param non-empty-list<PhotoSample> $card
     *
     * @return array{float, float, float} what would be seen of something that sends all of the light back
     */
    private static function light(array $card, ?Srgb $known): array
    {
        $seen = self::mean($card)->toLinear();
        $own = $known?->toLinear() ?? [self::CARD, self::CARD, self::CARD];
        $channel = static fn (int $i): float => $seen[$i] / max($own[$i], self::LEAST_KNOWN);

        return [$channel(0), $channel(1), $channel(2)];
    }

    /**
     * @param array{float, float, float} $seen
     * @param array{float, float, float} $light
     */
    private static function balance(array $seen, array $light): Srgb
    {
        $share = static fn (int $i): float => $light[$i] > 0 ? $seen[$i] / $light[$i] : 0.0;

        return Srgb::linear($share(0), $share(1), $share(2));
    }

    /** @param non-empty-list<PhotoSample> $taps */
    private static function mean(array $taps): Srgb
    {
        return Srgb::mean(array_map(static fn (PhotoSample $tap): Srgb => $tap->mean, $taps));
    }

    /** @param non-empty-list<PhotoSample> $taps */
    private static function isClipped(array $taps): bool
    {
        return max(array_map(static fn (PhotoSample $tap): float => $tap->clipped, $taps)) > self::MOST_CLIPPED;
    }

    /** @param non-empty-list<PhotoSample> $taps */
    private static function spread(array $taps): float
    {
        $mean = self::mean($taps)->toLab();

        return max(array_map(static fn (PhotoSample $tap): float => Ciede2000::between($mean, $tap->mean->toLab()), $taps));
    }
}
