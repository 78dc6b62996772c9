<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Vision\TurningBlade;
use OpenApi\Attributes as OA;

/** A blade that turns: at each distance of the scene its colors at the angles of a quarter turn. */
#[OA\Schema(schema: 'TurningPart', additionalProperties: false)]
final readonly class TurningPartDocument
{
    /**
     * @param list<ToneDocument> $turns
     * @param list<bool>         $visible_person
     * @param list<bool>         $visible_bass
     */
    public function __construct(
        public string $id,
        #[OA\Property(description: 'One a distance; in each, one color an angle.')]
        public array $turns,
        #[OA\Property(description: 'At each distance its color where it turns too fast for an eye to follow.')]
        public ToneDocument $means,
        #[OA\Property(description: 'Whether a person sees its flash, at each distance.')]
        public array $visible_person,
        #[OA\Property(description: 'Whether a bass does.')]
        public array $visible_bass,
    ) {
    }

    public static function of(TurningBlade $blade): self
    {
        return new self(
            $blade->id,
            array_map(ToneDocument::of(...), $blade->turns),
            ToneDocument::of($blade->means),
            $blade->visibleToPerson,
            $blade->visibleToBass,
        );
    }
}
