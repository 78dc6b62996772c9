<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** One thing to change when something goes wrong on the water. */
final readonly class Remedy
{
    /** @param list<string> $facts */
    public function __construct(
        public Symptom $symptom,
        public string $change,
        public string $because,
        public array $facts,
        public RemedyChange $changes,
    ) {
    }
}
