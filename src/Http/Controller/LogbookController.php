<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Logbook\LogbookDocument;
use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Http\Answer;
use App\UseCase\Logbook\ExportLogbook;
use App\UseCase\Logbook\ImportLogbook;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Waters, readings, builds and trips, in and out as one document. */
#[Route('/api/logbook')]
final readonly class LogbookController
{
    public function __construct(private ExportLogbook $export, private ImportLogbook $import, private Answer $answer)
    {
    }

    #[Route(methods: ['GET'])]
    #[Operation('logbook', 'Export waters, readings, builds and trips', LogbookDocument::class)]
    public function export(): Response
    {
        $answer = $this->answer->json($this->export->all());
        $answer->headers->set('Content-Disposition', 'attachment; filename="kontrast-logbook.json"');

        return $answer;
    }

    #[Route(methods: ['POST'])]
    #[Operation('importLogbook', 'Import waters, readings, builds and trips, all or none', fields: [
        'waters' => 'integer', 'readings' => 'integer', 'builds' => 'integer', 'trips' => 'integer',
    ])]
    public function import(#[Payload(mostBytes: Payload::FILE_BYTES)] LogbookDocument $logbook): Response
    {
        return $this->answer->json($this->import->import($logbook));
    }
}
