<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\OpenApi\Operation;
use App\Contract\Reading\ProbedWaterDocument;
use App\Http\Answer;
use App\UseCase\Trip\ReadProbe;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The water under the boat. */
#[Route('/api/probe')]
final readonly class ProbeController
{
    public function __construct(private ReadProbe $probe, private Answer $answer)
    {
    }

    #[Route(methods: ['POST'])]
    #[Operation('readProbe', 'The water as the probe measures it', ProbedWaterDocument::class, errors: [503])]
    public function read(): Response
    {
        return $this->answer->json($this->probe->read());
    }
}
