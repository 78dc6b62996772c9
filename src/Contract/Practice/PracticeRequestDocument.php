<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use App\Contract\Constraint\Between;
use Kontrast\Practice\Lesson;
use Kontrast\Practice\Question;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** What to practice: the same questions for the same seed and the same wishes. */
#[OA\Schema(schema: 'PracticeRequest', additionalProperties: false)]
final readonly class PracticeRequestDocument
{
    public const MOST = 10;
    private const MOST_SEED = 2_147_483_647;
    private const MOST_FIRST = 200;

    /** @param list<string> $first */
    public function __construct(
        public Lesson $lesson,
        #[Between(0, self::MOST_SEED, 'A seed')]
        public int $seed,
        #[Between(1, self::MOST, 'The count')]
        public int $count = self::MOST,
        #[OA\Property(description: 'Cards that are asked for before any other.')]
        #[Assert\Count(max: self::MOST_FIRST, maxMessage: 'At most {{ limit }} cards come first.')]
        public array $first = [],
        #[OA\Property(description: 'Only parts owned are laid out.')]
        public bool $owned = false,
        #[OA\Property(description: 'How hard the waters are; as the answers so far have it where left out.')]
        #[Between(Question::EASIEST, Question::HARDEST, 'A level')]
        public ?int $level = null,
    ) {
    }
}
