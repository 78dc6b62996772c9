<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Inventory\IdsDocument;
use App\Contract\Inventory\InventoryDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Inventory\PartLinesRequestDocument;
use App\Contract\Inventory\ReadPartLineDocument;
use App\Contract\Inventory\StarterSetDocument;
use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Http\Answer;
use App\Http\Paged;
use App\UseCase\Inventory\DeleteParts;
use App\UseCase\Inventory\FindParts;
use App\UseCase\Inventory\ListStarterSets;
use App\UseCase\Inventory\ReadPartLines;
use App\UseCase\Shelf;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The parts owned. */
#[Route('/api/parts')]
final readonly class InventoryController
{
    public function __construct(
        private Shelf $shelf,
        private FindParts $find,
        private DeleteParts $delete,
        private ReadPartLines $lines,
        private ListStarterSets $starterSets,
        private Answer $answer,
    ) {
    }

    #[Route(methods: ['GET'])]
    #[Operation('parts', 'Every part, by type and name', InventoryDocument::class, isPaged: true)]
    public function list(Request $request): Response
    {
        $paged = Paged::of($request);

        return $this->answer->page($this->shelf->page('parts', $paged->limit, $paged->after), $request, 'parts', [
            'mixed_boxes' => $this->find->mixedBoxes(),
            'swatches' => $this->find->swatches(),
        ]);
    }

    /** @param list<InventoryPartDocument> $parts */
    #[Route(methods: ['POST'])]
    #[Operation('addParts', 'Add parts, all or none', InventoryPartDocument::class, isList: true, status: 201)]
    public function add(#[Payload(listOf: InventoryPartDocument::class)] array $parts): Response
    {
        return $this->answer->stored(array_column($this->shelf->addAll('parts', $parts), 'document'), 201);
    }

    /** @param list<InventoryPartDocument> $parts */
    #[Route(methods: ['PUT'])]
    #[Operation('changeParts', 'Change parts, all or none', InventoryPartDocument::class, isList: true, errors: [409])]
    public function change(#[Payload(listOf: InventoryPartDocument::class)] array $parts): Response
    {
        return $this->answer->stored(array_column($this->shelf->changeAll('parts', $parts), 'document'));
    }

    #[Route('/delete', methods: ['POST'])]
    #[Operation('deleteParts', 'Delete parts; they can be restored', fields: ['count' => 'integer'])]
    public function delete(#[Payload] IdsDocument $ids): Response
    {
        return $this->answer->json(['count' => $this->delete->delete($ids->ids)]);
    }

    #[Route('/restore', methods: ['POST'])]
    #[Operation('restoreParts', 'Undo a deletion', fields: ['count' => 'integer'])]
    public function restore(#[Payload] IdsDocument $ids): Response
    {
        return $this->answer->json(['count' => $this->delete->restore($ids->ids)]);
    }

    #[Route('/lines', methods: ['POST'])]
    #[Operation('readPartLines', 'Read parts from text, one on each line; nothing is stored', ReadPartLineDocument::class, isList: true)]
    public function lines(#[Payload] PartLinesRequestDocument $request): Response
    {
        return $this->answer->json($this->lines->read($request->text));
    }

    #[Route('/starter-sets', methods: ['GET'])]
    #[Operation('starterSets', 'Sets of parts to start with', StarterSetDocument::class, isList: true)]
    public function starterSets(): Response
    {
        return $this->answer->json($this->starterSets->all());
    }
}
