<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Eye\Reads;
use Kontrast\Rulebook\Aim;
use Kontrast\Rulebook\Wanted;
use OpenApi\Attributes as OA;

/** What the fish should see, in the model’s words. */
#[OA\Schema(schema: 'Wanted', additionalProperties: false, required: ['line', 'reads', 'skirt', 'blade'])]
final readonly class WantedDocument
{
    /** @param list<Reads> $reads */
    public function __construct(
        #[OA\Property(description: 'The whole in one line.')]
        public string $line,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Reads::class), description: 'How skirt and trailer should read; any of these will do.')]
        public array $reads,
        #[OA\Property(type: 'string', enum: Aim::class)]
        public Aim $skirt,
        #[OA\Property(type: 'string', enum: Aim::class, nullable: true, description: 'Null for a lure without blades.')]
        public ?Aim $blade,
    ) {
    }

    public static function of(Wanted $wanted, bool $blades): self
    {
        return new self($wanted->line($blades), $wanted->reads, $wanted->skirt, $blades ? $wanted->blade : null);
    }
}
