<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Reading\CurrentReadingDocument;
use App\Http\Answer;
use App\Http\Precondition;
use App\UseCase\Logbook\KeepCurrentReading;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The reading being worked on. */
#[Route('/api/current-reading')]
final readonly class CurrentReadingController
{
    public function __construct(private KeepCurrentReading $keep, private Answer $answer)
    {
    }

    #[Route(methods: ['GET'])]
    #[Operation(
        'desk',
        'The current reading, or null before the first',
        CurrentReadingDocument::class,
        isNullable: true,
        isEdited: true,
    )]
    public function show(): Response
    {
        return $this->answer->kept($this->keep->show());
    }

    #[Route(methods: ['PUT'])]
    #[Operation('keepCurrentReading', 'Store the current reading', status: 204, isEdited: true)]
    public function replace(#[Payload] CurrentReadingDocument $reading, Request $request): Response
    {
        return $this->answer->nothing($this->keep->replace($reading, Precondition::version($request)));
    }
}
