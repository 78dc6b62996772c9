<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Vision\Shown;
use OpenApi\Attributes as OA;

/** A blade that turns: at each distance of the scene its colors at the angles of a quarter turn. */
#[OA\Schema(schema: 'TurningPart', additionalProperties: false)]
final readonly class TurningPartDocument
{
    /** @param list<ToneDocument> $turns */
    public function __construct(
        public string $id,
        #[OA\Property(description: 'One a distance; in each, one color an angle.')]
        public array $turns,
    ) {
    }

    /** @param list<list<Shown>> $turns */
    public static function of(string $id, array $turns): self
    {
        return new self($id, array_map(ToneDocument::of(...), $turns));
    }
}
