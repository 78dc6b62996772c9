<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Constraint\Above;
use App\Contract\Constraint\Text;
use App\Contract\Error\InvalidDocument;
use App\Contract\Reader\LimitsLists;
use App\Contract\Reader\Sparse;
use App\Contract\Reading\ReadingDocument;
use Kontrast\Lure\LureKind;
use Kontrast\Reading\Cover;
use Kontrast\Reading\ReadingBounds;
use Kontrast\Trip\NotATrip;
use Kontrast\Trip\TripPlan;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A day on the water as it is expected the night before. */
#[OA\Schema(
    schema: 'TripRequest',
    additionalProperties: false,
)]
final readonly class TripRequestDocument implements LimitsLists, Sparse
{
    private const MOST_SKIES = 200;
    private const MOST_FORAGE = 7;
    private const MOST_DEPTHS = 6;

    /**
     * @param list<float>               $visibility_in
     * @param list<SkyChanceDocument>   $sky
     * @param list<CoverShareDocument>  $covers
     * @param list<LureKind>            $lures
     * @param list<ForageShareDocument> $forage
     * @param list<DepthShareDocument>  $depths_ft
     */
    public function __construct(
        #[OA\Property(description: 'Such as 2026-05-09.')]
        #[Text(10, 'A date')]
        public string $date,
        #[OA\Property(description: 'By the clock of the place: 5:30.')]
        #[Text(20, 'A time')]
        public string $from,
        #[Text(20, 'A time')]
        public string $to,
        #[Assert\Valid]
        public PlaceDocument $place,
        #[OA\Property(description: 'What is known; its sky and sun are replaced hour by hour.')]
        #[Assert\Valid]
        public ReadingDocument $reading,
        #[OA\Property(description: 'Low, likely and high, inches.', minItems: 3, maxItems: 3)]
        #[Assert\Count(exactly: 3, exactMessage: 'Visibility needs three numbers: low, likely, high.')]
        #[Assert\All([new Above(0, ReadingBounds::MOST_VISIBILITY_IN, 'Visibility', 'in')])]
        public array $visibility_in,
        #[OA\Property(description: 'Empty: the sky of the reading.')]
        #[Assert\Valid]
        public array $sky = [],
        #[OA\Property(description: 'Empty: that of the reading.')]
        #[Assert\Valid]
        #[Assert\Unique(normalizer: [self::class, 'coverOf'], message: 'Name each cover once.')]
        public array $covers = [],
        #[OA\Property(description: 'Empty: every lure.')]
        #[Assert\Unique(message: 'Name each lure once.')]
        public array $lures = [],
        #[OA\Property(description: 'Empty: that of the reading.')]
        #[Assert\Valid]
        public array $forage = [],
        #[Assert\Valid]
        public CarryDocument $carry = new CarryDocument(),
        #[OA\Property(description: 'Empty: that of the reading.')]
        #[Assert\Valid]
        public array $depths_ft = [],
        #[OA\Property(description: 'If left out: half the time normal, three tenths tough, a fifth active.')]
        #[Assert\Valid]
        public ?MoodsDocument $moods = null,
    ) {
    }

    public static function coverOf(CoverShareDocument $one): string
    {
        return $one->cover->value;
    }

    public static function limits(): array
    {
        return [
            'sky' => self::MOST_SKIES, 'forage' => self::MOST_FORAGE, 'covers' => 16, 'lures' => 16, 'visibility_in' => 16,
            'depths_ft' => self::MOST_DEPTHS,
        ];
    }

    /**
     * @param string $within the path of this document in the one it came in
     *
     * @throws InvalidDocument where it cannot be a day on the water
     */
    public function toPlan(string $within = ''): TripPlan
    {
        $place = $this->place->toPlace($within.'place');
        try {
            return TripPlan::of(
                $place,
                $this->date,
                $this->from,
                $this->to,
                // Each lure of the plan takes its place.
                $this->reading->toReading($this->reading->lure->kind() ?? LureKind::Jig),
                $this->visibility_in,
                array_map(static fn (SkyChanceDocument $one): array => [$one->from, $one->to, $one->sky, $one->chance], $this->sky),
                array_map(static fn (CoverShareDocument $one): Cover => $one->cover, $this->covers),
                array_map(static fn (ForageShareDocument $one): array => [$one->forage, $one->share], $this->forage),
                $this->lures,
                $this->carry->lures,
                $this->carry->trailers,
                array_map(static fn (CoverShareDocument $one): float => $one->share, $this->covers),
                array_map(static fn (DepthShareDocument $one): array => [$one->depth_ft, $one->share], $this->depths_ft),
                null === $this->moods ? null : [$this->moods->normal, $this->moods->tough, $this->moods->active],
                $this->carry->kinds,
            );
        } catch (NotATrip $error) {
            throw InvalidDocument::fault($within.$error->field, $error->getMessage());
        }
    }
}
