<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Outing\SavedTrialDocument;
use App\Http\Answer;
use App\Http\Paged;
use App\UseCase\Outing\KeepTrials;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Fair trials of two lures. */
#[Route('/api/trials')]
final readonly class TrialController
{
    public function __construct(private KeepTrials $trials, private Answer $answer)
    {
    }

    #[Route(methods: ['GET'])]
    #[Operation('trials', 'All trials and how they stand, the latest first', SavedTrialDocument::class, isList: true, isPaged: true)]
    public function list(Request $request): Response
    {
        $paged = Paged::of($request);

        return $this->answer->page($this->trials->list($paged->limit, $paged->after), $request);
    }

    #[Route(methods: ['POST'])]
    #[Operation('drawTrial', 'Draw a trial of two lures: the order of its blocks, and when it ends', SavedTrialDocument::class)]
    public function draw(#[Payload] SavedTrialDocument $trial): Response
    {
        return $this->answer->json($this->trials->draw($trial)->document);
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[Operation('deleteTrial', 'Delete a trial; it can be restored', status: 204, errors: [404])]
    public function delete(string $id): Response
    {
        $this->trials->delete($id);

        return $this->answer->nothing();
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    #[Operation('restoreTrial', 'Undo a deletion', SavedTrialDocument::class, errors: [404])]
    public function restore(string $id): Response
    {
        return $this->answer->json($this->trials->restore($id)->document);
    }
}
