<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Inventory\FileDocument;
use App\Contract\Inventory\PlannedPartDocument;
use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Format\GimpPalette;
use App\Format\PartsFile;
use App\Format\PartsTable;
use App\Http\Answer;
use App\Http\LongWork;
use App\Http\ProgressStream;
use App\UseCase\Inventory\AddSwatches;
use App\UseCase\Inventory\FindParts;
use App\UseCase\Inventory\ImportParts;
use App\UseCase\Inventory\PartsImportPlan;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The parts in and out as files. */
final readonly class InventoryFilesController
{
    public function __construct(
        private FindParts $find,
        private AddSwatches $swatches,
        private PartsImportPlan $plan,
        private ImportParts $import,
        private ProgressStream $stream,
        private Answer $answer,
    ) {
    }

    #[Route('/api/parts.csv', methods: ['GET'])]
    #[Operation('partsCsv', 'The parts as a table', media: 'text/csv')]
    public function csv(): Response
    {
        return $this->answer->file(PartsTable::write($this->find->forExport()), 'text/csv; charset=utf-8', 'kontrast-parts.csv');
    }

    #[Route('/api/parts.json', methods: ['GET'])]
    #[Operation('partsJson', 'The parts as JSON', 'Parts')]
    public function json(): Response
    {
        return $this->answer->file(PartsFile::toJson($this->find->forExport()), 'application/json', 'kontrast-parts.json');
    }

    #[Route('/api/parts.gpl', methods: ['GET'])]
    #[Operation('partsPalette', 'The colors of the parts as a palette', media: 'text/plain')]
    public function palette(): Response
    {
        $palette = GimpPalette::write('Kontrast', $this->find->colours());

        return $this->answer->file($palette, 'text/plain; charset=utf-8', 'kontrast-colours.gpl');
    }

    #[Route('/api/swatches', methods: ['POST'])]
    #[Operation('addSwatches', 'Import a palette file', fields: ['added' => 'integer'])]
    public function swatches(#[Payload] FileDocument $file): Response
    {
        return $this->answer->json(['added' => $this->swatches->add(GimpPalette::read($file->contents))]);
    }

    #[Route('/api/parts/preview', methods: ['POST'])]
    #[Operation(
        'previewParts',
        'What an import would add, change and refuse, line by line; nothing is written',
        PlannedPartDocument::class,
        isList: true,
    )]
    public function preview(#[Payload(mostBytes: Payload::FILE_BYTES)] FileDocument $file): Response
    {
        LongWork::begin();
        $lines = [];
        foreach ($this->plan->read($file->contents) as [$planned]) {
            $lines[] = $planned;
        }

        return $this->answer->json($lines);
    }

    #[Route('/api/parts/import', methods: ['POST'])]
    #[Operation(
        'importParts',
        'Import parts, all or none: lines of {done, of}, then one of {added, changed, same} or {problem}; hanging up cancels it',
        media: 'application/x-ndjson',
    )]
    public function import(#[Payload(mostBytes: Payload::FILE_BYTES)] FileDocument $file): Response
    {
        LongWork::begin();
        $prepared = $this->import->prepare($file->contents);

        return $this->stream->stream(fn (callable $progress): array => $this->import->carryOut($prepared, $progress));
    }
}
