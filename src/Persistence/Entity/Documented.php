<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\ORM\Mapping as ORM;

/** Is stored as a document, but for what has a column. */
trait Documented
{
    #[ORM\Embedded(class: StoredDocument::class, columnPrefix: false)]
    private StoredDocument $document;

    public function document(): StoredDocument
    {
        return $this->document;
    }
}
