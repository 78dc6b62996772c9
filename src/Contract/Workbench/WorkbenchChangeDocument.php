<?php

declare(strict_types=1);

namespace App\Contract\Workbench;

use App\Contract\Inventory\CompositionDocument;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** One change to what is on the bench. */
#[OA\Schema(schema: 'WorkbenchChange', additionalProperties: false, required: [])]
final readonly class WorkbenchChangeDocument
{
    public function __construct(
        #[OA\Property(description: 'Replaces the build of its kind of lure.')]
        #[Assert\Valid]
        public ?CompositionDocument $build = null,
        #[OA\Property(description: 'Brings back the last build that was replaced.')]
        public bool $undo = false,
        #[Assert\Valid]
        public ?ChecklistPlaceDocument $checklist = null,
    ) {
    }

    #[Assert\Callback]
    public function isOne(ExecutionContextInterface $context): void
    {
        if (1 !== (int) (null !== $this->build) + (int) $this->undo + (int) (null !== $this->checklist)) {
            $context->buildViolation('Send exactly one of build, undo and checklist.')->setCode('not_one')->addViolation();
        }
    }

    public function on(WorkbenchDocument $workbench): WorkbenchDocument
    {
        return match (true) {
            null !== $this->build => $workbench->withBuild($this->build),
            null !== $this->checklist => $workbench->withPlace($this->checklist),
            default => $workbench->undone(),
        };
    }
}
