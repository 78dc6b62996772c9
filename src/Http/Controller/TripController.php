<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Trip\TripPlanDocument;
use App\Contract\Trip\TripRequestDocument;
use App\Http\Answer;
use App\UseCase\Trip\PlanTrip;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Days on the water. */
#[Route('/api/trips')]
final readonly class TripController
{
    public function __construct(private PlanTrip $plan, private Answer $answer)
    {
    }

    #[Route('/plan', methods: ['POST'])]
    #[Operation('planTrip', 'The plan of a day: its sun, when picks change, and the few lures to carry', TripPlanDocument::class)]
    public function plan(#[Payload] TripRequestDocument $trip): Response
    {
        return $this->answer->json($this->plan->of($trip));
    }
}
