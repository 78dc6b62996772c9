<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Measure\Angle;
use Kontrast\Measure\Length;
use Kontrast\Measure\Temperature;
use Kontrast\Measure\TemperatureChange;

/** What the angler saw at the water: everything the advice and the model start from. */
final readonly class Reading
{
    /** @param list<Colour> $forageColours colours seen on the forage, strongest first */
    public function __construct(
        public LureKind $lure,
        public Length $visibility,
        public Tint $tint,
        public Sky $sky,
        public Wind $wind,
        public Length $depth,
        public Season $season,
        public Cover $cover,
        public CoverDensity $coverDensity,
        public Forage $forage,
        public Bite $bite = Bite::Normal,
        public Bass $bass = Bass::Largemouth,
        public bool $redCrawfish = false,
        public ?Angle $sunElevation = null,
        public ?Temperature $surface = null,
        public ?TemperatureChange $trend = null,
        public ?Run $run = null,
        public ?Length $forageLength = null,
        public array $forageColours = [],
        public ?Arm $arm = null,
        public Schools $schools = new Schools(),
        public bool $leadFree = false,
    ) {
    }

    public function clarity(): ClarityBand
    {
        return ClarityBand::of($this->visibility);
    }

    /** The elevation given, or the 50° a reading without one stands for. */
    public function sunElevationOrUsual(): Angle
    {
        return $this->sunElevation ?? Angle::degrees(50);
    }

    /** The same reading but for what is given. */
    public function with(
        ?LureKind $lure = null,
        ?Length $visibility = null,
        ?Length $depth = null,
        ?Sky $sky = null,
        ?Temperature $surface = null,
        ?TemperatureChange $trend = null,
        ?Length $forageLength = null,
        ?Schools $schools = null,
        ?bool $leadFree = null,
    ): self {
        return new self(
            lure: $lure ?? $this->lure,
            visibility: $visibility ?? $this->visibility,
            tint: $this->tint,
            sky: $sky ?? $this->sky,
            wind: $this->wind,
            depth: $depth ?? $this->depth,
            season: $this->season,
            cover: $this->cover,
            coverDensity: $this->coverDensity,
            forage: $this->forage,
            bite: $this->bite,
            bass: $this->bass,
            redCrawfish: $this->redCrawfish,
            sunElevation: $this->sunElevation,
            surface: $surface ?? $this->surface,
            trend: $trend ?? $this->trend,
            run: $this->run,
            forageLength: $forageLength ?? $this->forageLength,
            forageColours: $this->forageColours,
            arm: $this->arm,
            schools: $schools ?? $this->schools,
            leadFree: $leadFree ?? $this->leadFree,
        );
    }
}
