<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Constraint\Id;
use App\Contract\Constraint\Name;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A saved trial, and how it stands. */
#[OA\Schema(schema: 'SavedTrial', additionalProperties: false)]
final readonly class SavedTrialDocument
{
    public function __construct(
        #[Name('A trial')]
        public string $name,
        #[Assert\Valid]
        public TrialDocument $trial,
        #[Id(isMade: true)]
        public ?string $id = null,
        public ?int $version = null,
        #[OA\Property(description: 'Now where left out.')]
        public ?\DateTimeImmutable $begun_at = null,
        #[OA\Property(description: 'Worked out by the program; ignored on the way in.')]
        public ?TrialStandingDocument $standing = null,
    ) {
    }
}
