<?php

declare(strict_types=1);

namespace App\UseCase\Shell;

use App\Contract\Release\ReleaseDocument;
use App\Persistence\ReleaseFile;

/** Says which program this is. */
final readonly class TellRelease
{
    public function __construct(private ReleaseFile $file)
    {
    }

    public function tell(): ReleaseDocument
    {
        return $this->file->read();
    }
}
