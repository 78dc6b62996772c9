<?php

declare(strict_types=1);

namespace App\Contract\Reader;

use App\Contract\Error\InvalidDocument;

/** Brings files that older versions wrote up to date before they are read. */
interface OlderFiles
{
    /**
     * @param class-string $class the document that the file is to be read as
     *
     * @throws InvalidDocument where a newer version wrote it
     */
    public function upgrade(\stdClass $file, string $class): void;
}
