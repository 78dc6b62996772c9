<?php

declare(strict_types=1);

namespace App\Contract\Backup;

use App\Contract\Constraint\Text;
use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Inventory\SwatchDocument;
use App\Contract\Logbook\LogbookDocument;
use App\Contract\Practice\PracticeAnswerDocument;
use App\Contract\Settings\SettingsDocument;
use App\Contract\Workbench\WorkbenchDocument;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/**
 * Everything stored, in one document, what was deleted and can be restored among it.
 */
#[OA\Schema(schema: 'Backup', additionalProperties: false)]
final readonly class BackupDocument
{
    /**
     * The version written; 1 had nothing that was deleted or undone, 2 nothing of what is on the bench, 3 no trips, 4 no outings, 5 did not
     * say the shapes of its documents.
     */
    public const VERSION = 6;
    public const READABLE = [1, 2, 3, 4, 5, self::VERSION];

    /**
     * @param list<InventoryPartDocument>     $parts
     * @param list<SwatchDocument>            $swatches
     * @param list<BuiltRecordBackupDocument> $made
     * @param array<string, \DateTimeImmutable> $deleted
     * @param list<SetAsideDocument>          $unreadable
     * @param list<PracticeAnswerDocument>    $practice
     */
    public function __construct(
        #[OA\Property(type: 'integer', enum: self::READABLE, description: 'The version of this format.')]
        #[Assert\Choice(choices: self::READABLE, message: '{{ value }} is not allowed here. This program reads backups of version 1 to 6.')]
        public int $kontrast,
        #[Assert\Valid]
        public LogbookDocument $notebook,
        #[Assert\Valid]
        public SettingsDocument $settings,
        #[Assert\Valid]
        public array $parts,
        #[Assert\Valid]
        public array $swatches,
        #[Assert\Valid]
        public array $made = [],
        #[OA\Property(description: 'When each deleted entry was deleted, by its id.')]
        public array $deleted = [],
        #[OA\Property(description: 'Documents that cannot be read, as stored.')]
        #[Assert\Valid]
        public array $unreadable = [],
        #[OA\Property(description: 'The builds on the bench.')]
        #[Assert\Valid]
        public ?WorkbenchDocument $workbench = null,
        #[OA\Property(description: 'The version of the program that wrote it; null in a backup of before they had one.')]
        #[Text(100, 'The version of a program')]
        public ?string $program = null,
        #[OA\Property(description: 'Answers given in practice.')]
        #[Assert\Valid]
        public array $practice = [],
    ) {
    }
}
