<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Inventory\FileDocument;
use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Outing\BoxChangeDocument;
use App\Contract\Outing\OutingDocument;
use App\Contract\Outing\OutingEndDocument;
use App\Contract\Outing\OutingEventDocument;
use App\Contract\Outing\OutingImportDocument;
use App\Contract\Outing\PhotoDocument;
use App\Contract\Outing\StintDocument;
use App\Http\Answer;
use App\UseCase\Outing\ChangeBox;
use App\UseCase\Outing\ExportOutings;
use App\UseCase\Outing\ImportOutings;
use App\UseCase\Outing\KeepPhoto;
use App\UseCase\Outing\NoteOuting;
use App\UseCase\Outing\SaveOuting;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Days on the water as they were. */
#[Route('/api/outings')]
final readonly class OutingController
{
    public function __construct(
        private SaveOuting $save,
        private NoteOuting $note,
        private ChangeBox $changeBox,
        private KeepPhoto $photos,
        private ImportOutings $import,
        private ExportOutings $export,
        private Answer $answer,
    ) {
    }

    #[Route(methods: ['POST'])]
    #[Operation(
        'saveOuting',
        'Begin an outing, or save one from memory; the same one twice is saved once',
        OutingDocument::class,
        status: 201,
        isEdited: true,
    )]
    public function add(#[Payload] OutingDocument $outing): Response
    {
        return $this->answer->created($this->save->begin($outing), 'outings');
    }

    #[Route('/table', methods: ['GET'])]
    #[Operation('outingsTable', 'All outings as a table', media: 'text/csv')]
    public function table(): Response
    {
        return $this->answer->file($this->export->table(), 'text/csv; charset=utf-8', 'kontrast-outings.csv');
    }

    #[Route('/table', methods: ['POST'])]
    #[Operation(
        'importOutings',
        'Import outings from a table, or everything from a logbook in JSON, all or none',
        OutingImportDocument::class,
    )]
    public function import(#[Payload(mostBytes: Payload::FILE_BYTES)] FileDocument $file): Response
    {
        return $this->answer->json($this->import->import($file->contents));
    }

    #[Route('/table/preview', methods: ['POST'])]
    #[Operation('previewOutings', 'What a table of outings, or a logbook in JSON, holds; nothing is stored', OutingImportDocument::class)]
    public function preview(#[Payload(mostBytes: Payload::FILE_BYTES)] FileDocument $file): Response
    {
        return $this->answer->json($this->import->preview($file->contents));
    }

    #[Route('/{id}/box', methods: ['PUT'])]
    #[Operation('changeBox', 'Change what is in the box of an outing', OutingDocument::class, errors: [404, 409], isEdited: true)]
    public function box(string $id, #[Payload] BoxChangeDocument $change): Response
    {
        return $this->answer->saved($this->changeBox->change($id, $change));
    }

    #[Route('/{id}/end', methods: ['POST'])]
    #[Operation('endOuting', 'End an outing, and take off what is still on', OutingDocument::class, errors: [404], isEdited: true)]
    public function end(string $id, #[Payload] OutingEndDocument $end): Response
    {
        return $this->answer->saved($this->note->end($id, $end->ended_at));
    }

    #[Route('/{id}/stints/{stint}', methods: ['PUT'])]
    #[Operation(
        'noteStint',
        'Tie a lure on, which takes off the one that was on; the same one twice is noted once',
        OutingDocument::class,
        errors: [404],
        isEdited: true,
    )]
    public function stint(string $id, string $stint, #[Payload] StintDocument $document): Response
    {
        return $this->answer->saved($this->note->stint($id, $stint, $document));
    }

    #[Route('/{id}/stints/{stint}', methods: ['DELETE'])]
    #[Operation('removeStint', 'Undo tying a lure on; the one before it goes on', OutingDocument::class, errors: [404], isEdited: true)]
    public function removeStint(string $id, string $stint): Response
    {
        return $this->answer->saved($this->note->removeStint($id, $stint));
    }

    #[Route('/{id}/events/{event}', methods: ['PUT'])]
    #[Operation(
        'noteEvent',
        'Note what happened, under the lure that was on then; the same one twice is noted once',
        OutingDocument::class,
        errors: [404],
        isEdited: true,
    )]
    public function event(string $id, string $event, #[Payload] OutingEventDocument $document): Response
    {
        return $this->answer->saved($this->note->event($id, $event, $document));
    }

    #[Route('/{id}/events/{event}', methods: ['DELETE'])]
    #[Operation('removeEvent', 'Undo a note, and put back what it took from stock', OutingDocument::class, errors: [404], isEdited: true)]
    public function removeEvent(string $id, string $event): Response
    {
        return $this->answer->saved($this->note->removeEvent($id, $event));
    }

    #[Route('/{id}/events/{event}/photo', methods: ['GET'])]
    #[Operation('photo', 'The picture beside an event', errors: [404], media: 'image/jpeg')]
    public function photo(string $id, string $event): Response
    {
        return new Response($this->photos->show($id, $event), 200, [
            'Content-Type' => 'image/jpeg', 'Cache-Control' => 'no-store',
        ]);
    }

    #[Route('/{id}/events/{event}/photo', methods: ['PUT'])]
    #[Operation('keepPhoto', 'Put a picture beside an event', status: 204, errors: [404])]
    public function keepPhoto(string $id, string $event, #[Payload] PhotoDocument $photo): Response
    {
        $this->photos->replace($id, $event, $photo->photo);

        return $this->answer->nothing();
    }

    #[Route('/{id}/events/{event}/photo', methods: ['DELETE'])]
    #[Operation('deletePhoto', 'Take the picture away', status: 204, errors: [404])]
    public function deletePhoto(string $id, string $event): Response
    {
        $this->photos->delete($id, $event);

        return $this->answer->nothing();
    }
}
