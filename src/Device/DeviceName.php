<?php

declare(strict_types=1);

namespace App\Device;

/** The devices that are asked line by line. */
enum DeviceName: string
{
    case Colorimeter = 'colorimeter';
    case WaterProbe = 'water probe';

    /** The command that starts the simulated one. */
    public function command(): string
    {
        return match ($this) {
            self::Colorimeter => './kontrast colorimeter',
            self::WaterProbe => './kontrast probe',
        };
    }
}
