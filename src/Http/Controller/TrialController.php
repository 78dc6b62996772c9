<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Outing\SavedTrialDocument;
use App\Http\Answer;
use App\UseCase\Outing\DrawTrial;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Fair trials of two lures. */
#[Route('/api/trials')]
final readonly class TrialController
{
    public function __construct(private DrawTrial $draw, private Answer $answer)
    {
    }

    #[Route(methods: ['POST'])]
    #[Operation('drawTrial', 'Draw a trial of two lures: the order of its blocks, and when it ends', SavedTrialDocument::class)]
    public function draw(#[Payload] SavedTrialDocument $trial): Response
    {
        return $this->answer->stored($this->draw->draw($trial)->document);
    }
}
