<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use App\Contract\Constraint\Above;
use App\Contract\Reader\LimitsLists;
use App\Contract\Reading\ReadingDocument;
use Kontrast\Lure\LureKind;
use Kontrast\Reading\Forage;
use Kontrast\Reading\ReadingBounds;
use Kontrast\Reading\Sky;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A reading to be asked over again: at each of these visibilities, under each sky, for each lure and each forage. */
#[OA\Schema(schema: 'ChartRequest', additionalProperties: false)]
final readonly class ChartRequestDocument implements LimitsLists
{
    private const MOST_VISIBILITIES = 8;

    /**
     * @param list<float>    $visibility_in
     * @param list<Sky>      $sky
     * @param list<LureKind> $lures
     * @param list<Forage>   $forage
     */
    public function __construct(
        #[Assert\Valid]
        public ReadingDocument $reading,
        #[OA\Property(minItems: 1, maxItems: self::MOST_VISIBILITIES)]
        #[Assert\Count(min: 1, minMessage: 'Name at least one visibility.')]
        #[Assert\All([new Above(0, ReadingBounds::MOST_VISIBILITY_IN, 'Visibility', 'in')])]
        public array $visibility_in,
        #[Assert\Count(min: 1, minMessage: 'Name at least one sky.')]
        #[Assert\Unique(message: 'Name each sky once.')]
        public array $sky,
        #[Assert\Count(min: 1, minMessage: 'Name at least one kind of lure.')]
        #[Assert\Unique(message: 'Name each kind of lure once.')]
        public array $lures,
        #[Assert\Count(min: 1, minMessage: 'Name at least one forage.')]
        #[Assert\Unique(message: 'Name each forage once.')]
        public array $forage,
    ) {
    }

    public static function limits(): array
    {
        return [
            'visibility_in' => self::MOST_VISIBILITIES,
            'sky' => \count(Sky::cases()),
            'lures' => \count(LureKind::cases()),
            'forage' => \count(Forage::cases()),
        ];
    }
}
