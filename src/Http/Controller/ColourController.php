<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Inventory\PatchRequestDocument;
use App\Contract\Inventory\PhotoRequestDocument;
use App\Contract\Inventory\ReadColourDocument;
use App\Contract\Inventory\ReadPatchDocument;
use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Http\Answer;
use App\UseCase\Inventory\ReadColour;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Colors read off a photo or a colorimeter. */
#[Route('/api/colour')]
final readonly class ColourController
{
    public function __construct(private ReadColour $read, private Answer $answer)
    {
    }

    #[Route('/photo', methods: ['POST'])]
    #[Operation('photoColour', 'The color of a part from taps on a photo with a white card in it', ReadColourDocument::class)]
    public function photo(#[Payload] PhotoRequestDocument $photo): Response
    {
        return $this->answer->json($this->read->fromPhoto($photo));
    }

    #[Route('/patch', methods: ['POST'])]
    #[Operation('photoPatch', 'The colors of a patch of a photo, and how much of it each takes', ReadPatchDocument::class)]
    public function patch(#[Payload] PatchRequestDocument $photo): Response
    {
        return $this->answer->json($this->read->fromPatch($photo));
    }

    #[Route('/colorimeter', methods: ['POST'])]
    #[Operation('measureColour', 'The color under the colorimeter, from three measurements', ReadColourDocument::class, errors: [503])]
    public function meter(): Response
    {
        return $this->answer->json($this->read->fromColorimeter());
    }
}
