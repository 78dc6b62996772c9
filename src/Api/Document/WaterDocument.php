<?php

declare(strict_types=1);

namespace App\Api\Document;

use App\Entity\Water;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Tint;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A named place and what is usual there. */
#[OA\Schema(schema: 'Water', additionalProperties: false, required: ['name', 'tint', 'red_crawfish'])]
final class WaterDocument
{
    #[OA\Property(type: 'string', nullable: true, format: 'uuid')]
    #[Assert\Uuid(message: '{{ value }} is not a UUID. Leave the id out to have one made.')]
    public ?string $id = null;

    #[OA\Property(minLength: 1, maxLength: 120)]
    #[Assert\NotBlank(message: 'A water needs a name.', normalizer: 'trim')]
    #[Assert\Length(max: 120, maxMessage: 'A name has at most 120 characters.')]
    public string $name;

    #[OA\Property(type: 'string', enum: Tint::class)]
    public Tint $tint;

    #[OA\Property]
    public bool $red_crawfish;

    #[OA\Property(type: 'string', enum: Forage::class, nullable: true)]
    public ?Forage $forage = null;

    #[OA\Property(maxLength: 1000)]
    #[Assert\Length(max: 1000, maxMessage: 'A note has at most 1000 characters.')]
    public string $note = '';

    public static function of(Water $water): self
    {
        $document = new self();
        $document->id = $water->id();
        $document->name = $water->name();
        $document->tint = $water->tint();
        $document->red_crawfish = $water->redCrawfish();
        $document->forage = $water->forage();
        $document->note = $water->note();

        return $document;
    }
}
