<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use App\Contract\Advice\AdviceDocument;
use App\Contract\Reading\ObservedReadingDocument;
use App\Contract\Reading\ReadingDocument;
use Kontrast\Practice\Question;
use Kontrast\Practice\Topic;
use Kontrast\Rulebook\Slot;
use OpenApi\Attributes as OA;

/** A made-up water to practice on, and what to tie in it. */
#[OA\Schema(schema: 'PracticeQuestion', additionalProperties: false)]
final readonly class PracticeQuestionDocument
{
    /** @param list<string> $facts */
    public function __construct(
        #[OA\Property(description: 'The seed and the place in its list.')]
        public string $id,
        public ReadingDocument $reading,
        #[OA\Property(description: 'What one sees of it there, and what one is after: no approach.')]
        public ObservedReadingDocument $shown,
        public AdviceDocument $answer,
        #[OA\Property(description: 'Of the answer, of 100, by the scorer of the bench.')]
        public float $points,
        public TemptingDocument $tempting,
        #[OA\Property(description: 'The pick that one fact decides.')]
        public Slot $pick,
        public string $because,
        public array $facts,
        public Topic $topic,
        #[OA\Property(minimum: Question::EASIEST, maximum: Question::HARDEST)]
        public int $level,
    ) {
    }

    public static function of(Question $question): self
    {
        return new self(
            $question->id,
            ReadingDocument::of($question->reading),
            ObservedReadingDocument::of($question->reading),
            AdviceDocument::of($question->answer),
            $question->points,
            TemptingDocument::of($question->tempting),
            $question->slot,
            $question->rule->because,
            $question->rule->facts,
            $question->topic,
            $question->level,
        );
    }
}
