<?php

declare(strict_types=1);

namespace App\Contract\Reading;

use App\Contract\Constraint\Above;
use App\Contract\Constraint\Between;
use App\Contract\Reader\Sparse;
use Kontrast\Logbook\SeenWater;
use Kontrast\Lure\Arm;
use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Run;
use Kontrast\Measure\Length;
use Kontrast\Reading\Bank;
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

/**
 * What of a reading somebody saw there and then: null, or left out, where nobody looked. Its fields are those of a reading, and the kind
 * of bank.
 */
#[OA\Schema(schema: 'ObservedReading', additionalProperties: false)]
final readonly class ObservedReadingDocument implements Sparse
{
    /** What decides what one ties: without one of these no approach can be told from another. */
    private const DECISIVE = ['visibility_in', 'tint', 'sky', 'wind', 'depth_ft', 'cover'];

    /**
     * @param list<Colour>|null $forage_colours
     * @param list<Forage>|null $forage_also
     */
    public function __construct(
        public ?LureChoice $lure = null,
        #[Above(0, ReadingBounds::MOST_VISIBILITY_IN, 'Visibility', 'in')]
        public ?float $visibility_in = null,
        public ?Tint $tint = null,
        public ?Sky $sky = null,
        public ?Wind $wind = null,
        #[Above(0, ReadingBounds::MOST_DEPTH_FT, 'Depth', 'ft')]
        public ?float $depth_ft = null,
        public ?Season $season = null,
        public ?Cover $cover = null,
        public ?CoverDensity $cover_density = null,
        public ?Forage $forage = null,
        public ?bool $red_crawfish = null,
        public ?Bite $bite = null,
        public ?Bass $bass = null,
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
        public ?array $forage_colours = [],
        public ?Arm $arm = null,
        public ?bool $lead_free = null,
        #[OA\Property(description: 'Other forage in the water besides the main one.')]
        #[Assert\Unique(message: 'Name each forage once.')]
        public ?array $forage_also = [],
        public ?Goal $goal = null,
        public ?bool $schooling = null,
        #[OA\Property(description: 'The kind of place; of a stint alone.')]
        public ?Bank $bank = null,
        public ?SchoolsDocument $schools = new SchoolsDocument(),
    ) {
    }

    /** Whoever takes a whole reading has looked at all of it. */
    public static function of(Reading $reading): self
    {
        return (new \ReflectionClass(self::class))->newInstanceArgs(get_object_vars(ReadingDocument::of($reading)));
    }

    /** @return list<string> */
    public static function fields(): array
    {
        return array_keys(get_class_vars(self::class));
    }

    /** @param Season $byDate the likely one of that day */
    public function seenWith(LureKind $lure, Season $byDate): SeenWater
    {
        $season = $this->season ?? $byDate;

        return new SeenWater(
            null === $this->visibility_in ? null : Length::inches($this->visibility_in),
            $this->tint,
            $this->sky,
            $season,
            $this->whole($season)?->toReading($lure),
            $this->bank,
        );
    }

    /** With what anybody would take for granted where it was not said; null where something decisive was not seen. */
    private function whole(Season $season): ?ReadingDocument
    {
        $seen = array_filter(get_object_vars($this), static fn (mixed $value): bool => null !== $value);
        // An advice asks for cover, not for the lie of the bank.
        unset($seen['bank']);
        if ([] !== array_diff_key(array_flip(self::DECISIVE), $seen)) {
            return null;
        }
        $granted = [
            'lure' => LureChoice::Any, 'season' => $season, 'cover_density' => CoverDensity::Normal, 'forage' => Forage::Unknown,
            'red_crawfish' => false, 'bite' => Bite::Normal, 'bass' => Bass::Largemouth,
        ];

        return (new \ReflectionClass(ReadingDocument::class))->newInstanceArgs($seen + $granted);
    }
}
