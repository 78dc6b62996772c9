<?php

declare(strict_types=1);

namespace App\Contract\Reading;

use App\Contract\Constraint\Above;
use App\Contract\Constraint\Between;
use App\Contract\Reader\Sparse;
use Kontrast\Lure\Arm;
use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Run;
use Kontrast\Measure\Angle;
use Kontrast\Measure\Length;
use Kontrast\Measure\Temperature;
use Kontrast\Measure\TemperatureChange;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Goal;
use Kontrast\Reading\LureChoice;
use Kontrast\Reading\Reading;
use Kontrast\Reading\ReadingBounds;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** What the angler saw at the water. Lengths in inches or feet and temperatures in °F, as the names say. */
#[OA\Schema(schema: 'Reading', additionalProperties: false)]
final readonly class ReadingDocument implements Sparse
{
    /** Where somebody starts who has never taken a reading. (Chosen.) */
    public const STARTING = [
        'lure' => 'bladed_jig', 'visibility_in' => 24, 'tint' => 'green', 'sky' => 'broken', 'wind' => 'ripple', 'depth_ft' => 5,
        'season' => 'spring', 'cover' => 'grass', 'cover_density' => 'normal', 'forage' => 'bluegill', 'red_crawfish' => false,
        'bite' => 'normal', 'bass' => 'largemouth',
    ];

    /**
     * @param list<Colour> $forage_colours
     * @param list<Forage> $forage_also
     */
    public function __construct(
        #[OA\Property(description: 'any: the lure that fits the reading best.')]
        public LureChoice $lure,
        #[Above(0, ReadingBounds::MOST_VISIBILITY_IN, 'Visibility', 'in')]
        public float $visibility_in,
        public Tint $tint,
        public Sky $sky,
        public Wind $wind,
        #[Above(0, ReadingBounds::MOST_DEPTH_FT, 'Depth', 'ft')]
        public float $depth_ft,
        public Season $season,
        public Cover $cover,
        public CoverDensity $cover_density,
        public Forage $forage,
        public bool $red_crawfish,
        public Bite $bite,
        public Bass $bass,
        #[Between(0, ReadingBounds::MOST_SUN_ELEVATION_DEG, 'The sun’s height', 'degrees')]
        public ?float $sun_elevation_deg = null,
        #[Between(ReadingBounds::LEAST_SURFACE_F, ReadingBounds::MOST_SURFACE_F, 'Surface temperature', '°F')]
        public ?float $surface_f = null,
        #[Between(-ReadingBounds::MOST_TREND_F, ReadingBounds::MOST_TREND_F, 'A change over three days', 'F°')]
        public ?float $trend_f = null,
        public ?Run $run = null,
        #[Above(0, ReadingBounds::MOST_FORAGE_IN, 'Forage length', 'in')]
        public ?float $forage_in = null,
        #[Assert\Unique(message: 'Name each color once.')]
        public array $forage_colours = [],
        public ?Arm $arm = null,
        #[OA\Property(description: 'No lead: heads of tungsten or steel. If left out: false.')]
        public bool $lead_free = false,
        #[OA\Property(description: 'Other forage in the water besides the main one.')]
        #[Assert\Unique(message: 'Name each forage once.')]
        public array $forage_also = [],
        #[OA\Property(description: 'More fish or bigger fish. If left out: any.')]
        public Goal $goal = Goal::Any,
        #[OA\Property(description: 'They chase bait in groups. If left out: false.')]
        public bool $schooling = false,
        public SchoolsDocument $schools = new SchoolsDocument(),
    ) {
    }

    public static function of(Reading $reading): self
    {
        return new self(
            lure: LureChoice::of($reading->lure),
            visibility_in: round($reading->visibility->inInches(), 2),
            tint: $reading->tint,
            sky: $reading->sky,
            sun_elevation_deg: $reading->sunElevation?->inDegrees(),
            wind: $reading->wind,
            surface_f: $reading->surface?->inFahrenheit(),
            trend_f: $reading->trend?->inFahrenheit(),
            depth_ft: round($reading->depth->inFeet(), 2),
            season: $reading->season,
            cover: $reading->cover,
            cover_density: $reading->coverDensity,
            run: $reading->run,
            forage: $reading->forage,
            forage_in: $reading->forageLength?->inInches(),
            forage_colours: $reading->forageColours,
            red_crawfish: $reading->redCrawfish,
            bite: $reading->bite,
            bass: $reading->bass,
            arm: $reading->arm,
            schools: SchoolsDocument::of($reading->schools),
            lead_free: $reading->leadFree,
            forage_also: $reading->forageAlso,
            goal: $reading->goal,
            schooling: $reading->schooling,
        );
    }

    /** For a lure of this kind: which one, where any will do, is not known here. */
    public function toReading(LureKind $lure): Reading
    {
        return new Reading(
            lure: $lure,
            visibility: Length::inches($this->visibility_in),
            tint: $this->tint,
            sky: $this->sky,
            wind: $this->wind,
            depth: Length::feet($this->depth_ft),
            season: $this->season,
            cover: $this->cover,
            coverDensity: $this->cover_density,
            forage: $this->forage,
            bite: $this->bite,
            bass: $this->bass,
            redCrawfish: $this->red_crawfish,
            sunElevation: null === $this->sun_elevation_deg ? null : Angle::degrees($this->sun_elevation_deg),
            surface: null === $this->surface_f ? null : Temperature::fahrenheit($this->surface_f),
            trend: null === $this->trend_f ? null : TemperatureChange::fahrenheit($this->trend_f),
            run: $this->run,
            forageLength: null === $this->forage_in ? null : Length::inches($this->forage_in),
            forageColours: $this->forage_colours,
            arm: $this->arm,
            schools: $this->schools->toSchools(),
            leadFree: $this->lead_free,
            forageAlso: $this->forage_also,
            goal: $this->goal,
            schooling: $this->schooling,
        );
    }
}
