<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Reading\WaterDocument;
use App\Persistence\Entity\Stored;
use App\Persistence\Entity\Water;

/**
 * A place the angler goes back to.
 *
 * @extends Kind<Water, WaterDocument>
 */
final readonly class WaterKind extends Kind
{
    public const NAME = 'waters';

    public function __construct()
    {
        parent::__construct(new Declaration(
            self::NAME,
            'water',
            Water::class,
            WaterDocument::class,
            order: ['name' => 'ASC', 'id' => 'ASC'],
            orderInWords: 'by name',
        ));
    }

    public function entityOf(object $document, ?Stored $known = null, bool $isWhole = false): Water
    {
        $document->place?->toPlace('place');
        if (null === $known) {
            return new Water($document);
        }
        $known->replace($document);

        return $known;
    }

    public function documentOf(Stored $one, bool $isWhole = false): WaterDocument
    {
        return $one->document();
    }
}
