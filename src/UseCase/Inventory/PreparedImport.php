<?php

declare(strict_types=1);

namespace App\UseCase\Inventory;

use App\Contract\Inventory\PartAction;

/** Checked lines of an import, waiting on disk to be written. */
final class PreparedImport
{
    /** @var resource */
    private $lines;
    private int $count = 0;

    public function __construct()
    {
        $lines = fopen('php://temp', 'r+');
        \assert(false !== $lines);
        $this->lines = $lines;
    }

    public function add(PartAction $action, string $document): void
    {
        fwrite($this->lines, "{$action->value} $document\n");
        ++$this->count;
    }

    public function count(): int
    {
        return $this->count;
    }

    /** @return \Generator<int, array{PartAction, array<string, mixed>}> */
    public function lines(): \Generator
    {
        rewind($this->lines);
        while (false !== ($line = fgets($this->lines))) {
            [$action, $json] = explode(' ', $line, 2);
            /** @var array<string, mixed> $document */
            $document = json_decode($json, true, 16, \JSON_THROW_ON_ERROR);
            yield [PartAction::from($action), $document];
        }
    }
}
