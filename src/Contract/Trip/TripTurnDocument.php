<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Advice\ChangeDocument;
use Kontrast\Lure\LureKind;
use Kontrast\Measure\TimeOfDay;
use Kontrast\Reading\Sky;
use Kontrast\Rulebook\Slot;
use Kontrast\Trip\Turn as PlannedTurn;
use OpenApi\Attributes as OA;

/** A moment at which a pick changes, exact to the minute. */
#[OA\Schema(
    schema: 'TripTurn',
    additionalProperties: false,
)]
final readonly class TripTurnDocument
{
    /**
     * @param list<mixed>  $before
     * @param list<mixed>  $after
     * @param list<string> $facts
     */
    public function __construct(
        #[OA\Property(description: 'By the clock of the place: 7:52.')]
        public string $at,
        public LureKind $lure,
        #[OA\Property(description: 'Overhead from then on.')]
        public Sky $sky,
        #[OA\Property(description: 'What happens then.')]
        public string $why,
        public Slot $pick,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Value'))]
        public array $before,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Value'))]
        public array $after,
        public string $because,
        public array $facts,
    ) {
    }

    public static function of(PlannedTurn $turn): self
    {
        $change = ChangeDocument::of($turn->change);

        return new self(
            TimeOfDay::atMinute($turn->minute)->written(),
            $turn->lure,
            $turn->sky,
            $turn->why,
            $change->pick,
            $change->before,
            $change->after,
            $turn->because(),
            $change->facts,
        );
    }
}
