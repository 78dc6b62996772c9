<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use App\Contract\Constraint\Id;
use App\Contract\Constraint\Name;
use App\Contract\Reader\LimitsLists;
use Kontrast\Inventory\PartBounds;
use Kontrast\Lure\Colour;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A name of the angler's own for the colors of a part. */
#[OA\Schema(schema: 'ColourName', additionalProperties: false)]
final readonly class ColourNameDocument implements LimitsLists
{
    /**
     * @param list<Colour> $accents
     * @param list<Colour> $belly
     */
    public function __construct(
        #[Name('A pattern')]
        #[Assert\Regex('~[\p{L}\d]~u', message: 'A name needs a letter or a number.')]
        public string $name,
        public Colour $colour,
        #[Assert\Count(max: PartBounds::MOST_ACCENTS, maxMessage: 'A part has at most {{ limit }} accents.')]
        public array $accents = [],
        #[Assert\Count(max: PartBounds::MOST_BELLY, maxMessage: 'A part has at most {{ limit }} belly colors.')]
        public array $belly = [],
        #[Id(isMade: true)]
        public ?string $id = null,
        public ?int $version = null,
    ) {
    }

    public static function limits(): array
    {
        return ['accents' => 16, 'belly' => 16];
    }
}
