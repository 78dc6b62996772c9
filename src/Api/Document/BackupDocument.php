<?php

declare(strict_types=1);

namespace App\Api\Document;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** Everything kept, in one document: to put away, and to restore from. */
#[OA\Schema(schema: 'Backup', additionalProperties: false, required: ['kontrast', 'notebook', 'settings', 'parts', 'swatches'])]
final class BackupDocument
{
    public const VERSION = 1;

    #[OA\Property(type: 'integer', enum: [self::VERSION], description: 'The version of this shape.')]
    #[Assert\EqualTo(self::VERSION, message: '{{ value }} is not allowed here. Only version 1 is known to this program.')]
    public int $kontrast;

    #[OA\Property(ref: NotebookDocument::class)]
    #[Assert\Valid]
    public NotebookDocument $notebook;

    #[OA\Property(ref: SettingsDocument::class)]
    #[Assert\Valid]
    public SettingsDocument $settings;

    /** @var list<OwnedPartDocument> */
    #[OA\Property(type: 'array', items: new OA\Items(ref: OwnedPartDocument::class))]
    #[Assert\Valid]
    public array $parts;

    /** @var list<SwatchDocument> */
    #[OA\Property(type: 'array', items: new OA\Items(ref: SwatchDocument::class))]
    #[Assert\Valid]
    public array $swatches;

    /** @var list<MadeRecordDocument> */
    #[OA\Property(type: 'array', items: new OA\Items(ref: MadeRecordDocument::class))]
    #[Assert\Valid]
    public array $made = [];
}
