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
    /** @param non-empty-list<Separation> $reads any of these will do for skirt and trailer */
    private function __construct(
        public Intent $intent,
        public Pairing $pairing,
        public array $reads,
        public PartGoal $skirt,
        public PartGoal $blade,
    ) {
    }

    public static function of(Intent $intent, Pairing $pairing): self
    {
        [$skirt, $blade] = match ($intent) {
            Intent::Vanish => [PartGoal::LeastContrast, PartGoal::LeastContrast],
            Intent::PassForForage => [PartGoal::LikeForage, PartGoal::LikeForage],
            Intent::BeFound => [PartGoal::FarthestSeen, PartGoal::FarthestSeen],
            Intent::Shock => [PartGoal::LikeForage, PartGoal::FarthestSeen],
            Intent::CastShadow => [PartGoal::Darkest, PartGoal::Darkest],
        };

        return new self($intent, $pairing, self::reads($pairing), $skirt, $blade);
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
            Intent::Vanish => 'Vanish: nothing on the lure should stand off the water.',
            Intent::PassForForage => 'Pass for food: close to the colours of what they eat'.($blades ? ', blade and all.' : '.'),
            Intent::BeFound => $blades
                ? 'Be found: skirt and blade made out from as far as this water allows.'
                : 'Be found: a skirt made out from as far as this water allows.',
            Intent::Shock => $blades
                ? 'Shock: a blade seen from afar over a body they could eat.'
                : 'Shock: something they could eat, come upon fast.',
            Intent::CastShadow => 'Cast a shadow: darker than the water behind it, all of it.',
        };

        return $means.' '.match ($this->pairing) {
            Pairing::Match => 'Skirt and trailer read as one.',
            Pairing::Tonal => 'Skirt and trailer a shade apart at most.',
            Pairing::Accent => 'Skirt and trailer of one family, told apart by a touch.',
            Pairing::Contrast => 'Skirt and trailer read as two.',
        };
    }
}
