<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\Intent;
use Kontrast\Lure\Pairing;
use Kontrast\Vision\Separation;

/**
 * What the fish should see, in the model's words: how skirt and trailer should read beside each other, and what skirt and blade are for.
 * Chosen.
 */
final readonly class BuildGoal
{
    /**
     * @param Pairing|null               $pairing null where there is no skirt or no trailer to pair
     * @param Pairing                    $ifPaired how they would go together in a build that has both
     * @param non-empty-list<Separation> $reads   any of these will do for skirt and trailer, where a build has both
     */
    private function __construct(
        public Intent $intent,
        public ?Pairing $pairing,
        public Pairing $ifPaired,
        public array $reads,
        public PartGoal $skirt,
        public PartGoal $blade,
    ) {
    }

    /** @param bool $isPaired whether the lure has both skirt and trailer */
    public static function of(Intent $intent, Pairing $pairing, bool $isPaired = true): self
    {
        [$skirt, $blade] = match ($intent) {
            Intent::Vanish => [PartGoal::LeastContrast, PartGoal::LeastContrast],
            Intent::PassForForage => [PartGoal::LikeForage, PartGoal::LikeForage],
            Intent::BeFound => [PartGoal::FarthestSeen, PartGoal::FarthestSeen],
            Intent::Shock => [PartGoal::LikeForage, PartGoal::FarthestSeen],
            Intent::CastShadow => [PartGoal::Darkest, PartGoal::Darkest],
        };

        return new self($intent, $isPaired ? $pairing : null, $pairing, self::reads($pairing), $skirt, $blade);
    }

    /** @return non-empty-list<Separation> how a pair has to read to be what the trade calls it */
    public static function reads(Pairing $pairing): array
    {
        return match ($pairing) {
            Pairing::Match => [Separation::One],
            Pairing::Tonal => [Separation::One, Separation::Tonal],
            Pairing::Accent => [Separation::Tonal, Separation::TwoTone, Separation::Stark],
            Pairing::Contrast => [Separation::TwoTone, Separation::Stark],
        };
    }

    /** The whole in one line. */
    public function line(bool $blades): string
    {
        $means = match ($this->intent) {
            Intent::Vanish => 'Blend in: nothing on the lure stands out from the water.',
            Intent::PassForForage => 'Match the forage: close to its colors'.($blades ? ', blade included.' : '.'),
            Intent::BeFound => $blades
                ? 'Stand out: skirt and blade visible from as far as this water allows.'
                : 'Stand out: a skirt visible from as far as this water allows.',
            Intent::Shock => $blades
                ? 'Trigger a strike: a blade visible from far away over a body that matches the forage.'
                : 'Trigger a strike: a match for the forage that comes by fast.',
            Intent::CastShadow => 'Show a silhouette: the whole lure darker than the water behind it.',
        };

        return $means.match ($this->pairing) {
            null => '',
            Pairing::Match => ' Skirt and trailer look like one color.',
            Pairing::Tonal => ' Skirt and trailer in close shades.',
            Pairing::Accent => ' Skirt and trailer of the same family with an accent.',
            Pairing::Contrast => ' Skirt and trailer look like two colors.',
        };
    }
}
