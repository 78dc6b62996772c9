<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Advice\PaletteDocument;
use App\Contract\OpenApi\Operation;
use App\Http\Answer;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** What color words and finishes look like in the hand. */
final readonly class PaletteController
{
    public function __construct(private Answer $answer)
    {
    }

    #[Route('/api/palette', methods: ['GET'])]
    #[Operation('palette', 'Colors of words and finishes, and what the facts say', PaletteDocument::class, isCached: true)]
    public function __invoke(Request $request): Response
    {
        return $this->answer->cached(PaletteDocument::standard(), $request);
    }
}
