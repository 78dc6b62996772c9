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
#[OA\Schema(schema: 'BuiltRecordBackup', additionalProperties: false)]
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
        #[Text(1000, 'What was built')]
        public string $what,
        #[Between(0, self::MOST_BUILT, 'A count')]
        public int $count,
        #[Between(0, self::MOST_COST, 'The cost of a batch')]
        public float $cost,
        #[OA\Property(description: 'How many of each part, by its id.')]
        #[Assert\All([new Between(1, self::MOST_DRAWN, 'What was used')])]
        public array $drawn,
        public \DateTimeImmutable $made_at,
        #[Between(0, self::MOST_COST, 'The price of a batch')]
        public ?float $price = null,
        #[Id(isMade: true)]
        public ?string $id = null,
        public ?\DateTimeImmutable $undone_at = null,
        #[OA\Property(description: 'The name of each part, by its id.')]
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
