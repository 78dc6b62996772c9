<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Lure\Measures;
use Kontrast\Measure\Length;
use OpenApi\Attributes as OA;

/** The lengths the lure comes out at, in inches: enough to draw it to scale. */
#[OA\Schema(schema: 'Measures', additionalProperties: false, required: [
    'head_length_in', 'head_height_in', 'hook', 'hook_shank_in', 'hook_gap_in', 'blades', 'wire_to_head_in', 'wire_to_blade_in',
    'skirt_in', 'trailer_in', 'trailer_hook_in', 'overall_in',
])]
final readonly class MeasuresDocument
{
    /** @param list<BladeMeasuresDocument> $blades */
    public function __construct(
        #[OA\Property]
        public float $head_length_in,
        #[OA\Property]
        public float $head_height_in,
        #[OA\Property]
        public string $hook,
        #[OA\Property]
        public float $hook_shank_in,
        #[OA\Property]
        public float $hook_gap_in,
        #[OA\Property(type: 'array', items: new OA\Items(ref: BladeMeasuresDocument::class))]
        public array $blades,
        #[OA\Property(nullable: true)]
        public ?float $wire_to_head_in,
        #[OA\Property(nullable: true)]
        public ?float $wire_to_blade_in,
        #[OA\Property(nullable: true)]
        public ?float $skirt_in,
        #[OA\Property(nullable: true)]
        public ?float $trailer_in,
        #[OA\Property(nullable: true)]
        public ?float $trailer_hook_in,
        #[OA\Property]
        public float $overall_in,
    ) {
    }

    public static function of(Measures $measures): self
    {
        $inches = static fn (?Length $length): ?float => null === $length ? null : round($length->inInches(), 3);

        return new self(
            round($measures->headLength->inInches(), 3),
            round($measures->headHeight->inInches(), 3),
            $measures->hook->words(),
            round($measures->hookShank->inInches(), 3),
            round($measures->hookGap->inInches(), 3),
            array_map(static fn (array $blade): BladeMeasuresDocument => new BladeMeasuresDocument(round($blade['length']->inInches(), 3), round($blade['width']->inInches(), 3)), $measures->blades),
            $inches($measures->wireToHead),
            $inches($measures->wireToBlade),
            $inches($measures->skirt),
            $inches($measures->trailer),
            $inches($measures->trailerHook),
            round($measures->overall->inInches(), 3),
        );
    }
}
