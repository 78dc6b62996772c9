<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A small picture. */
#[OA\Schema(schema: 'Photo', additionalProperties: false, required: ['photo'])]
final readonly class PhotoDocument
{
    private const MOST = 700_000;

    public function __construct(
        #[OA\Property(description: 'A JPEG as a data URL.')]
        #[Assert\Regex('~^data:image/jpeg;base64,[A-Za-z0-9+/=]+$~D', message: 'The picture must be a JPEG data URL.')]
        #[Assert\Length(max: self::MOST, maxMessage: 'The picture is too large to store. The program makes it smaller before it sends it.')]
        public string $photo,
    ) {
    }
}
