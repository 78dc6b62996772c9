<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Lure\LureKind;
use Kontrast\Measure\Angle;
use Kontrast\Measure\Length;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Wind;

/**
 * The readings that a day may bring, as a grid: what is advised on each of them can be taken along where nothing can be computed. The skies
 * are those expected and the usual ones besides, since a forecast errs.
 */
final readonly class PackGrid
{
    /** From one visibility to the next, and how far beyond the expected ones. (Chosen.) */
    private const STEP = 1.15;
    private const BEYOND = 1.4;
    /** More would take minutes: the steps of visibility grow until it is no more than this. (Chosen.) */
    private const MOST = 5000;
    private const LEAST_STEPS = 4;
    private const USUAL = [Sky::Sun, Sky::Broken, Sky::Overcast, Sky::Rain];

    /**
     * @param non-empty-list<LureKind>              $lures
     * @param non-empty-list<Length>                $visibilities rising
     * @param non-empty-list<array{Sky, Angle|null}> $skies        with the sun's mean height under them, where it is known
     * @param non-empty-list<Wind>                  $winds
     * @param non-empty-list<Bite>                  $bites
     * @param non-empty-list<Cover>                 $covers
     */
    private function __construct(
        private Reading $base,
        public array $lures,
        public array $visibilities,
        public array $skies,
        public array $winds,
        public array $bites,
        public array $covers,
    ) {
    }

    public static function of(TripPlan $plan): self
    {
        $skies = self::skies($plan);
        $others = \count($plan->lures) * \count($skies) * \count(Wind::cases()) * \count(Bite::cases()) * \count($plan->covers);
        $low = $plan->visibility[0]->inInches() / self::BEYOND;
        $high = $plan->visibility[2]->inInches() * self::BEYOND;
        $steps = (int) ceil(log($high / $low) / log(self::STEP));
        $steps = max(self::LEAST_STEPS, min($steps, intdiv(self::MOST, $others) - 1));

        return new self(
            // Under a sky that is not expected nobody knows how high the sun stands.
            $plan->reading->with(forage: $plan->forage[0][0], isSunKnown: false),
            $plan->lures,
            array_map(
                static fn (int $i): Length => Length::inches(round($low * ($high / $low) ** ($i / $steps), 1)),
                range(0, $steps),
            ),
            $skies,
            Wind::cases(),
            Bite::cases(),
            $plan->covers,
        );
    }

    public function count(): int
    {
        return \count($this->lures) * \count($this->visibilities) * \count($this->skies) * \count($this->winds) * \count($this->bites)
            * \count($this->covers);
    }

    /** @return \Generator<int, Reading> the last axis, cover, turns fastest, the first, the lure, slowest */
    public function readings(): \Generator
    {
        foreach ($this->lures as $lure) {
            foreach ($this->visibilities as $visibility) {
                foreach ($this->skies as [$sky, $elevation]) {
                    foreach ($this->winds as $wind) {
                        foreach ($this->bites as $bite) {
                            foreach ($this->covers as $cover) {
                                yield $this->base->with(
                                    lure: $lure,
                                    visibility: $visibility,
                                    sky: $sky,
                                    wind: $wind,
                                    bite: $bite,
                                    cover: $cover,
                                    sunElevation: $elevation,
                                );
                            }
                        }
                    }
                }
            }
        }
    }

    /** @return non-empty-list<array{Sky, Angle|null}> in the order of the words */
    private static function skies(TripPlan $plan): array
    {
        $heights = [];
        foreach (Scenarios::divide($plan) as $scenario) {
            $heights[$scenario->reading->sky->value] = $scenario->reading->sunElevation;
        }
        $skies = [];
        foreach (Sky::cases() as $sky) {
            if (isset($heights[$sky->value]) || \in_array($sky, self::USUAL, true)) {
                $skies[] = [$sky, $heights[$sky->value] ?? null];
            }
        }

        return $skies;
    }
}
