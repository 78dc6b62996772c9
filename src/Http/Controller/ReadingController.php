<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Reading\SavedReadingDocument;
use App\Http\Answer;
use App\Http\Paged;
use App\Http\Precondition;
use App\UseCase\Logbook\DeleteReading;
use App\UseCase\Logbook\FindReadings;
use App\UseCase\Logbook\SaveReading;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** All saved readings. */
#[Route('/api/readings')]
final readonly class ReadingController
{
    public function __construct(
        private FindReadings $find,
        private SaveReading $save,
        private DeleteReading $delete,
        private Answer $answer,
    ) {
    }

    #[Route(methods: ['GET'])]
    #[Operation('readings', 'All saved readings, newest first', SavedReadingDocument::class, isList: true, isPaged: true)]
    public function list(Request $request): Response
    {
        $paged = Paged::of($request);

        return $this->answer->page($this->find->list($paged->limit, $paged->after), $request);
    }

    #[Route(methods: ['POST'])]
    #[Operation('saveReading', 'Save a reading', SavedReadingDocument::class, status: 201, isEdited: true)]
    public function add(#[Payload] SavedReadingDocument $reading): Response
    {
        return $this->answer->created($this->save->add($reading), 'reading');
    }

    #[Route('/{id}', name: 'reading', methods: ['GET'])]
    #[Operation('reading', 'One reading', SavedReadingDocument::class, errors: [404], isEdited: true)]
    public function show(string $id): Response
    {
        return $this->answer->kept($this->find->one($id));
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[Operation('deleteReading', 'Delete a reading; it can be restored', status: 204, errors: [404], isEdited: true)]
    public function delete(string $id, Request $request): Response
    {
        $this->delete->delete($id, Precondition::version($request));

        return $this->answer->nothing();
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    #[Operation('restoreReading', 'Undo a deletion', SavedReadingDocument::class, errors: [404], isEdited: true)]
    public function restore(string $id): Response
    {
        return $this->answer->kept($this->delete->restore($id));
    }
}
