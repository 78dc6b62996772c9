<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A small picture. */
#[OA\Schema(schema: 'Photo', additionalProperties: false)]
final readonly class PhotoDocument
{
    /** Characters. A picture 1000 pixels wide takes a fifth of this. (Chosen.) */
    public const MOST = 700_000;
    public const PATTERN = '~^data:image/jpeg;base64,[A-Za-z0-9+/=]+$~D';
    public const NO_JPEG = 'The picture must be a JPEG data URL.';
    public const TOO_LARGE = 'The picture is too large to store. The program makes it smaller before it sends it.';

    public function __construct(
        #[OA\Property(description: 'A JPEG as a data URL.')]
        #[Assert\Regex(self::PATTERN, message: self::NO_JPEG)]
        #[Assert\Length(max: self::MOST, maxMessage: self::TOO_LARGE)]
        public string $photo,
    ) {
    }
}
