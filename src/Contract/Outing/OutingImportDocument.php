<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use OpenApi\Attributes as OA;

/** What a file of outings holds, and how much of it is new. */
#[OA\Schema(schema: 'OutingImport', additionalProperties: false)]
final readonly class OutingImportDocument
{
    /** @param list<OutingConflictDocument> $conflicts */
    public function __construct(
        public int $outings,
        #[OA\Property(description: 'Already in the logbook.')]
        public int $known,
        #[OA\Property(description: 'Those of the known ones that the file says something new of.')]
        public int $changed,
        #[OA\Property(description: 'What the file and the logbook have both changed since the file before it: what is stored stays.')]
        public array $conflicts,
        public int $stints,
        public int $events,
        #[OA\Property(format: 'date-time', nullable: true, description: 'When the first one began.')]
        public ?string $first,
        #[OA\Property(format: 'date-time', nullable: true)]
        public ?string $last,
    ) {
    }

    /**
     * @param list<OutingDocument>         $outings
     * @param list<OutingConflictDocument> $conflicts
     */
    public static function of(array $outings, int $known, int $changed = 0, array $conflicts = []): self
    {
        $starts = array_map(static fn (OutingDocument $one): string => $one->started_at->format(\DateTimeInterface::ATOM), $outings);
        $stints = array_merge(...array_map(static fn (OutingDocument $one): array => $one->stints, $outings));

        return new self(
            \count($outings),
            $known,
            $changed,
            $conflicts,
            \count($stints),
            array_sum(array_map(static fn (StintDocument $stint): int => \count($stint->events), $stints)),
            [] === $starts ? null : min($starts),
            [] === $starts ? null : max($starts),
        );
    }
}
