<?php

declare(strict_types=1);

namespace Kontrast\BuildSheet;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\PartKind;

/** Several builds made in one sitting: what they use, how long they take, and in which order equal steps are done together. */
final readonly class Batch
{
    /** Different builds in one batch, and of one build. (Chosen.) */
    public const MOST_BUILDS = 50;
    public const MOST_OF_ONE = 500;

    /** Each further time a step is done in a row takes this share of the first. (Chosen.) */
    private const IN_A_ROW = 0.8;

    /** @param list<array{name: string, build: Composition, count: int}> $items */
    public function __construct(private array $items)
    {
    }

    /**
     * What is used of each part by its id; parts without an id come by name.
     *
     * @return list<array{id: string, name: string, count: int}>
     */
    public function parts(): array
    {
        $used = [];
        foreach ($this->items as ['build' => $build, 'count' => $count]) {
            foreach ($build->parts() as $part) {
                $key = '' === $part->id() ? 'name:'.$part->name() : $part->id();
                $used[$key] ??= ['id' => $part->id(), 'name' => $part->name(), 'count' => 0];
                $used[$key]['count'] += $count;
            }
        }

        return array_values($used);
    }

    /** @return list<array{kind: PartKind, size: string, count: int}> small hardware by kind and size */
    public function hardware(): array
    {
        $used = [];
        foreach ($this->items as ['build' => $build, 'count' => $count]) {
            foreach (Hardware::count($build) as $hardware) {
                $key = $hardware->kind->value.' '.$hardware->size;
                $used[$key] ??= ['kind' => $hardware->kind, 'size' => $hardware->size, 'count' => 0];
                $used[$key]['count'] += $count * $hardware->count;
            }
        }

        return array_values($used);
    }

    /**
     * Equal tasks together, in the order in which no build waits for another.
     *
     * @return list<array{task: Task, count: int, minutes: float, builds: list<string>}>
     */
    public function order(): array
    {
        $order = [];
        foreach (Task::cases() as $task) {
            $count = 0;
            $builds = [];
            foreach ($this->items as ['name' => $name, 'build' => $build, 'count' => $times]) {
                $here = \count(array_filter(BuildSteps::write($build), static fn (BuildStep $step): bool => $step->task === $task));
                if ($here > 0 && $times > 0) {
                    $count += $here * $times;
                    $builds[] = "$times × $name";
                }
            }
            if ($count > 0) {
                $order[] = [
                    'task' => $task,
                    'count' => $count,
                    'minutes' => $task->minutes() * (1 + self::IN_A_ROW * ($count - 1)),
                    'builds' => $builds,
                ];
            }
        }

        return $order;
    }

    public function minutes(): float
    {
        return array_sum(array_column($this->order(), 'minutes'));
    }
}
