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
            Intent::BlendIn => [PartGoal::LeastContrast, PartGoal::LeastContrast],
            Intent::MatchForage => [PartGoal::LikeForage, PartGoal::LikeForage],
            Intent::StandOut => [PartGoal::FarthestSeen, PartGoal::FarthestSeen],
            Intent::TriggerStrike => [PartGoal::LikeForage, PartGoal::FarthestSeen],
            Intent::ShowSilhouette => [PartGoal::Darkest, PartGoal::Darkest],
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
            Intent::BlendIn => 'Blend in: nothing on the lure stands out from the water.',
            Intent::MatchForage => 'Match the forage: colors close to it'.($blades ? ', blade included.' : '.'),
            Intent::StandOut => $blades
                ? 'Stand out: a skirt and a blade that a bass makes out from as far as this water allows.'
                : 'Stand out: a skirt that a bass makes out from as far as this water allows.',
            Intent::TriggerStrike => $blades
                ? 'Trigger a strike: a blade that shows from far away and a body that matches the forage.'
                : 'Trigger a strike: match the forage and move fast.',
            Intent::ShowSilhouette => 'Show a silhouette: the whole lure darker than the water behind it.',
        };

        return $means.match ($this->pairing) {
            null => '',
            Pairing::Match => ' Skirt and trailer look like one color.',
            Pairing::Tonal => ' Skirt and trailer look like close shades.',
            Pairing::Accent => ' Skirt and trailer are the same color family with an accent.',
            Pairing::Contrast => ' Skirt and trailer look like two colors.',
        };
    }
}
