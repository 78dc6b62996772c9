<?php

declare(strict_types=1);

namespace App\Api\Document;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** Waters and readings to take in or to carry away, in the program's own open format. */
#[OA\Schema(schema: 'Notebook', additionalProperties: false, required: ['waters', 'readings'])]
final class NotebookDocument
{
    /** @var list<WaterDocument> */
    #[OA\Property(type: 'array', items: new OA\Items(ref: WaterDocument::class))]
    #[Assert\Valid]
    public array $waters = [];

    /** @var list<KeptReadingDocument> */
    #[OA\Property(type: 'array', items: new OA\Items(ref: KeptReadingDocument::class))]
    #[Assert\Valid]
    public array $readings = [];

    #[OA\Property(ref: DeskDocument::class, nullable: true)]
    #[Assert\Valid]
    public ?DeskDocument $desk = null;

    /** @var list<SavedBuildDocument> */
    #[OA\Property(type: 'array', items: new OA\Items(ref: SavedBuildDocument::class))]
    #[Assert\Valid]
    public array $builds = [];
}
