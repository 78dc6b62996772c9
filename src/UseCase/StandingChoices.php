<?php

declare(strict_types=1);

namespace App\UseCase;

use App\Contract\Settings\SettingsDocument;
use App\Persistence\Kind\SettingsKind;

/** What the angler has chosen once and for all. */
final readonly class StandingChoices
{
    public function __construct(private Shelf $shelf)
    {
    }

    public function now(): SettingsDocument
    {
        $settings = $this->shelf->single(SettingsKind::NAME)?->document;
        \assert($settings instanceof SettingsDocument);

        return $settings;
    }
}
