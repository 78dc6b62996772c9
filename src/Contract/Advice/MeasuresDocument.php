<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\Measures;
use Kontrast\Lure\Motion;
use Kontrast\Lure\Pace;
use Kontrast\Measure\Length;
use OpenApi\Attributes as OA;

/** The lengths the lure comes out at, in inches: enough to draw it to scale. */
#[OA\Schema(schema: 'Measures', additionalProperties: false)]
final readonly class MeasuresDocument
{
    /** @param list<BladeMeasuresDocument> $blades */
    public function __construct(
        public float $head_length_in,
        public float $head_height_in,
        public string $hook,
        public float $hook_shank_in,
        public float $hook_gap_in,
        public array $blades,
        public ?float $wire_to_head_in,
        public ?float $wire_to_blade_in,
        public ?float $skirt_in,
        public ?float $trailer_in,
        public ?float $trailer_hook_in,
        public float $overall_in,
        #[OA\Property(description: 'Beats of the trailer a second, there and back.')]
        public ?PaceFiguresDocument $trailer_beats_per_s,
    ) {
    }

    public static function of(Measures $measures): self
    {
        $trailer = $measures->trailer;
        $inches = static fn (?Length $length): ?float => null === $length ? null : round($length->inInches(), 3);

        return new self(
            head_length_in: round($measures->headLength->inInches(), 3),
            head_height_in: round($measures->headHeight->inInches(), 3),
            hook: $measures->hook->label(),
            hook_shank_in: round($measures->hookShank->inInches(), 3),
            hook_gap_in: round($measures->hookGap->inInches(), 3),
            blades: array_map(
                static fn (array $blade): BladeMeasuresDocument => new BladeMeasuresDocument(
                    round($blade['length']->inInches(), 3),
                    round($blade['width']->inInches(), 3),
                    PaceFiguresDocument::of(static fn (Pace $pace): float => Motion::ofBlade($blade['shape'], $blade['length'], $pace)),
                ),
                $measures->blades,
            ),
            wire_to_head_in: $inches($measures->wireToHead),
            wire_to_blade_in: $inches($measures->wireToBlade),
            skirt_in: $inches($measures->skirt),
            trailer_in: $inches($measures->trailer),
            trailer_hook_in: $inches($measures->trailerHook),
            overall_in: round($measures->overall->inInches(), 3),
            trailer_beats_per_s: null === $trailer
                ? null
                : PaceFiguresDocument::of(static fn (Pace $pace): float => Motion::ofTrailer($trailer, $pace)),
        );
    }
}
