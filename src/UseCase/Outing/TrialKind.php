<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Outing\SavedTrialDocument;
use App\Contract\Outing\TrialDocument;
use App\Contract\Stored\Ability;
use App\Contract\Stored\StoredAs;
use App\Persistence\Entity\Stored;
use App\Persistence\Entity\Trial;
use App\Persistence\Kind\Declaration;
use App\Persistence\Kind\Documents;
use App\Persistence\Kind\Kind;
use App\Persistence\Kind\Shape;
use Symfony\Component\Clock\ClockInterface;

/**
 * A fair trial of two lures, as it was drawn, and how it stands.
 *
 * @extends Kind<Trial, SavedTrialDocument>
 */
final readonly class TrialKind extends Kind
{
    public const NAME = 'trials';

    public function __construct(private Documents $documents, private TrialStanding $standing, private ClockInterface $clock)
    {
        parent::__construct(new Declaration(
            self::NAME,
            'trial',
            Trial::class,
            SavedTrialDocument::class,
            shape: new Shape(StoredAs::Trial, TrialDocument::class, in: 'trial'),
            order: ['begunAt' => 'DESC', 'id' => 'DESC'],
            orderInWords: 'the latest first, and how they stand',
            // One is drawn, not added, and what was drawn stays.
            can: [Ability::List, Ability::Show, Ability::Delete, Ability::Restore],
        ));
    }

    public function entityOf(object $document, ?Stored $known = null, bool $isWhole = false): Trial
    {
        $stored = $this->documents->stored($document->trial, $this->shape());

        return new Trial($document, $document->begun_at ?? $this->clock->now(), $stored);
    }

    public function documentOf(Stored $one, bool $isWhole = false): SavedTrialDocument
    {
        $trial = $this->documents->read($one->document(), TrialDocument::class);

        return new SavedTrialDocument(
            $one->title(),
            $trial,
            $one->id(),
            $isWhole ? null : $one->version(),
            $one->begunAt(),
            $isWhole ? null : $this->standing->find($one->id(), $trial),
        );
    }
}
