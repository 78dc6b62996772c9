<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\Arm;
use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Run;
use Kontrast\Measure\Angle;
use Kontrast\Measure\Length;
use Kontrast\Measure\Temperature;
use Kontrast\Measure\TemperatureChange;

/** What the angler saw at the water: everything the advice and the model start from. */
final readonly class Reading
{
    /**
     * @param list<Colour> $forageColours colours seen on the forage, strongest first
     * @param list<Forage> $forageAlso    what else is there, beside the main forage
     * @param bool         $schooling     whether they chase bait in groups
     */
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
        public array $forageAlso = [],
        public Goal $goal = Goal::Any,
        public bool $schooling = false,
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

    /** What they mostly eat: of several kinds seen where none leads, the first. */
    public function mainForage(): Forage
    {
        return Forage::Unknown === $this->forage ? ($this->forageAlso[0] ?? Forage::Unknown) : $this->forage;
    }

    /** The base color dirty water gets: as the angler said for this kind of lure, else what is usual for it here. */
    public function dirtySchool(): DirtySchool
    {
        return $this->schools->dirtyFor($this->lure) ?? DirtySchool::usual($this);
    }

    /** The angler's side on the question that this school answers. */
    public function sideOn(School $school): ?School
    {
        return $school instanceof DirtySchool ? $this->dirtySchool() : $this->schools->on($school);
    }

    /** Whether they eat it, as the main forage or beside it. */
    public function eats(Forage $forage): bool
    {
        return $forage === $this->forage || \in_array($forage, $this->forageAlso, true);
    }

    /**
     * The same reading but for what is given.
     *
     * @param bool $isSunKnown whether anybody knows how high the sun stands
     */
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
        ?Goal $goal = null,
        ?Arm $arm = null,
        ?Run $run = null,
        ?bool $redCrawfish = null,
        ?Bass $bass = null,
        ?Bite $bite = null,
        ?Forage $forage = null,
        ?CoverDensity $coverDensity = null,
        ?Cover $cover = null,
        ?Season $season = null,
        ?Wind $wind = null,
        ?Tint $tint = null,
        ?Angle $sunElevation = null,
        ?bool $schooling = null,
        bool $isSunKnown = true,
    ): self {
        return new self(
            lure: $lure ?? $this->lure,
            visibility: $visibility ?? $this->visibility,
            tint: $tint ?? $this->tint,
            sky: $sky ?? $this->sky,
            wind: $wind ?? $this->wind,
            depth: $depth ?? $this->depth,
            season: $season ?? $this->season,
            cover: $cover ?? $this->cover,
            coverDensity: $coverDensity ?? $this->coverDensity,
            forage: $forage ?? $this->forage,
            bite: $bite ?? $this->bite,
            bass: $bass ?? $this->bass,
            redCrawfish: $redCrawfish ?? $this->redCrawfish,
            sunElevation: $isSunKnown ? $sunElevation ?? $this->sunElevation : null,
            surface: $surface ?? $this->surface,
            trend: $trend ?? $this->trend,
            run: $run ?? $this->run,
            forageLength: $forageLength ?? $this->forageLength,
            forageColours: $this->forageColours,
            arm: $arm ?? $this->arm,
            schools: $schools ?? $this->schools,
            leadFree: $leadFree ?? $this->leadFree,
            forageAlso: $this->forageAlso,
            goal: $goal ?? $this->goal,
            schooling: $schooling ?? $this->schooling,
        );
    }
}
