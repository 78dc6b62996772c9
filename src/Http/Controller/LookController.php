<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Look\DepthsDocument;
use App\Contract\Look\DepthsRequestDocument;
use App\Contract\Look\LookDocument;
use App\Contract\Look\LookRequestDocument;
use App\Contract\Look\MotionDocument;
use App\Contract\Look\OpinionDocument;
use App\Contract\Look\SceneDocument;
use App\Contract\Look\SensitivityDocument;
use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Reading\ReadingDocument;
use App\Http\Answer;
use App\UseCase\Look\LookAtParts;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What the model makes of parts in a water. */
final readonly class LookController
{
    public function __construct(private LookAtParts $look, private Answer $answer)
    {
    }

    #[Route('/api/look', methods: ['POST'])]
    #[Operation('look', 'What a bass can pick out, and from how far', LookDocument::class)]
    public function look(#[Payload] LookRequestDocument $request): Response
    {
        return $this->answer->json($this->look->look($request));
    }

    #[Route('/api/scene', methods: ['POST'])]
    #[Operation('scene', 'How a lure looks at each distance, with colors for a screen', SceneDocument::class)]
    public function scene(#[Payload] LookRequestDocument $request): Response
    {
        return $this->answer->json($this->look->scene($request));
    }

    #[Route('/api/motion', methods: ['POST'])]
    #[Operation('motion', 'How the light of blades changes as they turn, at each distance of the scene', MotionDocument::class)]
    public function motion(#[Payload] LookRequestDocument $request): Response
    {
        return $this->answer->json($this->look->motion($request));
    }

    #[Route('/api/sensitivity', methods: ['POST'])]
    #[Operation('sensitivity', 'The range of every distance of a look, as the uncertain constants vary', SensitivityDocument::class)]
    public function sensitivity(#[Payload] LookRequestDocument $request): Response
    {
        return $this->answer->json($this->look->sensitivity($request));
    }

    #[Route('/api/opinion', methods: ['POST'])]
    #[Operation('opinion', 'The second opinion of the model on the advice for a reading', OpinionDocument::class, isList: true)]
    public function opinion(#[Payload] ReadingDocument $reading): Response
    {
        return $this->answer->json($this->look->opinions($reading));
    }

    #[Route('/api/depths', methods: ['POST'])]
    #[Operation('depths', 'How each color word holds up with depth', DepthsDocument::class)]
    public function depths(#[Payload] DepthsRequestDocument $request): Response
    {
        return $this->answer->json($this->look->depths($request));
    }
}
