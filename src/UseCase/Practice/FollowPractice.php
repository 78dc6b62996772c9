<?php

declare(strict_types=1);

namespace App\UseCase\Practice;

use App\Contract\Practice\PracticeAnswerDocument;
use App\Contract\Practice\PracticeCardDocument;
use App\Contract\Practice\PracticeProgressDocument;
use App\Persistence\Kind\PracticeAnswerKind;
use App\Persistence\Rows;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Measure\Length;
use Kontrast\Practice\Answered;
use Kontrast\Practice\Lesson;
use Kontrast\Practice\Mistake;
use Kontrast\Practice\Progress;
use Kontrast\Practice\Quiz;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Facts;

/** What the answers given so far come to. */
final readonly class FollowPractice
{
    public function __construct(
        private Rows $rows,
        private PracticeAnswerKind $answers,
        private Engine $standard,
        private ReflectanceFitter $reflectances,
    ) {
    }

    public function document(): PracticeProgressDocument
    {
        $ofWaters = array_keys((new Quiz($this->standard, $this->reflectances))->cards());
        $ofMistakes = array_map(static fn (Mistake $mistake): string => $mistake->fact(), Mistake::cases());

        return PracticeProgressDocument::of($this->progress(), [
            ...self::cards($ofWaters, Lesson::Tie),
            ...self::cards(array_values(array_unique($ofMistakes)), Lesson::Mistake),
        ]);
    }

    public function progress(): Progress
    {
        return new Progress(array_map(
            fn ($answer): Answered => self::answered($this->answers->documentOf($answer), $answer->givenAt()),
            $this->rows->all($this->answers),
        ));
    }

    private static function answered(PracticeAnswerDocument $answer, \DateTimeImmutable $at): Answered
    {
        return new Answered(
            $at,
            $answer->lesson,
            $answer->right,
            $answer->topic,
            $answer->level,
            $answer->ratio,
            null === $answer->guess_in ? null : Length::inches($answer->guess_in),
            null === $answer->truth_in ? null : Length::inches($answer->truth_in),
        );
    }

    /**
     * @param list<string> $facts
     *
     * @return list<PracticeCardDocument>
     */
    private static function cards(array $facts, Lesson $lesson): array
    {
        return array_map(
            static fn (string $fact): PracticeCardDocument => new PracticeCardDocument($fact, $lesson, Facts::text($fact)),
            $facts,
        );
    }
}
