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

    public function __construct()
    {
        parent::__construct(new Declaration(
            self::NAME,
            'swatch',
            Swatch::class,
            SwatchDocument::class,
            can: [],
            place: Place::Backup,
        ));
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
