<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Backup\SetAsideDocument;
use App\Contract\OpenApi\Operation;
use App\Http\Answer;
use App\UseCase\FindUnreadable;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What is stored and cannot be read. */
final readonly class AttentionController
{
    public function __construct(private FindUnreadable $find, private Answer $answer)
    {
    }

    #[Route('/api/attention', methods: ['GET'])]
    #[Operation('attention', 'Stored documents that cannot be read, as they are, and why', SetAsideDocument::class, isList: true)]
    public function list(): Response
    {
        return $this->answer->stored($this->find->all());
    }
}
