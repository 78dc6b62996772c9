<?php

declare(strict_types=1);

namespace Kontrast\Practice;

/** What the answers so far come to: by topic, by eye, and how hard the next water may be. */
final readonly class Progress
{
    /** So many of the last answers tell how it goes now, and this many of them right make the next water harder, or easier. (Chosen.) */
    private const LAST = 5;
    private const HARDER = 0.8;
    private const EASIER = 0.4;

    /** @param list<Answered> $answers in the order in which they were given */
    public function __construct(private array $answers)
    {
    }

    /** How hard the next water is: as the last one, a step harder where it went well, easier where it did not. */
    public function level(): int
    {
        $level = Question::EASIEST;
        $here = [];
        foreach ($this->of(Lesson::Tie) as $answer) {
            $here[] = $answer->isRight ? 1 : 0;
            $share = array_sum(\array_slice($here, -self::LAST)) / self::LAST;
            $step = match (true) {
                \count($here) < self::LAST => 0,
                $share >= self::HARDER => 1,
                $share <= self::EASIER => -1,
                default => 0,
            };
            if (0 !== $step) {
                $level = max(Question::EASIEST, min(Question::HARDEST, $level + $step));
                $here = [];
            }
        }

        return $level;
    }

    /**
     * @return list<array{topic: Topic, answered: int, right: int, days: list<array{string, int, int}>}> the days in UTC, each with how
     *                                                                                                  many were answered, and right
     */
    public function topics(): array
    {
        return array_map(function (Topic $topic): array {
            $answers = array_filter($this->answers, static fn (Answered $one): bool => $one->topic === $topic);
            $days = [];
            foreach ($answers as $answer) {
                $day = $answer->at->format('Y-m-d');
                $days[$day] ??= [$day, 0, 0];
                ++$days[$day][1];
                $days[$day][2] += $answer->isRight ? 1 : 0;
            }

            return ['topic' => $topic, 'answered' => \count($answers), 'right' => self::right($answers), 'days' => array_values($days)];
        }, Topic::cases());
    }

    public function sharpness(): Sharpness
    {
        $seen = [];
        foreach ($this->of(Lesson::Seeing) as $answer) {
            if (null !== $answer->ratio) {
                $seen[] = [$answer->ratio, $answer->isRight];
            }
        }

        return Sharpness::of($seen);
    }

    /** @return list<array{\DateTimeImmutable, float}> when a visibility was guessed, and the guess over the truth */
    public function guesses(): array
    {
        $guesses = [];
        foreach ($this->of(Lesson::Visibility) as $answer) {
            if (null !== $answer->guess && null !== $answer->truth) {
                $guesses[] = [$answer->at, $answer->guess->inInches() / $answer->truth->inInches()];
            }
        }

        return $guesses;
    }

    /** Of all guesses the middle one, over the truth: above 1 who sees too far; null without any. */
    public function bias(): ?float
    {
        $ratios = array_column($this->guesses(), 1);
        sort($ratios);
        $n = \count($ratios);

        return 0 === $n ? null : sqrt($ratios[intdiv($n - 1, 2)] * $ratios[intdiv($n, 2)]);
    }

    public function answered(Lesson $lesson): int
    {
        return \count($this->of($lesson));
    }

    /** @return list<Answered> */
    private function of(Lesson $lesson): array
    {
        return array_values(array_filter($this->answers, static fn (Answered $one): bool => $one->lesson === $lesson));
    }

    /** @param array<Answered> $answers */
    private static function right(array $answers): int
    {
        return \count(array_filter($answers, static fn (Answered $one): bool => $one->isRight));
    }
}
