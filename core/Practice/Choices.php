<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventoryHook;
use Kontrast\Inventory\InventoryPart;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Lure\BladePosition;
use Kontrast\Lure\Build;
use Kontrast\Lure\Head;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Skirt;
use Kontrast\Lure\Trailer;
use Kontrast\Rulebook\Slot;
use Kontrast\Scoring\BuildScorer;

/**
 * The parts that one may choose from for one kind of lure in one water, and what every choice of them is worth by the scorer of the bench,
 * so that whoever answers needs nothing computed any more.
 */
final readonly class Choices
{
    public LureKind $kind;
    /**
     * What each part is worth beside the others, of 100.
     *
     * @var array{head: list<float>, blade: list<list<float>>, skirt: list<float>, trailer: list<list<float>>} a blade and a trailer by the
     *                                                                                                         skirt first
     */
    public array $worth;
    /** @var array{head: float, blade: float, skirt: float, trailer: float} the most of each, of 100 */
    public array $most;
    /** @var list<int> of 100, by head, blade, skirt and trailer, the last of them fastest: with what the kind of lure is worth here */
    public array $totals;
    /** @var list<Accepted> what the pick that is asked for may come to, the program's first; none where nothing is asked of this kind */
    public array $accepted;
    /** By the same order which of them it comes to, counted from 1, or 0 where it is wrong; empty where nothing is asked of this kind. */
    public string $right;
    /** @var array{int, int, int, int} the places of the head, blade, skirt and trailer that the program ties */
    public array $answer;

    /**
     * @param float                                            $fits     of 100: what the kind of lure is worth in this water
     * @param float                                            $share    of the best kind, 0 to 1
     * @param non-empty-list<InventoryHead>                    $heads
     * @param non-empty-list<array{InventoryBlade|null, InventoryBlade|null}> $blades front and rear; nothing and nothing for a lure without
     * @param non-empty-list<InventorySkirt|null>              $skirts
     * @param non-empty-list<InventoryTrailer|null>            $trailers
     * @param list<Accepted>|null                              $accepted what the pick may come to; null where nothing is asked of this kind
     */
    public function __construct(
        BuildScorer $scorer,
        Composition $answer,
        public float $fits,
        float $share,
        public array $heads,
        public array $blades,
        public array $skirts,
        public array $trailers,
        public ?InventoryHook $hook,
        Slot $slot,
        ?array $accepted,
    ) {
        $this->kind = $scorer->reading->lure;
        $all = $scorer->most();
        $ofHundred = static fn (int $points): float => round(100 * $points / $all, 1);
        $head = array_map(static fn (InventoryHead $one): int => $scorer->head($one)->points, $heads);
        $skirt = array_map(static fn (?InventorySkirt $one): int => $scorer->skirt($one)->points, $skirts);
        $bladeAlone = array_map(fn (array $pair): int => $this->pointsOfBlades($scorer, ...$pair), $blades);
        $trailerAlone = array_map(static fn (?InventoryTrailer $one): int => $scorer->trailer($one)->points, $trailers);
        $hookPoints = $this->kind->takesTrailerHook() ? $scorer->hook($hook)->points : 0;
        $offSkirt = static fn (?InventorySkirt $one, ?InventoryBlade $rear): int => null === $rear
            ? 0
            : $scorer->bladeOffSkirt($one, $rear)->points;
        $blade = array_map(static fn (?InventorySkirt $one): array => array_map(
            static fn (array $pair, int $alone): int => $alone + $offSkirt($one, $pair[1]),
            $blades,
            $bladeAlone,
        ), $skirts);
        $trailer = array_map(static fn (?InventorySkirt $one): array => array_map(
            static fn (?InventoryTrailer $with, int $alone): int => $alone + $hookPoints + $scorer->pair($one, $with)->points,
            $trailers,
            $trailerAlone,
        ), $skirts);
        $this->worth = [
            'head' => array_map($ofHundred, $head),
            'blade' => array_map(static fn (array $row): array => array_map($ofHundred, $row), $blade),
            'skirt' => array_map($ofHundred, $skirt),
            'trailer' => array_map(static fn (array $row): array => array_map($ofHundred, $row), $trailer),
        ];
        $this->most = array_map($ofHundred, $this->mostOfParts($scorer));
        $inWords = self::inWords($this->kind, $heads, $blades, $skirts, $trailers);
        $this->accepted = $accepted ?? [];
        // Counted from 1; more than nine no pick has.
        $places = [];
        foreach ($this->accepted as $i => $one) {
            $places[$one->look] = (string) min(9, $i + 1);
        }
        $totals = [];
        $right = '';
        foreach (array_keys($heads) as $h) {
            foreach (array_keys($blades) as $b) {
                foreach (array_keys($skirts) as $s) {
                    foreach (array_keys($trailers) as $t) {
                        $totals[] = (int) round(100 * $share * ($head[$h] + $blade[$s][$b] + $skirt[$s] + $trailer[$s][$t]) / $all);
                        $right .= null === $accepted ? '' : ($places[LookedAt::in($inWords($h, $b, $s, $t), $slot)] ?? '0');
                    }
                }
            }
        }
        [$this->totals, $this->right] = [$totals, $right];
        $this->answer = [
            self::placeOf([$answer->head], array_map(static fn (InventoryHead $one): array => [$one], $heads)),
            self::placeOf([$answer->front, $answer->rear], $blades),
            self::placeOf([$answer->skirt], array_map(static fn (?InventorySkirt $one): array => [$one], $skirts)),
            self::placeOf([$answer->trailer], array_map(static fn (?InventoryTrailer $one): array => [$one], $trailers)),
        ];
    }

    /** The lure that some choices make. */
    public function put(int $head, int $blade, int $skirt, int $trailer): Composition
    {
        [$front, $rear] = $this->blades[$blade];

        return new Composition(
            $this->kind,
            $this->heads[$head],
            $front,
            $rear,
            $this->skirts[$skirt],
            $this->trailers[$trailer],
            $this->hook,
        );
    }

    /** Where its points and whether it is right stand. */
    public function place(int $head, int $blade, int $skirt, int $trailer): int
    {
        return (($head * \count($this->blades) + $blade) * \count($this->skirts) + $skirt) * \count($this->trailers) + $trailer;
    }

    private function pointsOfBlades(BuildScorer $scorer, ?InventoryBlade $front, ?InventoryBlade $rear): int
    {
        return (null === $rear ? 0 : $scorer->rear($rear)->points) + ($this->kind->hasTandem() ? $scorer->front($front)->points : 0);
    }

    /** @return array{head: int, blade: int, skirt: int, trailer: int} thousandths of a point */
    private function mostOfParts(BuildScorer $scorer): array
    {
        $skirt = $scorer->skirt($this->skirts[0])->most();
        $head = $scorer->head($this->heads[0])->most();
        $trailer = $scorer->trailer(null)->most() + BuildScorer::PAIR + ($this->kind->takesTrailerHook() ? BuildScorer::HOOK : 0);

        return ['head' => $head, 'blade' => $scorer->most() - $head - $skirt - $trailer, 'skirt' => $skirt, 'trailer' => $trailer];
    }

    /**
     * @param list<InventoryPart|null>       $parts
     * @param list<list<InventoryPart|null>> $among
     */
    private static function placeOf(array $parts, array $among): int
    {
        foreach ($among as $place => $others) {
            if (self::ids($others) === self::ids($parts)) {
                return $place;
            }
        }
        throw new \LogicException('The answer is among the choices.');
    }

    /**
     * @param list<InventoryPart|null> $parts
     *
     * @return list<string|null>
     */
    private static function ids(array $parts): array
    {
        return array_map(static fn (?InventoryPart $part): ?string => $part?->id(), $parts);
    }

    /**
     * Each part put into the trade's words once, and not once a lure.
     *
     * @param list<InventoryHead>                                  $heads
     * @param list<array{InventoryBlade|null, InventoryBlade|null}> $blades
     * @param list<InventorySkirt|null>                            $skirts
     * @param list<InventoryTrailer|null>                          $trailers
     *
     * @return callable(int, int, int, int): Build
     */
    private static function inWords(LureKind $kind, array $heads, array $blades, array $skirts, array $trailers): callable
    {
        $headWords = array_map(static fn (InventoryHead $one): Head => $one->inWords(), $heads);
        $bladeWords = array_map(static fn (array $pair): array => match (true) {
            null === $pair[1] => [],
            null === $pair[0] => [$pair[1]->inWords(BladePosition::Single)],
            default => [$pair[0]->inWords(BladePosition::Front), $pair[1]->inWords(BladePosition::Rear)],
        }, $blades);
        $skirtWords = array_map(static fn (?InventorySkirt $one): ?Skirt => $one?->inWords(), $skirts);
        $trailerWords = array_map(static fn (?InventoryTrailer $one): ?Trailer => $one?->inWords(), $trailers);

        return static fn (int $h, int $b, int $s, int $t): Build => new Build(
            $kind,
            $headWords[$h],
            $bladeWords[$b],
            $skirtWords[$s],
            $trailerWords[$t],
            null,
        );
    }
}
