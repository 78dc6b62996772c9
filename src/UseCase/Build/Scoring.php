<?php

declare(strict_types=1);

namespace App\UseCase\Build;

use App\Contract\Error\InvalidDocument;
use App\Contract\Reading\ReadingDocument;
use App\UseCase\Advice\CurrentRules;
use App\UseCase\Look\InWater;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Reading\Reading;
use Kontrast\Scoring\BuildScorer;
use Kontrast\Water\ClearerThanWater;

/** Makes what builds are scored with. */
final readonly class Scoring
{
    public function __construct(private CurrentRules $rules, private ReflectanceFitter $reflectances)
    {
    }

    /** @throws InvalidDocument where no water is that clear */
    public function scorerFor(ReadingDocument $reading): BuildScorer
    {
        return InWater::run(fn (): BuildScorer => $this->scorer($reading), 'reading.visibility_in');
    }

    /** A saved reading may claim more visibility than any water has; nothing can be scored for it. */
    public function ifPossible(ReadingDocument $reading): ?BuildScorer
    {
        try {
            return $this->scorer($reading);
        } catch (ClearerThanWater) {
            return null;
        }
    }

    private function scorer(ReadingDocument $document): BuildScorer
    {
        $reading = $this->rules->settle($document);

        return new BuildScorer($reading, $this->rules->adviser()->brief($reading), $this->reflectances);
    }
}
