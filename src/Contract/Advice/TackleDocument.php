<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\Line;
use Kontrast\Lure\NumberRange;
use Kontrast\Lure\RodAction;
use Kontrast\Lure\RodPower;
use Kontrast\Lure\Tackle;
use Kontrast\Rulebook\Reason;
use OpenApi\Attributes as OA;

/** What the lure is thrown on. */
#[OA\Schema(schema: 'Tackle', additionalProperties: false)]
final readonly class TackleDocument
{
    /**
     * @param list<float> $line_lb
     * @param list<float> $rod_in
     * @param list<float> $gear_ratio
     * @param list<string> $facts
     */
    public function __construct(
        public Line $line,
        #[OA\Property(minItems: 2, maxItems: 2, description: 'Breaking strength.')]
        public array $line_lb,
        #[OA\Property(minItems: 2, maxItems: 2, description: 'Length of the rod.')]
        public array $rod_in,
        #[OA\Property(minItems: 2, maxItems: 2, description: 'Turns of the spool per turn of the handle.')]
        public array $gear_ratio,
        public RodPower $rod_power,
        public RodAction $rod_action,
        public string $because,
        public array $facts,
    ) {
    }

    /** @param list<Reason> $reasons of this advice */
    public static function of(Tackle $tackle, array $reasons): self
    {
        $both = static fn (NumberRange $range): array => [$range->least, $range->most];

        return new self(
            $tackle->line,
            $both($tackle->linePounds),
            $both($tackle->rodInches),
            $both($tackle->gearRatio),
            $tackle->power,
            $tackle->action,
            ReasonDocument::sentences($reasons),
            ReasonDocument::allFacts($reasons),
        );
    }
}
