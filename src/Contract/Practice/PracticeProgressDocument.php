<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use Kontrast\Practice\Lesson;
use Kontrast\Practice\Progress;
use OpenApi\Attributes as OA;

/** How it goes: what the answers so far come to. */
#[OA\Schema(schema: 'PracticeProgress', additionalProperties: false)]
final readonly class PracticeProgressDocument
{
    /** At so many ratios of distances the curve of an eye is told. */
    private const CURVE = [1.2, 1.5, 1.8, 2.2, 2.7, 3.3, 4.0, 5.0, 6.5, 8.0];

    /**
     * @param array<string, int>            $answered
     * @param list<TopicProgressDocument>   $topics
     * @param list<SharpnessPointDocument>  $curve
     * @param list<SightErrorDocument>      $guesses
     * @param list<PracticeCardDocument>    $cards
     */
    public function __construct(
        #[OA\Property(description: 'How hard the next water is, 1 to 5.')]
        public int $level,
        #[OA\Property(description: 'So many answers, by lesson.')]
        public array $answered,
        public array $topics,
        #[OA\Property(description: 'Three answers in four are right where one lure is seen so many times as far as the other.')]
        public float $threshold,
        #[OA\Property(description: 'The share of right answers by how many times as far.')]
        public array $curve,
        #[OA\Property(description: 'The middle one of the guesses over the truth; above 1 where too far is seen; null without any.')]
        public ?float $bias,
        public array $guesses,
        #[OA\Property(description: 'Everything that can be asked for.')]
        public array $cards,
    ) {
    }

    /** @param list<PracticeCardDocument> $cards */
    public static function of(Progress $progress, array $cards): self
    {
        $sharpness = $progress->sharpness();
        $answered = [];
        foreach (Lesson::cases() as $lesson) {
            $answered[$lesson->value] = $progress->answered($lesson);
        }
        $bias = $progress->bias();

        return new self(
            $progress->level(),
            $answered,
            array_map(TopicProgressDocument::of(...), $progress->topics()),
            round($sharpness->threshold(), 2),
            array_map(
                static fn (float $ratio): SharpnessPointDocument => new SharpnessPointDocument($ratio, round($sharpness->share($ratio), 3)),
                self::CURVE,
            ),
            null === $bias ? null : round($bias, 3),
            array_map(
                static fn (array $guess): SightErrorDocument => new SightErrorDocument($guess[0], round($guess[1], 3)),
                $progress->guesses(),
            ),
            $cards,
        );
    }
}
