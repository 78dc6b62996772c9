<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Advice\AdviceDocument;
use App\Contract\Advice\AdviceViewDocument;
use App\Contract\Advice\AdviceViewRequestDocument;
use App\Contract\Advice\ChangeDocument;
use App\Contract\Advice\ChangesRequestDocument;
use App\Contract\Advice\ChartDocument;
use App\Contract\Advice\ChartRequestDocument;
use App\Contract\Advice\ExplainRequestDocument;
use App\Contract\Advice\ExplanationDocument;
use App\Contract\Advice\SomethingDifferentDocument;
use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Reading\CurrentReadingDocument;
use App\Contract\Reading\ReadingDocument;
use App\Format\ChartTable;
use App\Http\Answer;
use App\UseCase\Advice\DrawChart;
use App\UseCase\Advice\GiveAdvice;
use App\UseCase\Advice\ShowSomethingDifferent;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What to tie for a reading. */
final readonly class AdviceController
{
    public function __construct(
        private GiveAdvice $advice,
        private Answer $answer,
        private DrawChart $chart,
        private ShowSomethingDifferent $different,
    ) {
    }

    #[Route('/api/advice', methods: ['POST'])]
    #[Operation('advise', 'What to tie for a reading, and why', AdviceDocument::class)]
    public function advise(#[Payload] ReadingDocument $reading): Response
    {
        return $this->answer->json($this->advice->advise($reading));
    }

    #[Route('/api/advice/view', methods: ['POST'])]
    #[Operation(
        'viewAdvice',
        'An advice with its lure in the water, the second opinion of the model and what changed',
        AdviceViewDocument::class,
    )]
    public function view(#[Payload] AdviceViewRequestDocument $request): Response
    {
        return $this->answer->json($this->advice->view($request));
    }

    #[Route('/api/advice/different', methods: ['POST'])]
    #[Operation('different', 'The good build nearest to the advice that was not fished in this water', SomethingDifferentDocument::class)]
    public function different(#[Payload] CurrentReadingDocument $here): Response
    {
        return $this->answer->json($this->different->find($here));
    }

    #[Route('/api/chart', methods: ['POST'])]
    #[Operation('chart', 'What to tie over a range of waters', ChartDocument::class)]
    public function chart(#[Payload] ChartRequestDocument $asked): Response
    {
        return $this->answer->json($this->chart->draw($asked));
    }

    #[Route('/api/chart.csv', methods: ['POST'])]
    #[Operation('chartCsv', 'The same as a table', media: 'text/csv')]
    public function chartTable(#[Payload] ChartRequestDocument $asked): Response
    {
        return $this->answer->file(ChartTable::write($this->chart->draw($asked)), 'text/csv; charset=utf-8', 'kontrast-chart.csv');
    }

    #[Route('/api/explain', methods: ['POST'])]
    #[Operation('explain', 'Every rule that voted on one pick, and what would change it', ExplanationDocument::class)]
    public function explain(#[Payload] ExplainRequestDocument $request): Response
    {
        return $this->answer->json($this->advice->explain($request));
    }

    #[Route('/api/changes', methods: ['POST'])]
    #[Operation('changes', 'Which picks change from one reading to another, and why', ChangeDocument::class, isList: true)]
    public function changes(#[Payload] ChangesRequestDocument $two): Response
    {
        return $this->answer->json($this->advice->compare($two->before, $two->after));
    }
}
