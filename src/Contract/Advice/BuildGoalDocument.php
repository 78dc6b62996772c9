<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\BuildGoal;
use Kontrast\Rulebook\PartGoal;
use Kontrast\Vision\Separation;
use OpenApi\Attributes as OA;

/** What the fish should see, in the model’s words. */
#[OA\Schema(schema: 'BuildGoal', additionalProperties: false)]
final readonly class BuildGoalDocument
{
    /** @param list<Separation> $reads */
    public function __construct(
        #[OA\Property(description: 'The whole goal in one line.')]
        public string $line,
        #[OA\Property(
            description: 'How skirt and trailer should look together; any of these will do. Empty where there is nothing to pair.',
        )]
        public array $reads,
        public PartGoal $skirt,
        #[OA\Property(description: 'Null for a lure without blades.')]
        public ?PartGoal $blade,
    ) {
    }

    public static function of(BuildGoal $wanted, bool $blades): self
    {
        return new self(
            $wanted->line($blades),
            null === $wanted->pairing ? [] : $wanted->reads,
            $wanted->skirt,
            $blades ? $wanted->blade : null,
        );
    }
}
