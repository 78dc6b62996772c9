<?php

declare(strict_types=1);

namespace App\UseCase\Build;

use App\Contract\Error\InvalidDocument;
use App\UseCase\Look\InWater;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Adviser;
use Kontrast\Scoring\BuildScorer;
use Kontrast\Water\ClearerThanWater;

/** Makes what builds are scored with. */
final readonly class Scoring
{
    public function __construct(private Adviser $adviser, private ReflectanceFitter $reflectances)
    {
    }

    /** @throws InvalidDocument where no water is that clear */
    public function for(Reading $reading): BuildScorer
    {
        return InWater::run(fn (): BuildScorer => $this->scorer($reading), 'reading.visibility_in');
    }

    /** A saved reading may claim more visibility than any water has; nothing can be scored for it. */
    public function ifPossible(Reading $reading): ?BuildScorer
    {
        try {
            return $this->scorer($reading);
        } catch (ClearerThanWater) {
            return null;
        }
    }

    private function scorer(Reading $reading): BuildScorer
    {
        return new BuildScorer($reading, $this->adviser->brief($reading), $this->reflectances);
    }
}
