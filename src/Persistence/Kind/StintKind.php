<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Outing\StintDocument;
use App\Contract\Outing\StintLureDocument;
use App\Contract\Stored\StoredAs;
use App\Persistence\Entity\InUtc;
use App\Persistence\Entity\OutingEvent;
use App\Persistence\Entity\Stint;
use App\Persistence\Entity\Stored;

/**
 * One lure fished in one water and light. It is a part of an outing, and goes where that goes.
 *
 * @extends Kind<Stint, StintDocument>
 */
final readonly class StintKind extends Kind
{
    public const NAME = 'stints';

    public function __construct(private Documents $documents)
    {
        parent::__construct(new Declaration(
            self::NAME,
            'stint',
            Stint::class,
            StintDocument::class,
            shape: new Shape(StoredAs::Stint, StintLureDocument::class),
            order: ['startedAt' => 'ASC', 'id' => 'ASC'],
            can: [],
            place: null,
            tables: [],
        ));
    }

    public function entityOf(object $document, ?Stored $known = null, bool $isWhole = false): Stint
    {
        throw new \LogicException('A stint is written with its outing.');
    }

    public function documentOf(Stored $one, bool $isWhole = false): StintDocument
    {
        return $this->documents->made([
            'id' => $one->id(),
            'started_at' => InUtc::written($one->startedAt()),
            'ended_at' => null === $one->endedAt() ? null : InUtc::written($one->endedAt()),
            'angler' => $one->angler()->value,
            ...$one->document()->data(),
            'followed' => $one->followed(),
            'events' => self::events($one, $isWhole),
        ], StintDocument::class);
    }

    /**
     * @param bool $isWhole with their pictures
     *
     * @return list<array<string, mixed>> event documents
     */
    public static function events(Stint $stint, bool $isWhole): array
    {
        return array_map(static function (OutingEvent $event) use ($isWhole): array {
            $jpeg = $isWhole ? $event->photo()?->jpeg() : null;

            return [
                'id' => $event->id(),
                'at' => InUtc::written($event->at()),
                'kind' => $event->kind()->value,
                'angler' => $event->angler()->value,
                'length_in' => $event->lengthIn(),
                ...$event->details(),
                'taken' => $event->taken(),
                'has_photo' => null !== $event->photo(),
                'photo' => null === $jpeg ? null : 'data:image/jpeg;base64,'.base64_encode($jpeg),
            ];
        }, $stint->events());
    }

    /** What is stored of it as a document. */
    public function lure(Stint $stint): StintLureDocument
    {
        return $this->documents->read($stint->document(), StintLureDocument::class);
    }
}
