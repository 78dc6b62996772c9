<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Reading\WaterDocument;
use App\Http\Answer;
use App\Http\Paged;
use App\Http\Precondition;
use App\UseCase\Logbook\DeleteWater;
use App\UseCase\Logbook\FindWaters;
use App\UseCase\Logbook\SaveWater;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** All waters. */
#[Route('/api/waters')]
final readonly class WaterController
{
    public function __construct(private FindWaters $find, private SaveWater $save, private DeleteWater $delete, private Answer $answer)
    {
    }

    #[Route(methods: ['GET'])]
    #[Operation('waters', 'All waters, by name', WaterDocument::class, isList: true, isPaged: true)]
    public function list(Request $request): Response
    {
        $paged = Paged::of($request);

        return $this->answer->page($this->find->list($paged->limit, $paged->after), $request);
    }

    #[Route(methods: ['POST'])]
    #[Operation('addWater', 'Add a water', WaterDocument::class, status: 201, isEdited: true)]
    public function add(#[Payload] WaterDocument $water): Response
    {
        return $this->answer->created($this->save->add($water), 'water');
    }

    #[Route('/{id}', name: 'water', methods: ['GET'])]
    #[Operation('water', 'One water', WaterDocument::class, errors: [404], isEdited: true)]
    public function show(string $id): Response
    {
        return $this->answer->kept($this->find->one($id));
    }

    #[Route('/{id}', methods: ['PUT'])]
    #[Operation('changeWater', 'Change a water', WaterDocument::class, errors: [404, 409], isEdited: true)]
    public function change(string $id, #[Payload] WaterDocument $water, Request $request): Response
    {
        return $this->answer->kept($this->save->change($id, $water, Precondition::version($request)));
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[Operation('deleteWater', 'Delete a water; it can be restored', status: 204, errors: [404], isEdited: true)]
    public function delete(string $id, Request $request): Response
    {
        $this->delete->delete($id, Precondition::version($request));

        return $this->answer->nothing();
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    #[Operation('restoreWater', 'Undo a deletion', WaterDocument::class, errors: [404], isEdited: true)]
    public function restore(string $id): Response
    {
        return $this->answer->kept($this->delete->restore($id));
    }
}
