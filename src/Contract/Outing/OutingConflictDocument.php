<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use OpenApi\Attributes as OA;

/** One thing that two places have changed differently. */
#[OA\Schema(
    schema: 'OutingConflict',
    additionalProperties: false,
)]
final readonly class OutingConflictDocument
{
    private const KEY_LENGTH = 32;

    /**
     * @param array<string, mixed>|null $stint
     * @param array<string, mixed>|null $event
     */
    private function __construct(
        #[OA\Property(description: 'Tells it from the others. Another one as soon as what is stored changes.')]
        public string $key,
        #[OA\Property(description: 'The id of the outing.')]
        public string $outing,
        #[OA\Property(format: 'date-time', description: 'When the outing began.')]
        public string $began,
        #[OA\Property(ref: StintDocument::class, nullable: true, description: 'The stint it is about, without its events.')]
        public ?array $stint,
        #[OA\Property(ref: OutingEventDocument::class, nullable: true, description: 'The event it is about; else the stint or the outing.')]
        public ?array $event,
        #[OA\Property(description: 'The field. “under” stands for the build that an event was noted under.')]
        public string $field,
        #[OA\Property(description: 'What is stored.')]
        public mixed $stored,
        #[OA\Property(description: 'What the file says.')]
        public mixed $sent,
    ) {
    }

    /**
     * @param array<string, mixed>      $outing the documents it is about, as they are stored
     * @param array<string, mixed>|null $stint
     * @param array<string, mixed>|null $event
     */
    public static function of(array $outing, ?array $stint, ?array $event, string $field, mixed $stored, mixed $sent): self
    {
        [$id, $began] = [$outing['id'] ?? '', $outing['started_at'] ?? ''];
        $about = json_encode([$id, $stint['id'] ?? null, $event['id'] ?? null, $field, $stored], \JSON_THROW_ON_ERROR);

        return new self(
            substr(hash('sha256', $about), 0, self::KEY_LENGTH),
            \is_string($id) ? $id : '',
            \is_string($began) ? $began : '',
            $stint,
            $event,
            $field,
            $stored,
            $sent,
        );
    }
}
