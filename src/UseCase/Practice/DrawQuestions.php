<?php

declare(strict_types=1);

namespace App\UseCase\Practice;

use App\Contract\Practice\PracticeQuestionDocument;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Practice\Question;
use Kontrast\Practice\Quiz;
use Kontrast\Rulebook\Engine;

/** Draws waters to practice on, by the standard rules: the same list for the same seed, whoever asks. */
final readonly class DrawQuestions
{
    public function __construct(private Engine $standard, private ReflectanceFitter $reflectances)
    {
    }

    /** @return list<PracticeQuestionDocument> */
    public function draw(int $seed, int $count, ?int $level): array
    {
        return array_map(
            static fn (Question $question): PracticeQuestionDocument => PracticeQuestionDocument::of($question),
            (new Quiz($this->standard, $this->reflectances))->draw($seed, $count, $level),
        );
    }
}
