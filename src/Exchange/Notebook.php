<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Api\Document\KeptReadingDocument;
use App\Api\Document\NotebookDocument;
use App\Api\Document\SavedBuildDocument;
use App\Api\Document\WaterDocument;
use App\Entity\KeptReading;
use App\Entity\SavedBuild;
use App\Entity\Water;
use App\Storage\BuildKeeper;
use App\Storage\Keeper;
use Doctrine\ORM\EntityManagerInterface;

/** Takes waters, readings and builds in and gives them out as one JSON document. */
final readonly class Notebook
{
    public function __construct(
        private DocumentReader $reader,
        private Documents $documents,
        private Keeper $keeper,
        private BuildKeeper $builds,
        private EntityManagerInterface $entities,
    ) {
    }

    /**
     * Adds what is not there yet, all or nothing. What is already kept under the same id, changed or deleted since, is left alone.
     *
     * @param array<string, mixed> $data a notebook document
     *
     * @return array{waters: int, readings: int, builds: int} how many were added
     *
     * @throws InvalidDocument
     */
    public function import(array $data): array
    {
        $notebook = $this->reader->fromArray($data, NotebookDocument::class);

        return $this->keeper->write(function () use ($notebook): array {
            $waters = array_filter($notebook->waters, fn (WaterDocument $water): bool => null === $water->id || null === $this->entities->find(Water::class, $water->id));
            array_walk($waters, fn (WaterDocument $water): Water => $this->keeper->addWater($water));
            $readings = array_filter($notebook->readings, fn (KeptReadingDocument $kept): bool => null === $kept->id || null === $this->entities->find(KeptReading::class, $kept->id));
            array_walk($readings, fn (KeptReadingDocument $kept): KeptReading => $this->keeper->addReading($kept));
            $builds = array_filter($notebook->builds, fn (SavedBuildDocument $build): bool => null === $build->id || null === $this->entities->find(SavedBuild::class, $build->id));
            array_walk($builds, fn (SavedBuildDocument $build): SavedBuild => $this->builds->add($build));
            if (null !== $notebook->desk && null === $this->keeper->desk()) {
                $this->keeper->lay($notebook->desk);
            }

            return ['waters' => \count($waters), 'readings' => \count($readings), 'builds' => \count($builds)];
        });
    }

    /** @return array<string, mixed> a notebook document of everything kept */
    public function export(): array
    {
        $desk = $this->keeper->desk();

        return [
            'waters' => array_map(fn (Water $water): array => $this->documents->toArray(WaterDocument::of($water)), $this->keeper->waters()),
            'readings' => array_map(static fn (KeptReading $kept): array => KeptReadingDocument::rowOf($kept), $this->keeper->readings()),
            'builds' => array_map(static fn (SavedBuild $build): array => array_diff_key(SavedBuildDocument::row($build), ['version' => 0]), $this->builds->builds()),
            'desk' => null === $desk ? null : ['reading' => $desk->reading(), 'water_id' => $desk->water()?->id()],
        ];
    }
}
