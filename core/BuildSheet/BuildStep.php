<?php

declare(strict_types=1);

namespace Kontrast\BuildSheet;

/** One step at the bench. */
final readonly class BuildStep
{
    /**
     * @param string       $text     what to do; "{trim}" stands for the length the skirt is cut to
     * @param list<string> $parts    what goes on, with its size
     * @param list<string> $facts
     * @param list<string> $cautions where they bite
     */
    public function __construct(
        public Task $task,
        public string $text,
        public array $parts,
        public ?string $tool = null,
        public ?string $why = null,
        public array $facts = [],
        public array $cautions = [],
    ) {
    }
}
