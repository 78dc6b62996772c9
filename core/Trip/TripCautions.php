<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Lure\LureKind;
use Kontrast\Rulebook\Caution;
use Kontrast\Rulebook\Cautions;
use Kontrast\Rulebook\Engine;

/** The cautions of a day: those of every sky that may come, for the lures carried, each once. */
final readonly class TripCautions
{
    public function __construct(private Engine $engine)
    {
    }

    /**
     * @param list<Scenario> $scenarios
     * @param list<LureKind> $lures
     *
     * @return list<Caution> in the order they come up
     */
    public function collect(array $scenarios, array $lures): array
    {
        $cautions = $seen = [];
        foreach ($scenarios as $scenario) {
            foreach ($lures as $lure) {
                $key = "{$scenario->reading->sky->value} {$scenario->reading->cover->value} {$lure->value}";
                if (isset($seen[$key])) {
                    continue;
                }
                $seen[$key] = true;
                $reading = $scenario->reading->with(lure: $lure);
                foreach (Cautions::collect($reading, $this->engine->decide($reading)) as $caution) {
                    $cautions[$caution->text] ??= $caution;
                }
            }
        }

        return array_values($cautions);
    }
}
