<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use App\Contract\Constraint\Above;
use App\Contract\Constraint\Between;
use App\Contract\Constraint\Id;
use App\Contract\Constraint\Text;
use Kontrast\Practice\Lesson;
use Kontrast\Practice\Question;
use Kontrast\Practice\Topic;
use OpenApi\Attributes as OA;

/** An answer that was given in practice. All there is to know of how it goes is what such answers come to. */
#[OA\Schema(schema: 'PracticeAnswer', additionalProperties: false)]
final readonly class PracticeAnswerDocument
{
    private const MOST_IN = 2400;

    public function __construct(
        public Lesson $lesson,
        public bool $right,
        #[Id(isMade: true)]
        public ?string $id = null,
        #[OA\Property(description: 'When it was given; now where left out.')]
        public ?\DateTimeImmutable $at = null,
        #[OA\Property(description: 'The card: the fact that decided the pick, or that the mistake was against.')]
        #[Text(20, 'A card')]
        public ?string $card = null,
        public ?Topic $topic = null,
        #[Between(Question::EASIEST, Question::HARDEST, 'A level')]
        public ?int $level = null,
        #[OA\Property(description: 'Of the whole lure, of 100.')]
        #[Between(0, 100, 'The points')]
        public ?int $points = null,
        #[OA\Property(description: 'How many times as far the one was seen as the other.')]
        #[Between(1, 1000, 'A ratio')]
        public ?float $ratio = null,
        #[Above(0, self::MOST_IN, 'A guess', 'in')]
        public ?float $guess_in = null,
        #[Above(0, self::MOST_IN, 'A visibility', 'in')]
        public ?float $truth_in = null,
    ) {
    }
}
