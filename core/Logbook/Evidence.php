<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\ReadingBuilder;
use Kontrast\Rulebook\Situation;

/** Holds as fully as the notes are sure, whatever the reading. */
final readonly class Evidence implements Condition
{
    /** @param float $strength 0 to 1 */
    private function __construct(private float $strength, private string $words)
    {
    }

    /** Grows with the chance that the school is the best; silent while the notes do not tell. */
    public static function of(SchoolEvidence $evidence): self
    {
        return new self(self::strengthOf($evidence), \sprintf(
            '%s after %s hours and %d bites',
            Certainty::words($evidence->voteChance, $evidence->hours),
            number_format($evidence->hours, 0),
            $evidence->bites,
        ));
    }

    /**
     * Under this chance the notes stay silent, and below so many hours or bites: luck gets that far, with thirteen questions to try
     * (chosen by simulation).
     */
    private const SILENT_UNDER = 0.999;
    private const LEAST_HOURS = 10.0;
    private const LEAST_BITES = 10;

    public static function strengthOf(SchoolEvidence $evidence): float
    {
        return $evidence->hours < self::LEAST_HOURS || $evidence->bites < self::LEAST_BITES
            ? 0.0
            : max(0.0, min(1.0, ($evidence->voteChance - self::SILENT_UNDER) / (1 - self::SILENT_UNDER)));
    }

    public function strength(Situation $situation): float
    {
        return $this->strength;
    }

    public function slotsUsed(): array
    {
        return [];
    }

    public function fields(): array
    {
        return [];
    }

    public function meet(ReadingBuilder $draft): void
    {
    }

    public function miss(ReadingBuilder $draft): void
    {
    }

    public function describe(): array
    {
        return ['kind' => 'notes', 'words' => [$this->words]];
    }
}
