<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

/** Something of which a part is stored as a document. */
interface HasDocument extends Stored
{
    public function document(): StoredDocument;
}
