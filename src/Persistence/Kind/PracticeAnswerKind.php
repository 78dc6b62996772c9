<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Practice\PracticeAnswerDocument;
use App\Contract\Stored\Ability;
use App\Contract\Stored\StoredAs;
use App\Persistence\Entity\PracticeAnswer;
use App\Persistence\Entity\Stored;
use Symfony\Component\Clock\ClockInterface;

/**
 * An answer that was given in practice. It is what was said then, and not changed: two devices never disagree about one.
 *
 * @extends Kind<PracticeAnswer, PracticeAnswerDocument>
 */
final readonly class PracticeAnswerKind extends Kind
{
    public const NAME = 'practice-answers';

    public function __construct(private Documents $documents, private ClockInterface $clock)
    {
        parent::__construct(new Declaration(
            self::NAME,
            'practice answer',
            PracticeAnswer::class,
            PracticeAnswerDocument::class,
            field: 'practice',
            shape: new Shape(StoredAs::PracticeAnswer, PracticeAnswerDocument::class, ['id' => null, 'at' => null]),
            order: ['givenAt' => 'ASC', 'id' => 'ASC'],
            orderInWords: 'oldest first',
            can: [Ability::List, Ability::Add, Ability::Show, Ability::Delete, Ability::Restore],
            place: Place::Backup,
            called: 'This answer',
        ));
    }

    public function entityOf(object $document, ?Stored $known = null, bool $isWhole = false): PracticeAnswer
    {
        return new PracticeAnswer(
            $document->id,
            $document->at ?? $this->clock->now(),
            $this->documents->stored($document, $this->shape()),
        );
    }

    public function documentOf(Stored $one, bool $isWhole = false): PracticeAnswerDocument
    {
        return $this->documents->made([
            ...$one->document()->data(),
            'id' => $one->id(),
            'at' => $one->givenAt()->format(\DATE_ATOM),
        ], PracticeAnswerDocument::class);
    }
}
