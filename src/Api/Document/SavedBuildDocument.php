<?php

declare(strict_types=1);

namespace App\Api\Document;

use App\Entity\SavedBuild;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A build put away under a name. */
#[OA\Schema(schema: 'SavedBuild', additionalProperties: false, required: ['name', 'build'])]
final class SavedBuildDocument
{
    private const MOST_PHOTO = 3_000_000;

    #[OA\Property(type: 'string', nullable: true, format: 'uuid')]
    #[Assert\Uuid(message: '{{ value }} is not a UUID. Leave the id out to have one made.')]
    public ?string $id = null;

    #[OA\Property(type: 'integer', nullable: true)]
    public ?int $version = null;

    #[OA\Property(minLength: 1, maxLength: 120)]
    #[Assert\NotBlank(message: 'A build needs a name.', normalizer: 'trim')]
    #[Assert\Length(max: 120, maxMessage: 'A name has at most 120 characters.')]
    public string $name;

    #[OA\Property(maxLength: 2000)]
    #[Assert\Length(max: 2000, maxMessage: 'A note has at most 2000 characters.')]
    public string $note = '';

    #[OA\Property(ref: CompositionDocument::class)]
    #[Assert\Valid]
    public CompositionDocument $build;

    #[OA\Property(nullable: true, description: 'A small picture as a data URL; the browser makes it small.')]
    #[Assert\Regex('~^data:image/(jpeg|png|webp);base64,[A-Za-z0-9+/=]+$~D', message: 'A picture is expected as a JPEG, PNG or WebP data URL.')]
    #[Assert\Length(max: self::MOST_PHOTO, maxMessage: 'The picture is too large to keep. The program makes it smaller before it sends it.')]
    public ?string $photo = null;

    /** @return array<string, mixed> a saved build document of a stored row */
    public static function row(SavedBuild $saved): array
    {
        return ['id' => $saved->id(), 'version' => $saved->version(), 'name' => $saved->name(), 'note' => $saved->note(), 'build' => $saved->composition(), 'photo' => $saved->photo()];
    }
}
