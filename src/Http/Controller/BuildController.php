<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Outing\DrawnBuildDocument;
use App\Contract\Outing\DrawRequestDocument;
use App\Http\Answer;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Builds in the words and colors they are drawn with. */
#[Route('/api/builds')]
final readonly class BuildController
{
    public function __construct(private Answer $answer)
    {
    }

    #[Route('/drawn', methods: ['POST'])]
    #[Operation('drawBuilds', 'Lures in the words and colors they are drawn with', DrawnBuildDocument::class, isList: true)]
    public function drawn(#[Payload] DrawRequestDocument $request): Response
    {
        return $this->answer->json(array_map(DrawnBuildDocument::of(...), $request->builds));
    }
}
