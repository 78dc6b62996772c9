<?php

declare(strict_types=1);

namespace App\UseCase;

use App\Contract\Settings\SettingsDocument;
use App\Persistence\Kind\SettingsKind;
use App\Persistence\Rows;

/** What the angler has chosen once and for all. */
final readonly class StandingChoices
{
    public function __construct(private Rows $rows, private SettingsKind $kind)
    {
    }

    public function now(): SettingsDocument
    {
        $chosen = $this->rows->only($this->kind);

        return null === $chosen ? $this->kind->default() : $this->kind->documentOf($chosen);
    }
}
