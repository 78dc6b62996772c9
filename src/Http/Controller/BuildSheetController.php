<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\BuildSheet\BatchDocument;
use App\Contract\BuildSheet\BatchRequestDocument;
use App\Contract\BuildSheet\BuildSheetDocument;
use App\Contract\BuildSheet\BuildSheetRequestDocument;
use App\Contract\BuildSheet\BuiltRecordDocument;
use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Http\Answer;
use App\Http\Precondition;
use App\UseCase\Batch\DrawDownBatch;
use App\UseCase\Batch\PlanBatch;
use App\UseCase\Batch\PrepareBuildSheet;
use App\UseCase\Batch\UndoBatch;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Build sheets, batches, and what was built. */
final readonly class BuildSheetController
{
    public function __construct(
        private PrepareBuildSheet $sheet,
        private PlanBatch $plan,
        private DrawDownBatch $draw,
        private UndoBatch $undo,
        private Answer $answer,
    ) {
    }

    #[Route('/api/build-sheet', methods: ['POST'])]
    #[Operation('buildSheet', 'How to put a build together', BuildSheetDocument::class)]
    public function sheet(#[Payload] BuildSheetRequestDocument $request): Response
    {
        return $this->answer->json($this->sheet->prepare($request));
    }

    #[Route('/api/batch', methods: ['POST'])]
    #[Operation('batch', 'What a batch uses, what is missing, and the order of work; nothing is taken from stock', BatchDocument::class)]
    public function batch(#[Payload] BatchRequestDocument $request): Response
    {
        return $this->answer->json($this->plan->plan($request));
    }

    #[Route('/api/built', methods: ['POST'])]
    #[Operation(
        'make',
        'Record a batch as built and take its parts from stock, all or nothing',
        BuiltRecordDocument::class,
        status: 201,
        isEdited: true,
    )]
    public function build(#[Payload] BatchRequestDocument $request): Response
    {
        return $this->answer->created($this->draw->build($request), 'built');
    }

    #[Route('/api/built/{id}/undo', methods: ['POST'])]
    #[Operation('undoBuilt', 'Undo: the parts go back into stock, once', status: 204, errors: [404], takesVersion: true)]
    public function undo(string $id, Request $request): Response
    {
        $this->undo->undo($id, Precondition::version($request));

        return $this->answer->nothing();
    }
}
