<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Scoring\AdvisedBuildDocument;
use App\Contract\Scoring\BenchDocument;
use App\Contract\Scoring\BenchRequestDocument;
use App\Contract\Scoring\BestDocument;
use App\Contract\Scoring\BestRequestDocument;
use App\Contract\Scoring\MissingPartDocument;
use App\Contract\Scoring\ShoppingDocument;
use App\Contract\Scoring\ShoppingRequestDocument;
use App\Contract\Scoring\SwapDocument;
use App\Http\Answer;
use App\UseCase\Build\AdviseBuild;
use App\UseCase\Build\FindBestBuilds;
use App\UseCase\Build\FindMissingParts;
use App\UseCase\Build\FindSwaps;
use App\UseCase\Build\JudgeBuild;
use App\UseCase\Build\PlanShopping;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Builds on the bench. */
final readonly class BenchController
{
    public function __construct(
        private JudgeBuild $judge,
        private FindBestBuilds $best,
        private FindSwaps $swaps,
        private FindMissingParts $missing,
        private AdviseBuild $advise,
        private PlanShopping $shopping,
        private Answer $answer,
    ) {
    }

    #[Route('/api/bench', methods: ['POST'])]
    #[Operation('judge', 'How a build scores for a reading: visibility, how its parts look together, and the advice', BenchDocument::class)]
    public function judge(#[Payload] BenchRequestDocument $request): Response
    {
        return $this->answer->json($this->judge->judge($request));
    }

    #[Route('/api/best', methods: ['POST'])]
    #[Operation('best', 'The ten best builds of the parts owned for a reading, over every combination that fits', BestDocument::class)]
    public function best(#[Payload] BestRequestDocument $request): Response
    {
        return $this->answer->json($this->best->find($request->reading));
    }

    #[Route('/api/advised-build', methods: ['POST'])]
    #[Operation('advisedBuild', 'The advised build: owned parts where they do, generic parts without an id '
        .'elsewhere', AdvisedBuildDocument::class)]
    public function advised(#[Payload] BestRequestDocument $request): Response
    {
        return $this->answer->json($this->advise->advise($request->reading));
    }

    #[Route('/api/shopping', methods: ['POST'])]
    #[Operation('shopping', 'What to buy to build the advised lure of each reading', ShoppingDocument::class)]
    public function shopping(#[Payload] ShoppingRequestDocument $request): Response
    {
        return $this->answer->json($this->shopping->plan($request));
    }

    #[Route('/api/swaps', methods: ['POST'])]
    #[Operation('swaps', 'Single changes that improve a build, best first', SwapDocument::class, isList: true)]
    public function swaps(#[Payload] BenchRequestDocument $request): Response
    {
        return $this->answer->json($this->swaps->find($request));
    }

    #[Route('/api/missing', methods: ['GET'])]
    #[Operation('missing', 'Parts not owned that would improve the saved readings most', MissingPartDocument::class, isList: true)]
    public function missing(): Response
    {
        return $this->answer->json($this->missing->all());
    }
}
