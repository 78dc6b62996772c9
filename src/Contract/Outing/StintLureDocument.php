<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Reading\ObservedReadingDocument;
use Symfony\Component\Validator\Constraints as Assert;

/** What is stored of a stint as a document: the lure, what was seen of its water and light, and why it was tied on. */
final readonly class StintLureDocument
{
    /**
     * @param list<string> $assumed
     * @param list<string> $doubted
     */
    public function __construct(
        #[Assert\Valid]
        public CompositionDocument $build,
        #[Assert\Valid]
        public ObservedReadingDocument $reading = new ObservedReadingDocument(),
        #[Assert\Valid]
        public ?MadeChangeDocument $made = null,
        #[Assert\Valid]
        public ?TrialBlockDocument $trial = null,
        public bool $confirmed = true,
        public array $assumed = [],
        public ?string $why_not = null,
        public array $doubted = [],
    ) {
    }

    public static function of(StintDocument $stint): self
    {
        return new self(
            $stint->build,
            $stint->reading,
            $stint->made,
            $stint->trial,
            $stint->confirmed,
            $stint->assumed,
            $stint->why_not,
            $stint->doubted,
        );
    }
}
