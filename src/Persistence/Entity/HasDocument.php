<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Persistence\Upgrade\DocumentKind;

/** Something of which a part is kept as a document. */
interface HasDocument extends Stored
{
    public function document(): StoredDocument;

    public function kindOfDocument(): DocumentKind;

    /** What a person knows it by. */
    public function title(): string;
}
