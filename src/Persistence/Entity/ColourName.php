<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Contract\Inventory\ColourNameDocument;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A name that the angler gave to colors. */
#[ORM\Entity]
#[ORM\Table(name: 'colour_name')]
class ColourName implements HasDocument, Deletable
{
    use DeletedAt;
    use Documented;
    use Identified;
    use Named;
    use Versioned;

    /** Fields of its document that have a column. */
    public const COLUMNS = ['id' => 0, 'version' => 0, 'name' => 0];

    public function __construct(ColourNameDocument $name, StoredDocument $document)
    {
        $this->id = $name->id ?? Uuid::v7()->toRfc4122();
        $this->replace($name, $document);
    }

    public function replace(ColourNameDocument $name, StoredDocument $document): void
    {
        $this->name = trim($name->name);
        $this->document = $document;
    }
}
