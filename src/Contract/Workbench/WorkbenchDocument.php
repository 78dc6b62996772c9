<?php

declare(strict_types=1);

namespace App\Contract\Workbench;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Reader\LimitsLists;
use App\Contract\Reader\Sparse;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** What is on the bench: a build for each lure, the builds that undo brings back, and the place in each checklist. */
#[OA\Schema(schema: 'Workbench', additionalProperties: false, required: [])]
final readonly class WorkbenchDocument implements LimitsLists, Sparse
{
    private const MOST_BUILDS = 4;
    public const MOST_PAST = 50;
    public const MOST_CHECKLISTS = 50;

    /**
     * @param list<CompositionDocument>    $builds
     * @param list<CompositionDocument>    $past
     * @param list<ChecklistPlaceDocument> $checklists
     */
    public function __construct(
        #[OA\Property(maxItems: self::MOST_BUILDS, description: 'At most one for each lure.')]
        #[Assert\Valid]
        public array $builds = [],
        #[OA\Property(maxItems: self::MOST_PAST, description: 'Builds that were replaced, newest last; undo brings that one back.')]
        #[Assert\Valid]
        public array $past = [],
        #[OA\Property(maxItems: self::MOST_CHECKLISTS, description: 'The last one worked on is last.')]
        #[Assert\Valid]
        public array $checklists = [],
    ) {
    }

    public static function limits(): array
    {
        return ['builds' => self::MOST_BUILDS, 'past' => self::MOST_PAST, 'checklists' => self::MOST_CHECKLISTS];
    }

    /** Another build of its kind of lure; the one it replaces can be brought back. */
    public function withBuild(CompositionDocument $build): self
    {
        $replaced = array_filter($this->builds, static fn (CompositionDocument $one): bool => $one->lure === $build->lure);

        return new self(
            [...$this->without($build), $build],
            \array_slice([...$this->past, ...array_values($replaced)], -self::MOST_PAST),
            $this->checklists,
        );
    }

    /** The last replaced build put back; the same where none was replaced. */
    public function undone(): self
    {
        $last = $this->past[\count($this->past) - 1] ?? null;

        return null === $last ? $this : new self(
            [...$this->without($last), $last],
            \array_slice($this->past, 0, -1),
            $this->checklists,
        );
    }

    public function withPlace(ChecklistPlaceDocument $place): self
    {
        $others = array_filter($this->checklists, static fn (ChecklistPlaceDocument $one): bool => $one->build !== $place->build);

        return new self($this->builds, $this->past, \array_slice([...array_values($others), $place], -self::MOST_CHECKLISTS));
    }

    /** @return list<CompositionDocument> */
    private function without(CompositionDocument $build): array
    {
        return array_values(array_filter($this->builds, static fn (CompositionDocument $one): bool => $one->lure !== $build->lure));
    }
}
