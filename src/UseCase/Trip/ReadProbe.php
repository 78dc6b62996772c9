<?php

declare(strict_types=1);

namespace App\UseCase\Trip;

use App\Contract\Reading\ProbedWaterDocument;
use App\Device\NoDevice;
use App\Device\WaterProbe;

/** Measures the water with the probe. */
final readonly class ReadProbe
{
    public function __construct(private WaterProbe $probe)
    {
    }

    /** @throws NoDevice */
    public function read(): ProbedWaterDocument
    {
        $measured = $this->probe->read();

        return new ProbedWaterDocument($measured['surface_f'], $measured['visibility_in']);
    }
}
