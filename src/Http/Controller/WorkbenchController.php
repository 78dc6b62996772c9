<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Workbench\WorkbenchChangeDocument;
use App\Http\Answer;
use App\Http\Precondition;
use App\UseCase\Workbench\ChangeWorkbench;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What is on the bench. */
#[Route('/api/workbench')]
final readonly class WorkbenchController
{
    public function __construct(private ChangeWorkbench $change, private Answer $answer)
    {
    }

    #[Route(methods: ['PATCH'])]
    #[Operation('changeWorkbench', 'Replace a build, undo, or move on in a checklist', status: 204, isEdited: true, takesVersion: true)]
    public function change(#[Payload] WorkbenchChangeDocument $change, Request $request): Response
    {
        return $this->answer->nothing($this->change->change($change, Precondition::version($request)));
    }
}
