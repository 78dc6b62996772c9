<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Practice\LadderDocument;
use App\Contract\Practice\PracticeProgressDocument;
use App\Contract\Practice\PracticeRequestDocument;
use App\Contract\Practice\PracticeSessionDocument;
use App\Http\Answer;
use App\UseCase\Practice\FollowPractice;
use App\UseCase\Practice\MakeUpPractice;
use App\UseCase\Practice\TeachLadders;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Questions to practice on, and how it goes. */
#[Route('/api/practice')]
final readonly class PracticeController
{
    public function __construct(
        private MakeUpPractice $practice,
        private FollowPractice $follow,
        private TeachLadders $ladders,
        private Answer $answer,
    ) {
    }

    #[Route(methods: ['POST'])]
    #[Operation('practice', 'Made-up questions of one lesson, with all it takes to answer them', PracticeSessionDocument::class)]
    public function session(#[Payload] PracticeRequestDocument $request): Response
    {
        return $this->answer->json($this->practice->session($request));
    }

    #[Route(methods: ['GET'])]
    #[Operation('practiceProgress', 'What the answers come to, and everything that can be asked for', PracticeProgressDocument::class)]
    public function progress(): Response
    {
        return $this->answer->json($this->follow->document());
    }

    #[Route('/ladders', methods: ['GET'])]
    #[Operation('ladders', 'First lessons: one pick, followed through a few waters', LadderDocument::class, isList: true)]
    public function ladders(): Response
    {
        return $this->answer->json($this->ladders->all());
    }
}
