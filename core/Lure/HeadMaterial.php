<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** What a head is made of. */
enum HeadMaterial: string
{
    use HasLabel;

    case Lead = 'lead';
    case Tungsten = 'tungsten';
    case Steel = 'steel';

    /**
     * In g/cm³: lead 11.34 (CRC Handbook), sintered tungsten 17.0 (ASTM B777 class 1: about nine tenths tungsten), carbon
     * steel 7.85. All three from memory.
     */
    public function density(): float
    {
        return match ($this) {
            self::Lead => 11.34,
            self::Tungsten => 17.0,
            self::Steel => 7.85,
        };
    }
}
