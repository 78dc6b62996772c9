<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Document\FileDocument;
use App\Entity\Swatch;
use App\Exchange\DocumentReader;
use App\Exchange\GimpPalette;
use App\Exchange\InvalidDocument;
use App\Exchange\OwnedParts;
use App\Exchange\PartsImport;
use App\Exchange\PartsTable;
use App\Exchange\PlannedPart;
use App\Storage\BinKeeper;
use OpenApi\Attributes as OA;
use Psr\Log\LoggerInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Routing\Attribute\Route;

/** The bin in and out as files. */
#[OA\Schema(schema: 'PlannedPart', required: ['line', 'action', 'name', 'fields', 'faults'], properties: [
    new OA\Property(property: 'line', type: 'integer'),
    new OA\Property(property: 'action', type: 'string', enum: ['add', 'change', 'same', 'refuse']),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'fields', type: 'array', items: new OA\Items(type: 'string'), description: 'Those that would change.'),
    new OA\Property(property: 'faults', type: 'array', items: new OA\Items(ref: '#/components/schemas/Fault')),
], description: 'What an import would do with one line.')]
final readonly class BinFilesController
{
    public function __construct(private BinKeeper $bin, private PartsImport $import, private DocumentReader $reader, private LoggerInterface $logger)
    {
    }

    #[Route('/api/bin.csv', methods: ['GET'])]
    #[OA\Get(path: '/api/bin.csv', operationId: 'binCsv', summary: 'The bin as a table', responses: [new OA\Response(response: 200, description: 'Comma-separated values', content: new OA\MediaType(mediaType: 'text/csv'))])]
    public function csv(): Response
    {
        return self::file(PartsTable::write(array_map(BinKeeper::row(...), $this->bin->parts())), 'text/csv; charset=utf-8', 'kontrast-parts.csv');
    }

    #[Route('/api/bin.json', methods: ['GET'])]
    #[OA\Get(path: '/api/bin.json', operationId: 'binJson', summary: 'The bin as JSON', responses: [new OA\Response(response: 200, description: 'Parts', content: new OA\JsonContent(ref: '#/components/schemas/Parts'))])]
    #[OA\Schema(schema: 'Parts', required: ['parts'], additionalProperties: false, properties: [new OA\Property(property: 'parts', type: 'array', items: new OA\Items(ref: '#/components/schemas/OwnedPart'))], description: 'Parts to carry from one bin to another.')]
    public function json(): Response
    {
        return self::file(json_encode(['parts' => array_map(static fn (array $row): array => array_diff_key($row, ['version' => 0]), array_map(BinKeeper::row(...), $this->bin->parts()))], \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR)."\n", 'application/json', 'kontrast-parts.json');
    }

    #[Route('/api/bin.gpl', methods: ['GET'])]
    #[OA\Get(path: '/api/bin.gpl', operationId: 'binPalette', summary: 'The colours of the bin as a palette', responses: [new OA\Response(response: 200, description: 'Palette', content: new OA\MediaType(mediaType: 'text/plain'))])]
    public function palette(): Response
    {
        $colours = array_map(static fn (Swatch $swatch): array => ['name' => $swatch->name(), 'hex' => $swatch->hex()], $this->bin->swatches());
        foreach ($this->bin->parts() as $part) {
            $traits = $part->traits();
            $accents = $traits['accents'] ?? [];
            foreach ([$traits['colour'] ?? null, ...(\is_array($accents) ? array_values($accents) : [])] as $i => $colour) {
                if (\is_string($colour)) {
                    $colours[] = ['name' => 0 === $i ? $part->name() : "{$part->name()}, accent $i", 'hex' => OwnedParts::colour($colour)->colour->toHex()];
                }
            }
        }

        return self::file(GimpPalette::write('Kontrast', $colours), 'text/plain; charset=utf-8', 'kontrast-colours.gpl');
    }

    #[Route('/api/swatches', methods: ['POST'])]
    #[OA\Post(path: '/api/swatches', operationId: 'addSwatches', summary: 'Take in a palette file', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: FileDocument::class)), responses: [
        new OA\Response(response: 200, description: 'How many colours were new', content: new OA\JsonContent(required: ['added'], properties: [new OA\Property(property: 'added', type: 'integer')])),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function swatches(Request $request): JsonResponse
    {
        return new JsonResponse(['added' => $this->bin->addSwatches(GimpPalette::read($this->contents($request)))]);
    }

    #[Route('/api/bin/preview', methods: ['POST'])]
    #[OA\Post(path: '/api/bin/preview', operationId: 'previewParts', summary: 'What an import would add, change and refuse, line by line; nothing is written', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: FileDocument::class)), responses: [
        new OA\Response(response: 200, description: 'The lines', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/PlannedPart'))),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function preview(Request $request): JsonResponse
    {
        return new JsonResponse(array_map(static fn (PlannedPart $part): array => $part->row(), $this->import->plan($this->contents($request))));
    }

    #[Route('/api/bin/import', methods: ['POST'])]
    #[OA\Post(path: '/api/bin/import', operationId: 'importParts', summary: 'Take parts in, all or none; answers with a JSON line at every step of progress and one at the end', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: FileDocument::class)), responses: [
        new OA\Response(response: 200, description: 'Lines of {done, of}, then one of {added, changed, same} or {problem}', content: new OA\MediaType(mediaType: 'application/x-ndjson', schema: new OA\Schema(type: 'string'))),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function import(Request $request): Response
    {
        $plan = $this->import->plan($this->contents($request));

        return new StreamedResponse(function () use ($plan): void {
            $tell = static function (array $line): void {
                echo json_encode($line, \JSON_THROW_ON_ERROR)."\n";
                if (ob_get_level() > 0) {
                    ob_flush();
                }
                flush();
            };
            try {
                $tell($this->import->carryOut($plan, static fn (int $done, int $of) => $tell(['done' => $done, 'of' => $of])));
            } catch (InvalidDocument $invalid) {
                $tell(['problem' => implode("\n", array_map(static fn ($fault): string => $fault->line(), $invalid->faults))]);
            } catch (\Throwable $error) {
                $this->logger->error('An import broke off.', ['exception' => $error]);
                $tell(['problem' => 'Something broke inside the program. Nothing was stored; the log in var/log says more.']);
            }
        }, 200, ['Content-Type' => 'application/x-ndjson', 'X-Accel-Buffering' => 'no']);
    }

    private function contents(Request $request): string
    {
        return $this->reader->read($request->getContent(), FileDocument::class)->contents;
    }

    private static function file(string $contents, string $type, string $name): Response
    {
        return new Response($contents, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"$name\""]);
    }
}
