<?php

declare(strict_types=1);

namespace App\UseCase\Inventory;

use App\Persistence\Entity\Swatch;
use App\Persistence\Kind\SwatchKind;
use App\Persistence\Rows;
use App\Persistence\Transaction;

/** Adds named colors, each once. */
final readonly class AddSwatches
{
    public function __construct(private Rows $rows, private SwatchKind $swatches, private Transaction $transaction)
    {
    }

    /**
     * @param list<array{name: string, hex: string}> $colours
     *
     * @return int how many were new
     */
    public function add(array $colours): int
    {
        return $this->transaction->run(function () use ($colours): int {
            $key = static fn (string $name, string $hex): string => "$name $hex";
            $known = [];
            foreach ($this->rows->all($this->swatches) as $swatch) {
                $known[$key($swatch->title(), $swatch->hex())] = true;
            }
            $added = 0;
            foreach ($colours as ['name' => $name, 'hex' => $hex]) {
                if (!isset($known[$key($name, $hex)])) {
                    $this->rows->add(new Swatch($name, $hex));
                    $known[$key($name, $hex)] = true;
                    ++$added;
                }
            }

            return $added;
        });
    }
}
