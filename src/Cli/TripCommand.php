<?php

declare(strict_types=1);

namespace App\Cli;

use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reader\DocumentReader;
use App\Contract\Trip\TripRequestDocument;
use App\UseCase\Trip\PlanTrip;
use Symfony\Component\Console\Attribute\AsCommand;

/** A plan for a trip in a file, with the parts owned. */
#[AsCommand('kontrast:trip', 'Print the plan of a trip: sun, turns, what to carry (JSON file, or - for standard input)')]
final class TripCommand extends DocumentCommand
{
    public function __construct(
        private readonly DocumentReader $reader,
        private readonly DocumentNormalizer $documents,
        private readonly PlanTrip $plan,
    ) {
        parent::__construct();
    }

    protected function answer(string $json): array
    {
        return $this->documents->toArray($this->plan->plan($this->reader->read($json, TripRequestDocument::class)));
    }
}
