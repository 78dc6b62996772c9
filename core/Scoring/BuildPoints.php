<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventoryHook;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Lure\SkirtForm;
use Kontrast\Rulebook\Brief;
use Kontrast\Rulebook\Slot;

/**
 * The points of a BuildScorer alone, in thousandths of a point, for whoever compares parts by the thousand: what another scorer of the same
 * SharedScores worked out already is taken over. Parts of one inventory have ids that differ.
 */
final class BuildPoints
{
    private readonly Brief $brief;
    private ?int $unpaired = null;
    private ?string $askedOfSkirt = null;

    public function __construct(private readonly BuildScorer $scorer, private readonly KnownPoints $known)
    {
        $this->brief = $scorer->brief;
    }

    public function head(InventoryHead $head): int
    {
        return $this->known->byVotes('head', 'head', $this->brief->build->head, $head, fn (): int => $this->scorer->head($head)->points);
    }

    public function rear(InventoryBlade $blade): int
    {
        $byVotes = fn (): int => $this->scorer->rearByVotes($blade)->points;
        $forGoal = fn (): int => $this->scorer->rearForGoal($blade)->points;

        return $this->known->byVotes('rear', 'blades', $this->brief->build->blades, $blade, $byVotes)
            + $this->known->byScene('rear goal', $this->scorer->vision->asked($this->brief->wanted->blade), $blade, $forGoal);
    }

    public function front(?InventoryBlade $blade): int
    {
        $points = fn (): int => $this->scorer->front($blade)->points;

        return null === $blade ? $points() : $this->known->byVotes('front', 'blades', $this->brief->build->blades, $blade, $points);
    }

    public function skirt(?InventorySkirt $skirt): int
    {
        if (null === $skirt) {
            return $this->scorer->skirt(null)->points;
        }
        $forGoal = fn (): int => $this->scorer->skirtForGoal($skirt)->points;

        return $this->skirtByVotes($skirt)
            + $this->known->byScene('skirt goal', $this->askedOfSkirt ??= $this->askedOfSkirt(), $skirt, $forGoal);
    }

    /** No less than skirt(), and found by its votes alone, without looking at it in the water. */
    public function mostOfSkirtByVotes(?InventorySkirt $skirt): int
    {
        return null === $skirt ? $this->skirt(null) : $this->skirtByVotes($skirt) + BuildScorer::SKIRT_GOAL;
    }

    /** No less than skirt(), and found by lightness alone. */
    public function mostOfSkirt(?InventorySkirt $skirt): int
    {
        return null === $skirt ? $this->skirt(null) : $this->scorer->mostOfSkirt($skirt);
    }

    private function skirtByVotes(InventorySkirt $skirt): int
    {
        $points = fn (): int => $this->scorer->skirtByVotes($skirt)->points;

        return $this->known->byVotes('skirt', 'skirt', $this->brief->build->skirt, $skirt, $points);
    }

    /** What decides what a skirt is worth for the goal, beside the scene: where none is advised, how far each cut is voted for as well. */
    private function askedOfSkirt(): string
    {
        $asked = $this->scorer->vision->asked($this->brief->wanted->skirt);

        return null !== $this->brief->build->skirt ? $asked : implode(' ', [$asked, ...array_map(
            fn (SkirtForm $form): string => (string) $this->scorer->rules->share(Slot::SkirtForm, $form->value),
            SkirtForm::cases(),
        )]);
    }

    public function trailer(?InventoryTrailer $trailer): int
    {
        $points = fn (): int => $this->scorer->trailer($trailer)->points;

        return null === $trailer
            ? $points()
            : $this->known->byVotes('trailer', 'trailer', $this->brief->build->trailer, $trailer, $points);
    }

    /** No less than trailer(), and found without comparing colors. */
    public function mostOfTrailer(?InventoryTrailer $trailer): int
    {
        return null === $trailer ? $this->trailer(null) : $this->scorer->mostOfTrailer($trailer);
    }

    public function hook(?InventoryHook $hook): int
    {
        return $this->scorer->hook($hook)->points;
    }

    /** A skirt with a trailer. */
    public function pair(?InventorySkirt $skirt, ?InventoryTrailer $trailer): int
    {
        $this->unpaired ??= $this->scorer->pair(null, null)->points;

        return null === $skirt || null === $trailer ? $this->unpaired : $this->known->ofPair(
            $this->brief->wanted->ifPaired->value,
            $skirt,
            $trailer,
            fn (): int => TraitScore::pointsOf($this->scorer->pairShare($skirt, $trailer), BuildScorer::PAIR),
        );
    }

    /** A rear blade with a skirt. */
    public function bladeOffSkirt(?InventorySkirt $skirt, InventoryBlade $blade): int
    {
        return TraitScore::pointsOf($this->scorer->bladeOffSkirtShare($skirt, $blade), BuildScorer::BLADE_OFF_SKIRT);
    }

    /** A whole build but for its trailer and the pairing of that. */
    public function body(Composition $build): int
    {
        $kind = $this->scorer->reading->lure;

        return $this->head($build->head)
            + (null === $build->rear ? 0 : $this->rear($build->rear) + $this->bladeOffSkirt($build->skirt, $build->rear))
            + ($kind->hasTandem() ? $this->front($build->front) : 0)
            + ($kind->takesTrailerHook() ? $this->hook($build->hook) : 0)
            + $this->skirt($build->skirt);
    }
}
