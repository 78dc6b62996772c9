<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Outing\StintDocument;
use App\Contract\Outing\StintLureDocument;
use App\Contract\Stored\StoredAs;
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
            shape: new Shape(StoredAs::Stint, 1, StintLureDocument::class),
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
        return $this->documents->made([...$one->columns(), ...$one->document()->data()], StintDocument::class);
    }

    /** What is stored of it as a document. */
    public function lure(Stint $stint): StintLureDocument
    {
        return $this->documents->read($stint->document(), StintLureDocument::class);
    }
}
