<?php

declare(strict_types=1);

namespace App\Contract\Logbook;

use App\Contract\Constraint\Id;
use App\Contract\Constraint\Name;
use App\Contract\Constraint\Text;
use App\Contract\Inventory\CompositionDocument;
use App\Contract\Outing\PhotoDocument;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A build saved under a name. */
#[OA\Schema(schema: 'SavedBuild', additionalProperties: false)]
final readonly class SavedBuildDocument
{
    private const MOST_PHOTO = 3_000_000;

    public function __construct(
        #[Name('A build')]
        public string $name,
        #[Assert\Valid]
        public CompositionDocument $build,
        #[Id(isMade: true)]
        public ?string $id = null,
        public ?int $version = null,
        #[Text(2000, 'A note')]
        public string $note = '',
        #[OA\Property(description: 'A small picture as a data URL; the browser makes it small.')]
        #[Assert\Regex('~^data:image/(jpeg|png|webp);base64,[A-Za-z0-9+/=]+$~D', message: 'The picture must be a JPEG, PNG or WebP '
            .'data URL.')]
        #[Assert\Length(max: self::MOST_PHOTO, maxMessage: PhotoDocument::TOO_LARGE)]
        public ?string $photo = null,
    ) {
    }
}
