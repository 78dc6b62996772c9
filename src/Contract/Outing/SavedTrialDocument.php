<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Constraint\Id;
use App\Contract\Constraint\Name;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A trial that is kept, and how it stands. */
#[OA\Schema(schema: 'SavedTrial', additionalProperties: false, required: ['name', 'trial'])]
final readonly class SavedTrialDocument
{
    public function __construct(
        #[OA\Property]
        #[Name('A trial')]
        public string $name,
        #[OA\Property(ref: TrialDocument::class)]
        #[Assert\Valid]
        public TrialDocument $trial,
        #[OA\Property(type: 'string', nullable: true)]
        #[Id(isMade: true)]
        public ?string $id = null,
        #[OA\Property(type: 'integer', nullable: true)]
        public ?int $version = null,
        #[OA\Property(type: 'string', format: 'date-time', nullable: true, description: 'Now where left out.')]
        public ?\DateTimeImmutable $begun_at = null,
        #[OA\Property(ref: TrialStandingDocument::class, nullable: true, description: 'Worked out by the program; ignored on the way in.')]
        public ?TrialStandingDocument $standing = null,
    ) {
    }
}
