<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Outing\OutingDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reader\DocumentReader;
use App\Format\OutingsTable;
use App\UseCase\Inventory\ReadPartLines;

/** Reads outings from a table; nothing is stored. */
final readonly class ReadOutingsTable
{
    public function __construct(private DocumentReader $reader, private ReadPartLines $parts, private DocumentNormalizer $documents)
    {
    }

    /**
     * @return list<array{int, OutingDocument}> the line each begins on
     *
     * @throws InvalidDocument with the line of each fault
     */
    public function read(string $csv): array
    {
        $read = $faults = [];
        foreach (OutingsTable::read($csv) as [$line, $data, $fault]) {
            if (null !== $fault) {
                $faults[] = new Fault("line $line", $fault->message, $fault->code);
                continue;
            }
            try {
                $stints = \is_array($data['stints'] ?? null) ? $data['stints'] : [];
                $data['stints'] = array_map(fn (mixed $stint): mixed => \is_array($stint) ? $this->withParts($stint) : $stint, $stints);
                $read[] = [$line, $this->reader->read(json_encode($data, \JSON_THROW_ON_ERROR), OutingDocument::class)];
            } catch (InvalidDocument $invalid) {
                array_push($faults, ...$invalid->onLine($line));
            }
        }

        return [] === $faults ? $read : throw InvalidDocument::because($faults);
    }

    /**
     * @param array<mixed> $stint
     *
     * @return array<mixed>
     *
     * @throws InvalidDocument where no part can be told from the words
     */
    private function withParts(array $stint): array
    {
        $build = \is_array($stint['build'] ?? null) ? $stint['build'] : [];
        foreach (OutingsTable::PARTS as $slot) {
            $words = $build[$slot] ?? null;
            if (!\is_string($words)) {
                continue;
            }
            $kind = match ($slot) {
                'front', 'rear' => 'blade',
                'hook' => 'trailer hook',
                default => $slot,
            };
            $isSaid = str_contains(strtolower($words), explode(' ', $kind)[0]);
            $line = $this->parts->read($isSaid ? $words : "$words $kind")[0] ?? null;
            if (null === $line?->part) {
                throw InvalidDocument::fault($slot, $line->problem ?? 'No part can be told from this.');
            }
            $build[$slot] = $this->documents->toStored($line->part);
        }

        return ['build' => $build] + $stint;
    }
}
