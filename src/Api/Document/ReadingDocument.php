<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Measure\Angle;
use Kontrast\Measure\Length;
use Kontrast\Measure\Temperature;
use Kontrast\Measure\TemperatureChange;
use Kontrast\Reading\Arm;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Colour;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\Forage;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Run;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** What the angler saw at the water. Lengths in inches or feet and temperatures in °F, as the names say. */
#[OA\Schema(schema: 'Reading', additionalProperties: false, required: [
    'lure', 'visibility_in', 'tint', 'sky', 'wind', 'depth_ft', 'season', 'cover', 'cover_density', 'forage', 'red_crawfish', 'bite', 'bass',
])]
final class ReadingDocument
{
    /** Far beyond what pure water lets be seen; the optics set their own, nearer limit under each sky. */
    public const MOST_VISIBILITY_IN = 100_000;

    #[OA\Property(type: 'string', enum: LureKind::class)]
    public LureKind $lure;

    #[OA\Property(minimum: 0, exclusiveMinimum: true, maximum: self::MOST_VISIBILITY_IN)]
    #[Assert\GreaterThan(0, message: '{{ value }} is not allowed here. The depth at which the lure is lost to sight has to be above 0 in and at most 100000 in.')]
    #[Assert\LessThanOrEqual(self::MOST_VISIBILITY_IN, message: '{{ value }} is not allowed here. The depth at which the lure is lost to sight has to be above 0 in and at most 100000 in.')]
    public float $visibility_in;

    #[OA\Property(type: 'string', enum: Tint::class)]
    public Tint $tint;

    #[OA\Property(type: 'string', enum: Sky::class)]
    public Sky $sky;

    #[OA\Property(minimum: 0, maximum: 90, nullable: true)]
    #[Assert\Range(min: 0, max: 90, notInRangeMessage: '{{ value }} is not allowed here. The sun stands between 0 and 90 degrees above the horizon.')]
    public ?float $sun_elevation_deg = null;

    #[OA\Property(type: 'string', enum: Wind::class)]
    public Wind $wind;

    #[OA\Property(minimum: 32, maximum: 100, nullable: true)]
    #[Assert\Range(min: 32, max: 100, notInRangeMessage: '{{ value }} is not allowed here. Surface temperature runs from 32 to 100 °F.')]
    public ?float $surface_f = null;

    #[OA\Property(minimum: -40, maximum: 40, nullable: true)]
    #[Assert\Range(min: -40, max: 40, notInRangeMessage: '{{ value }} is not allowed here. A change over three days runs from -40 to 40 °F.')]
    public ?float $trend_f = null;

    #[OA\Property(minimum: 0, exclusiveMinimum: true, maximum: 100)]
    #[Assert\GreaterThan(0, message: '{{ value }} is not allowed here. Depth has to be above 0 ft and at most 100 ft.')]
    #[Assert\LessThanOrEqual(100, message: '{{ value }} is not allowed here. Depth has to be above 0 ft and at most 100 ft.')]
    public float $depth_ft;

    #[OA\Property(type: 'string', enum: Season::class)]
    public Season $season;

    #[OA\Property(type: 'string', enum: Cover::class)]
    public Cover $cover;

    #[OA\Property(type: 'string', enum: CoverDensity::class)]
    public CoverDensity $cover_density;

    #[OA\Property(type: 'string', enum: Run::class, nullable: true)]
    public ?Run $run = null;

    #[OA\Property(type: 'string', enum: Forage::class)]
    public Forage $forage;

    #[OA\Property(minimum: 0, exclusiveMinimum: true, maximum: 24, nullable: true)]
    #[Assert\GreaterThan(0, message: '{{ value }} is not allowed here. Forage length has to be above 0 in and at most 24 in.')]
    #[Assert\LessThanOrEqual(24, message: '{{ value }} is not allowed here. Forage length has to be above 0 in and at most 24 in.')]
    public ?float $forage_in = null;

    /** @var list<Colour> */
    #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Colour::class), maxItems: 15)]
    #[Assert\Count(max: 15, maxMessage: 'At most 15 colours can be named.')]
    #[Assert\Unique(message: 'Each colour is named once.')]
    public array $forage_colours = [];

    #[OA\Property]
    public bool $red_crawfish;

    #[OA\Property(type: 'string', enum: Bite::class)]
    public Bite $bite;

    #[OA\Property(type: 'string', enum: Bass::class)]
    public Bass $bass;

    #[OA\Property(type: 'string', enum: Arm::class, nullable: true)]
    public ?Arm $arm = null;

    #[OA\Property(description: 'No part of lead: heads of tungsten or steel. Left out: false.')]
    public bool $lead_free = false;

    #[OA\Property(ref: SchoolsDocument::class)]
    public SchoolsDocument $schools;

    public function __construct()
    {
        $this->schools = new SchoolsDocument();
    }

    public static function of(Reading $reading): self
    {
        $document = new self();
        $document->lure = $reading->lure;
        $document->visibility_in = round($reading->visibility->inInches(), 2);
        $document->tint = $reading->tint;
        $document->sky = $reading->sky;
        $document->sun_elevation_deg = $reading->sunElevation?->inDegrees();
        $document->wind = $reading->wind;
        $document->surface_f = $reading->surface?->inFahrenheit();
        $document->trend_f = $reading->trend?->inFahrenheit();
        $document->depth_ft = round($reading->depth->inFeet(), 2);
        $document->season = $reading->season;
        $document->cover = $reading->cover;
        $document->cover_density = $reading->coverDensity;
        $document->run = $reading->run;
        $document->forage = $reading->forage;
        $document->forage_in = $reading->forageLength?->inInches();
        $document->forage_colours = $reading->forageColours;
        $document->red_crawfish = $reading->redCrawfish;
        $document->bite = $reading->bite;
        $document->bass = $reading->bass;
        $document->arm = $reading->arm;
        $document->schools = SchoolsDocument::of($reading->schools);
        $document->lead_free = $reading->leadFree;

        return $document;
    }

    public function toReading(): Reading
    {
        return new Reading(
            $this->lure,
            Length::inches($this->visibility_in),
            $this->tint,
            $this->sky,
            $this->wind,
            Length::feet($this->depth_ft),
            $this->season,
            $this->cover,
            $this->cover_density,
            $this->forage,
            $this->bite,
            $this->bass,
            $this->red_crawfish,
            null === $this->sun_elevation_deg ? null : Angle::degrees($this->sun_elevation_deg),
            null === $this->surface_f ? null : Temperature::fahrenheit($this->surface_f),
            null === $this->trend_f ? null : TemperatureChange::fahrenheit($this->trend_f),
            $this->run,
            null === $this->forage_in ? null : Length::inches($this->forage_in),
            $this->forage_colours,
            $this->arm,
            $this->schools->toSchools(),
            $this->lead_free,
        );
    }
}
