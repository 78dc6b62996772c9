<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\OpenApi\Operation;
use App\Contract\Release\ReleaseDocument;
use App\Http\Answer;
use App\UseCase\Shell\TellRelease;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Which program answers. */
final readonly class VersionController
{
    public function __construct(private TellRelease $release, private Answer $answer)
    {
    }

    #[Route('/api/version', methods: ['GET'])]
    #[Operation('version', 'Which version of the program this is, and what is new in it', ReleaseDocument::class)]
    public function version(): Response
    {
        return $this->answer->json($this->release->tell());
    }
}
