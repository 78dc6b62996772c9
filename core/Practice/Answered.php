<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Measure\Length;

/** One answer that was given. */
final readonly class Answered
{
    /**
     * @param Topic|null  $topic what it was about; null where something was only looked at
     * @param int|null    $level of a water, 1 to 5
     * @param float|null  $ratio of what was looked at
     * @param Length|null $guess of a visibility
     */
    public function __construct(
        public \DateTimeImmutable $at,
        public Lesson $lesson,
        public bool $isRight,
        public ?Topic $topic = null,
        public ?int $level = null,
        public ?float $ratio = null,
        public ?Length $guess = null,
        public ?Length $truth = null,
    ) {
    }
}
