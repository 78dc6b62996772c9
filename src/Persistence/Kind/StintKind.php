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
    }

    public static function name(): string
    {
        return self::NAME;
    }

    public function noun(): string
    {
        return 'stint';
    }

    public function entity(): string
    {
        return Stint::class;
    }

    public function document(): string
    {
        return StintDocument::class;
    }

    public function shape(): Shape
    {
        return new Shape(StoredAs::Stint, 1, StintLureDocument::class);
    }

    public function order(): array
    {
        return ['startedAt' => 'ASC', 'id' => 'ASC'];
    }

    public function can(): array
    {
        return [];
    }

    public function place(): ?Place
    {
        return null;
    }

    public function tables(): array
    {
        return [];
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
