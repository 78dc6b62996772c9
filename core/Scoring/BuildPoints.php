<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventoryHook;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Reading\LureKind;
use Kontrast\Rulebook\Brief;

/**
 * The points of a BuildScorer alone, in thousandths of a point, for whoever compares parts by the thousand: what another scorer of the same
 * SharedScores worked out already is taken over. Parts of one inventory are told apart by their ids.
 */
final class BuildPoints
{
    private readonly Brief $brief;
    private ?int $unpaired = null;

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
        $advised = $this->brief->build->skirt;
        if (null === $skirt || null === $advised) {
            // Where none is advised, what a skirt is worth hangs on its cut as well.
            return $this->scorer->skirt($skirt)->points;
        }
        $byVotes = fn (): int => $this->scorer->skirtByVotes($skirt)->points;
        $forGoal = fn (): int => $this->scorer->skirtForGoal($skirt)->points;

        return $this->known->byVotes('skirt', 'skirt', $advised, $skirt, $byVotes)
            + $this->known->byScene('skirt goal', $this->scorer->vision->asked($this->brief->wanted->skirt), $skirt, $forGoal);
    }

    public function trailer(?InventoryTrailer $trailer): int
    {
        $points = fn (): int => $this->scorer->trailer($trailer)->points;

        return null === $trailer
            ? $points()
            : $this->known->byVotes('trailer', 'trailer', $this->brief->build->trailer, $trailer, $points);
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
            fn (): int => $this->scorer->pair($skirt, $trailer)->points,
        );
    }

    /** A rear blade with a skirt. */
    public function bladeOffSkirt(?InventorySkirt $skirt, InventoryBlade $blade): int
    {
        return $this->scorer->bladeOffSkirt($skirt, $blade)->points;
    }

    /** A whole build but for its trailer and the pairing of that. */
    public function body(Composition $build): int
    {
        $isSpinnerbait = LureKind::Spinnerbait === $this->scorer->reading->lure;

        return $this->head($build->head)
            + (null === $build->rear ? 0 : $this->rear($build->rear) + $this->bladeOffSkirt($build->skirt, $build->rear))
            + ($isSpinnerbait ? $this->front($build->front) + $this->hook($build->hook) : 0)
            + $this->skirt($build->skirt);
    }
}
