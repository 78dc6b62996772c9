<?php

declare(strict_types=1);

namespace App\Contract\BuildSheet;

use App\Contract\Advice\BuildDocument;
use App\Contract\Look\LookPartDocument;
use App\Contract\Settings\SettingsDocument;
use Kontrast\BuildSheet\BuildFigures;
use Kontrast\BuildSheet\BuildStep;
use Kontrast\BuildSheet\BuildSteps;
use Kontrast\BuildSheet\Hardware;
use Kontrast\BuildSheet\Misfit;
use Kontrast\BuildSheet\Misfits;
use Kontrast\Inventory\Composition;
use Kontrast\Lure\Profile;
use Kontrast\Material\OpticalPart;
use Kontrast\Measure\Length;
use Kontrast\Rulebook\Brief;
use OpenApi\Attributes as OA;

/** How to put a build together, whether it fits, what it comes to, and what it costs. */
#[OA\Schema(
    schema: 'BuildSheet',
    additionalProperties: false,
)]
final readonly class BuildSheetDocument
{
    /**
     * @param list<LookPartDocument>                                        $look_parts
     * @param list<BuildStepDocument>                                   $steps
     * @param list<MisfitDocument> $misfits
     * @param list<HardwareDocument> $hardware
     * @param list<string>                                              $unpriced
     */
    public function __construct(
        public BuildDocument $build,
        public array $look_parts,
        public array $steps,
        public array $misfits,
        public array $hardware,
        #[OA\Property(description: 'From nose to tail.')]
        public float $overall_in,
        #[OA\Property(description: 'From the collar to where the strands are cut.')]
        public ?float $trim_in,
        #[OA\Property(description: 'All parts together, estimated.')]
        public float $weight_oz,
        #[OA\Property(description: 'Area of all blades, for flash.')]
        public float $blade_in2,
        #[OA\Property(minimum: 0, maximum: 10, description: 'A ranking, not a measurement.')]
        public int $thump,
        public Profile $profile,
        #[OA\Property(description: 'Line per turn of the handle; null if the reel is not known.')]
        public ?float $line_per_turn_in,
        #[OA\Property(description: 'Total of all parts whose cost is known.')]
        public float $cost,
        #[OA\Property(description: 'Price of a bought one, as the angler entered it.')]
        public ?float $price,
        #[OA\Property(description: 'Parts whose cost is not known.')]
        public array $unpriced,
        public float $minutes,
    ) {
    }

    /** @param array{cost: float, unpriced: list<string>} $cost */
    public static function of(Composition $build, ?Brief $brief, SettingsDocument $settings, array $cost): self
    {
        $figures = BuildFigures::of($build);
        $steps = array_map(static fn (BuildStep $step): BuildStepDocument => BuildStepDocument::of($step), BuildSteps::write($build));

        return new self(
            build: BuildDocument::of($build->inWords()),
            look_parts: array_map(
                static fn (OpticalPart $part): LookPartDocument => LookPartDocument::of($part),
                $build->asLightMeetsThem(),
            ),
            steps: $steps,
            misfits: array_map(
                static fn (Misfit $misfit): MisfitDocument => MisfitDocument::of($misfit),
                Misfits::find($build, $brief, $settings->lead_free),
            ),
            hardware: array_map(static fn (Hardware $one): HardwareDocument => HardwareDocument::of($one), Hardware::count($build)),
            overall_in: round($figures->overall->inInches(), 2),
            trim_in: null === $figures->trim ? null : round($figures->trim->inInches(), 3),
            weight_oz: round($figures->weight->inOunces(), 3),
            blade_in2: round($figures->bladeSquareInches, 2),
            thump: $figures->thump,
            profile: $figures->profile,
            line_per_turn_in: null === $settings->gear_ratio || null === $settings->spool_in ? null : round(
                BuildFigures::linePerTurn($settings->gear_ratio, Length::inches($settings->spool_in))->inInches(),
                1,
            ),
            cost: round($cost['cost'], 2),
            price: $settings->bought_price,
            unpriced: $cost['unpriced'],
            minutes: array_sum(array_map(static fn (BuildStepDocument $step): float => $step->minutes, $steps)),
        );
    }
}
