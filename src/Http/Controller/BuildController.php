<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Logbook\SavedBuildDocument;
use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Outing\DrawnBuildDocument;
use App\Contract\Outing\DrawRequestDocument;
use App\Http\Answer;
use App\Http\Paged;
use App\Http\Precondition;
use App\UseCase\Build\DeleteBuild;
use App\UseCase\Build\FindBuilds;
use App\UseCase\Build\SaveBuild;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** All saved builds. */
#[Route('/api/builds')]
final readonly class BuildController
{
    public function __construct(private FindBuilds $find, private SaveBuild $save, private DeleteBuild $delete, private Answer $answer)
    {
    }

    #[Route(methods: ['GET'])]
    #[Operation('builds', 'All saved builds, by name', SavedBuildDocument::class, isList: true, isPaged: true)]
    public function list(Request $request): Response
    {
        $paged = Paged::of($request);

        return $this->answer->page($this->find->list($paged->limit, $paged->after), $request);
    }

    #[Route(methods: ['POST'])]
    #[Operation('saveBuild', 'Save a build', SavedBuildDocument::class, status: 201, isEdited: true)]
    public function add(#[Payload] SavedBuildDocument $build): Response
    {
        return $this->answer->created($this->save->add($build), 'build');
    }

    #[Route('/drawn', methods: ['POST'])]
    #[Operation('drawBuilds', 'Lures in the words and colors they are drawn with', DrawnBuildDocument::class, isList: true)]
    public function drawn(#[Payload] DrawRequestDocument $request): Response
    {
        return $this->answer->json(array_map(DrawnBuildDocument::of(...), $request->builds));
    }

    #[Route('/{id}', name: 'build', methods: ['GET'])]
    #[Operation('build', 'One build', SavedBuildDocument::class, errors: [404], isEdited: true)]
    public function show(string $id): Response
    {
        return $this->answer->kept($this->find->one($id));
    }

    #[Route('/{id}', methods: ['PUT'])]
    #[Operation('changeBuild', 'Change a build', SavedBuildDocument::class, errors: [404, 409], isEdited: true)]
    public function change(string $id, #[Payload] SavedBuildDocument $build, Request $request): Response
    {
        return $this->answer->kept($this->save->change($id, $build, Precondition::version($request)));
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[Operation('deleteBuild', 'Delete a build; it can be restored', status: 204, errors: [404], isEdited: true)]
    public function delete(string $id, Request $request): Response
    {
        $this->delete->delete($id, Precondition::version($request));

        return $this->answer->nothing();
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    #[Operation('restoreBuild', 'Undo a deletion', SavedBuildDocument::class, errors: [404], isEdited: true)]
    public function restore(string $id): Response
    {
        return $this->answer->kept($this->delete->restore($id));
    }
}
