<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Advice\AdviceDocument;
use App\Contract\Advice\AdviceViewDocument;
use App\Contract\Advice\AdviceViewRequestDocument;
use App\Contract\Advice\ChangeDocument;
use App\Contract\Advice\ChangesRequestDocument;
use App\Contract\Advice\ExplainRequestDocument;
use App\Contract\Advice\ExplanationDocument;
use App\Contract\Error\InvalidDocument;
use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Reading\ReadingDocument;
use App\Http\Answer;
use App\UseCase\Advice\ViewAdvice;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Change;
use Kontrast\Rulebook\Explainer;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What to tie for a reading. */
final readonly class AdviceController
{
    public function __construct(
        private Adviser $adviser,
        private Explainer $explainer,
        private ViewAdvice $view,
        private Answer $answer,
    ) {
    }

    #[Route('/api/advice', methods: ['POST'])]
    #[Operation('advise', 'What to tie for a reading, and why', AdviceDocument::class)]
    public function advise(#[Payload] ReadingDocument $reading): Response
    {
        return $this->answer->json(AdviceDocument::of($this->adviser->advise($reading->toReading())));
    }

    #[Route('/api/advice/view', methods: ['POST'])]
    #[Operation(
        'viewAdvice',
        'An advice with its lure in the water, the second opinion of the model and what changed',
        AdviceViewDocument::class,
    )]
    public function view(#[Payload] AdviceViewRequestDocument $request): Response
    {
        return $this->answer->json($this->view->of($request));
    }

    #[Route('/api/explain', methods: ['POST'])]
    #[Operation('explain', 'Every rule that voted on one pick, and what would change it', ExplanationDocument::class)]
    public function explain(#[Payload] ExplainRequestDocument $request): Response
    {
        $explanation = $this->explainer->explain($request->reading->toReading(), $request->pick)
            ?? throw InvalidDocument::fault('pick', 'This lure has no such pick.', 'no_such_pick');

        return $this->answer->json(ExplanationDocument::of($explanation));
    }

    #[Route('/api/changes', methods: ['POST'])]
    #[Operation('changes', 'Which picks change from one reading to another, and why', ChangeDocument::class, isList: true)]
    public function changes(#[Payload] ChangesRequestDocument $two): Response
    {
        $changes = $this->adviser->changes($two->before->toReading(), $two->after->toReading());

        return $this->answer->json(array_map(static fn (Change $change): ChangeDocument => ChangeDocument::of($change), $changes));
    }
}
