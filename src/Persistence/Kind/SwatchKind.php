<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Inventory\SwatchDocument;
use App\Persistence\Entity\Stored;
use App\Persistence\Entity\Swatch;

/**
 * A named color at hand, from a palette file.
 *
 * @extends Kind<Swatch, SwatchDocument>
 */
final readonly class SwatchKind extends Kind
{
    public const NAME = 'swatches';

    public static function name(): string
    {
        return self::NAME;
    }

    public function noun(): string
    {
        return 'swatch';
    }

    public function entity(): string
    {
        return Swatch::class;
    }

    public function document(): string
    {
        return SwatchDocument::class;
    }

    public function can(): array
    {
        return [];
    }

    public function place(): Place
    {
        return Place::Backup;
    }

    public function entityOf(object $document, ?Stored $known = null, bool $isWhole = false): Swatch
    {
        return new Swatch($document->name, strtolower($document->hex));
    }

    public function documentOf(Stored $one, bool $isWhole = false): SwatchDocument
    {
        return new SwatchDocument($one->title(), $one->hex());
    }
}
