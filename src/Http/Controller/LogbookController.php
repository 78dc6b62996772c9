<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Logbook\LogbookDocument;
use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Outing\AnalysisDocument;
use App\Contract\Outing\EffectDocument;
use App\Contract\Outing\LogQuestionDocument;
use App\Contract\Outing\LurePairDocument;
use App\Contract\Outing\SeasonWatchDocument;
use App\Contract\Reading\UsualWaterDocument;
use App\Contract\Reading\WaterSightsDocument;
use App\Http\Answer;
use App\UseCase\Logbook\ExportLogbook;
use App\UseCase\Logbook\ImportLogbook;
use App\UseCase\Outing\AnalyzeLogbook;
use App\UseCase\Outing\AskLogbook;
use App\UseCase\Outing\SightsOfWaters;
use App\UseCase\Outing\UsualWaters;
use App\UseCase\Outing\WatchSeason;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The logbook in and out as one document, and what it shows. */
#[Route('/api/logbook')]
final readonly class LogbookController
{
    public function __construct(
        private ExportLogbook $export,
        private ImportLogbook $import,
        private AnalyzeLogbook $analyze,
        private AskLogbook $ask,
        private WatchSeason $season,
        private UsualWaters $usual,
        private SightsOfWaters $sights,
        private Answer $answer,
    ) {
    }

    #[Route(methods: ['GET'])]
    #[Operation('logbook', 'Export waters, readings, builds, trips, outings and trials', LogbookDocument::class)]
    public function export(): Response
    {
        $answer = $this->answer->stored($this->export->all());
        $answer->headers->set('Content-Disposition', 'attachment; filename="kontrast-logbook.json"');

        return $answer;
    }

    #[Route('/analysis', methods: ['GET'])]
    #[Operation('analysis', 'What the notes show: rates, what each part and the advice is worth, and schools', AnalysisDocument::class)]
    public function analysis(): Response
    {
        return $this->answer->json($this->analyze->document());
    }

    #[Route('/ask', methods: ['GET'])]
    #[Operation(
        'askLogbook',
        'Which of two is better, everywhere or in one clarity, on all waters or one, in all seasons or one',
        EffectDocument::class,
    )]
    public function ask(#[Payload(isQuery: true)] LogQuestionDocument $question): Response
    {
        return $this->answer->json($this->ask->ask($question));
    }

    #[Route('/pair', methods: ['GET'])]
    #[Operation('pairOfLures', 'Two lures that differ in what is asked, as they were last fished', LurePairDocument::class)]
    public function pair(#[Payload(isQuery: true)] LogQuestionDocument $question): Response
    {
        return $this->answer->json($this->ask->pair($question));
    }

    #[Route('/season', methods: ['GET'])]
    #[Operation(
        'season',
        'The temperatures of every water over the year, and the moments they mark',
        SeasonWatchDocument::class,
        isList: true,
    )]
    public function season(): Response
    {
        return $this->answer->json($this->season->all());
    }

    #[Route('/usual', methods: ['GET'])]
    #[Operation(
        'usual',
        'What is usual at each water, and what was last seen there: an advice takes it where nobody has looked today',
        UsualWaterDocument::class,
        isList: true,
    )]
    public function usual(): Response
    {
        return $this->answer->json($this->usual->all());
    }

    #[Route('/sights', methods: ['GET'])]
    #[Operation(
        'sights',
        'How far one sees in each water on its dirty days, as a rule and on its clear days, where enough days were noted',
        WaterSightsDocument::class,
        isList: true,
    )]
    public function sights(): Response
    {
        return $this->answer->json($this->sights->all());
    }

    #[Route(methods: ['POST'])]
    #[Operation('importLogbook', 'Import waters, readings, builds, trips, outings and trials, all or none', fields: [
        'waters' => 'integer', 'readings' => 'integer', 'builds' => 'integer', 'trips' => 'integer',
        'outings' => 'integer', 'trials' => 'integer',
    ])]
    public function import(#[Payload(mostBytes: Payload::FILE_BYTES)] LogbookDocument $logbook): Response
    {
        return $this->answer->json($this->import->import($logbook));
    }
}
