<?php

declare(strict_types=1);

namespace App\Contract\Backup;

use App\Contract\Constraint\Between;
use App\Contract\Constraint\Id;
use App\Contract\Constraint\Text;
use Kontrast\BuildSheet\Batch;
use Kontrast\Inventory\Money;
use Kontrast\Inventory\PartBounds;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A batch that was built, as a backup keeps it. */
#[OA\Schema(schema: 'BuiltRecordBackup', additionalProperties: false, required: ['what', 'count', 'cost', 'drawn', 'made_at'])]
final readonly class BuiltRecordBackupDocument implements \JsonSerializable
{
    private const MOST_BUILT = Batch::MOST_BUILDS * Batch::MOST_OF_ONE;
    /** A spinnerbait takes three beads. */
    private const MOST_DRAWN = 3 * self::MOST_BUILT;
    private const MOST_COST = Money::MOST * self::MOST_BUILT;

    /**
     * @param array<string, int>    $drawn
     * @param array<string, string> $names
     */
    public function __construct(
        #[OA\Property]
        #[Text(1000, 'What was built')]
        public string $what,
        #[OA\Property]
        #[Between(0, self::MOST_BUILT, 'A count')]
        public int $count,
        #[OA\Property]
        #[Between(0, self::MOST_COST, 'The cost of a batch')]
        public float $cost,
        #[OA\Property(
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'integer'),
            description: 'How many of each part, by its id.',
        )]
        #[Assert\All([new Between(1, self::MOST_DRAWN, 'What was used')])]
        public array $drawn,
        #[OA\Property(type: 'string', format: 'date-time')]
        public \DateTimeImmutable $made_at,
        #[OA\Property(nullable: true)]
        #[Between(0, self::MOST_COST, 'The price of a batch')]
        public ?float $price = null,
        #[OA\Property(type: 'string', nullable: true)]
        #[Id(isMade: true)]
        public ?string $id = null,
        #[OA\Property(type: 'string', nullable: true, format: 'date-time')]
        public ?\DateTimeImmutable $undone_at = null,
        #[OA\Property(
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'string'),
            description: 'The name of each part, by its id.',
        )]
        #[Assert\All([new Text(PartBounds::MOST_NAME, 'A name')])]
        public array $names = [],
    ) {
    }

    /** @return array<mixed> */
    public function jsonSerialize(): array
    {
        // By id, also where there is none.
        return ['drawn' => (object) $this->drawn, 'names' => (object) $this->names] + get_object_vars($this);
    }
}
