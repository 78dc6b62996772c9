<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Inventory\ColourNameDocument;
use App\Contract\Stored\StoredAs;
use App\Persistence\Entity\ColourName;
use App\Persistence\Entity\Stored;

/**
 * A name that the angler gave to colors.
 *
 * @extends Kind<ColourName, ColourNameDocument>
 */
final readonly class ColourNameKind extends Kind
{
    public const NAME = 'names';

    public function __construct(private Documents $documents)
    {
        parent::__construct(new Declaration(
            self::NAME,
            'color name',
            ColourName::class,
            ColourNameDocument::class,
            shape: new Shape(StoredAs::Name, ColourNameDocument::class, ColourName::COLUMNS),
            order: ['name' => 'ASC', 'id' => 'ASC'],
            orderInWords: 'by name',
        ));
    }

    public function entityOf(object $document, ?Stored $known = null, bool $isWhole = false): ColourName
    {
        $stored = $this->documents->stored($document, $this->shape());
        if (null === $known) {
            return new ColourName($document, $stored);
        }
        $known->replace($document, $stored);

        return $known;
    }

    public function documentOf(Stored $one, bool $isWhole = false): ColourNameDocument
    {
        return $this->documents->made([
            'id' => $one->id(),
            'version' => $isWhole ? null : $one->version(),
            'name' => $one->title(),
            ...$one->document()->data(),
        ], ColourNameDocument::class);
    }
}
