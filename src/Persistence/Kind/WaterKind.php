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

    public static function name(): string
    {
        return self::NAME;
    }

    public function noun(): string
    {
        return 'water';
    }

    public function entity(): string
    {
        return Water::class;
    }

    public function document(): string
    {
        return WaterDocument::class;
    }

    public function order(): array
    {
        return ['name' => 'ASC', 'id' => 'ASC'];
    }

    public function orderInWords(): string
    {
        return 'by name';
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
