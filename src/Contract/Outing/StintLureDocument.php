<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Reading\ReadingDocument;
use Symfony\Component\Validator\Constraints as Assert;

/** What is stored of a stint as a document: the lure, its water and light, and why it was tied on. */
final readonly class StintLureDocument
{
    public function __construct(
        #[Assert\Valid]
        public CompositionDocument $build,
        #[Assert\Valid]
        public ReadingDocument $reading,
        #[Assert\Valid]
        public ?MadeChangeDocument $made = null,
        #[Assert\Valid]
        public ?TrialBlockDocument $trial = null,
    ) {
    }

    public static function of(StintDocument $stint): self
    {
        return new self($stint->build, $stint->reading, $stint->made, $stint->trial);
    }
}
