<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Bin\Composition;
use Kontrast\Lure\Profile;
use Kontrast\Material\Part;
use Kontrast\Measure\Length;
use Kontrast\Rulebook\Brief;
use Kontrast\Sheet\Figures;
use Kontrast\Sheet\Hardware;
use Kontrast\Sheet\Misfit;
use Kontrast\Sheet\Misfits;
use Kontrast\Sheet\Step;
use Kontrast\Sheet\Steps;
use OpenApi\Attributes as OA;

/** How to put a build together, whether it fits, what it comes to, and what it costs. */
#[OA\Schema(schema: 'Sheet', additionalProperties: false, required: ['build', 'look_parts', 'steps', 'misfits', 'hardware', 'overall_in', 'trim_in', 'weight_oz', 'blade_in2', 'thump', 'profile', 'line_per_turn_in', 'cost', 'price', 'unpriced', 'minutes'], properties: [
    new OA\Property(property: 'misfits', type: 'array', items: new OA\Items(type: 'object', required: ['slot', 'text', 'instead'], properties: [
        new OA\Property(property: 'slot', type: 'string'),
        new OA\Property(property: 'text', type: 'string'),
        new OA\Property(property: 'instead', type: 'string'),
    ])),
    new OA\Property(property: 'hardware', type: 'array', items: new OA\Items(ref: '#/components/schemas/Hardware')),
])]
final readonly class SheetDocument
{
    /**
     * @param list<PartDocument>                                        $look_parts
     * @param list<SheetStepDocument>                                   $steps
     * @param list<array{slot: string, text: string, instead: string}>  $misfits
     * @param list<array{kind: string, size: string, count: int}>       $hardware
     * @param list<string>                                              $unpriced
     */
    public function __construct(
        #[OA\Property(ref: BuildDocument::class)]
        public BuildDocument $build,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PartDocument::class))]
        public array $look_parts,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SheetStepDocument::class))]
        public array $steps,
        public array $misfits,
        public array $hardware,
        #[OA\Property(description: 'From nose to tail.')]
        public float $overall_in,
        #[OA\Property(nullable: true, description: 'From the collar to where the strands are cut.')]
        public ?float $trim_in,
        #[OA\Property(description: 'All parts together, estimated.')]
        public float $weight_oz,
        #[OA\Property(description: 'Area of all blades, for flash.')]
        public float $blade_in2,
        #[OA\Property(minimum: 0, maximum: 10, description: 'An order, not a measure.')]
        public int $thump,
        #[OA\Property(type: 'string', enum: Profile::class)]
        public Profile $profile,
        #[OA\Property(nullable: true, description: 'Line taken up by one turn of the handle; null where the reel is not known.')]
        public ?float $line_per_turn_in,
        #[OA\Property(description: 'Of all parts whose cost is known.')]
        public float $cost,
        #[OA\Property(nullable: true, description: 'Of a bought one, as the angler gave it.')]
        public ?float $price,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Parts whose cost is not known.')]
        public array $unpriced,
        #[OA\Property]
        public float $minutes,
    ) {
    }

    /** @param array{cost: float, unpriced: list<string>} $cost */
    public static function of(Composition $build, ?Brief $brief, SettingsDocument $settings, array $cost): self
    {
        $figures = Figures::of($build);
        $steps = array_map(static fn (Step $step): SheetStepDocument => SheetStepDocument::of($step), Steps::of($build));

        return new self(
            BuildDocument::of($build->inWords()),
            array_map(static fn (Part $part): PartDocument => PartDocument::of($part), $build->asLightMeetsThem()),
            $steps,
            array_map(static fn (Misfit $misfit): array => ['slot' => $misfit->slot, 'text' => $misfit->text, 'instead' => $misfit->instead], Misfits::in($build, $brief, $settings->lead_free)),
            array_map(static fn (Hardware $hardware): array => ['kind' => $hardware->kind->value, 'size' => $hardware->size, 'count' => $hardware->count], Hardware::of($build)),
            round($figures->overall->inInches(), 2),
            null === $figures->trim ? null : round($figures->trim->inInches(), 3),
            round($figures->weight->inOunces(), 3),
            round($figures->bladeSquareInches, 2),
            $figures->thump,
            $figures->profile,
            null === $settings->gear_ratio || null === $settings->spool_in ? null : round(Figures::linePerTurn($settings->gear_ratio, Length::inches($settings->spool_in))->inInches(), 1),
            round($cost['cost'], 2),
            $settings->bought_price,
            $cost['unpriced'],
            array_sum(array_map(static fn (SheetStepDocument $step): float => $step->minutes, $steps)),
        );
    }
}
