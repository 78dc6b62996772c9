<?php

declare(strict_types=1);

namespace App\Persistence\Upgrade;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Outing\CarriedBoxDocument;
use App\Contract\Outing\StintLureDocument;
use App\Contract\Outing\TrialDocument;
use App\Contract\Reading\ReadingDocument;
use App\Contract\Settings\SettingsDocument;
use App\Contract\Trip\TripRequestDocument;
use App\Contract\Workbench\WorkbenchDocument;

/**
 * The kinds of document that are stored, each with the number of its present shape. A change of shape counts one up and adds an upgrader.
 */
enum DocumentKind: string
{
    case Reading = 'reading';
    case Settings = 'settings';
    case Part = 'part';
    case Build = 'build';
    case Workbench = 'workbench';
    case Trip = 'trip';
    case Box = 'box';
    case Stint = 'stint';
    case Trial = 'trial';

    /** The shape that is written today. */
    public function shape(): int
    {
        return match ($this) {
            self::Reading, self::Settings, self::Build, self::Workbench, self::Trip, self::Box, self::Stint, self::Trial => 1,
            self::Part => 2,
        };
    }

    /** @return class-string the document it is read as */
    public function document(): string
    {
        return match ($this) {
            self::Reading => ReadingDocument::class,
            self::Settings => SettingsDocument::class,
            self::Part => InventoryPartDocument::class,
            self::Build => CompositionDocument::class,
            self::Workbench => WorkbenchDocument::class,
            self::Trip => TripRequestDocument::class,
            self::Box => CarriedBoxDocument::class,
            self::Stint => StintLureDocument::class,
            self::Trial => TrialDocument::class,
        };
    }
}
