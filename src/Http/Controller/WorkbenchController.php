<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Workbench\WorkbenchChangeDocument;
use App\Contract\Workbench\WorkbenchDocument;
use App\Http\Answer;
use App\Http\Precondition;
use App\UseCase\Workbench\KeepWorkbench;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What is on the bench. */
#[Route('/api/workbench')]
final readonly class WorkbenchController
{
    public function __construct(private KeepWorkbench $keep, private Answer $answer)
    {
    }

    #[Route(methods: ['GET'])]
    #[Operation(
        'workbench',
        'What is on the bench, or null before the first build',
        WorkbenchDocument::class,
        isNullable: true,
        isEdited: true,
    )]
    public function show(): Response
    {
        return $this->answer->kept($this->keep->show());
    }

    #[Route(methods: ['PATCH'])]
    #[Operation('changeWorkbench', 'Replace a build, undo, or move on in a checklist', status: 204, isEdited: true)]
    public function change(#[Payload] WorkbenchChangeDocument $change, Request $request): Response
    {
        return $this->answer->nothing($this->keep->change($change, Precondition::version($request)));
    }
}
