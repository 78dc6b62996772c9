<?php

declare(strict_types=1);

namespace App\Persistence\Upgrade;

use App\Contract\Stored\StoredAs;

/** Every step by which documents were brought from one shape to the next: a migration, a restore and an import run them from here. */
final class Upgrades
{
    /**
     * By what has a shape, in their order: what becomes of each document of it, by the name of that. The shape behind the last step is the
     * one that is written today.
     */
    private const STEPS = [
        'part' => [['part' => PartWithoutColumns::class]],
        'outing' => [['stint' => StintUnconfirmed::class]],
    ];

    /** The shapes of backups of version 1 to 5, and of logbooks that do not say theirs. A part in a file never was of another. */
    private const UNSAID = ['part' => 2];

    public static function present(StoredAs $name): int
    {
        return 1 + \count(self::STEPS[$name->shapedAs()] ?? []);
    }

    /** @return array<string, int> by what has a shape, as it is written today */
    public static function shapes(): array
    {
        $shapes = [];
        foreach (StoredAs::cases() as $name) {
            $shapes[$name->shapedAs()] = self::present($name);
        }

        return $shapes;
    }

    /** @return array<string, int> by what has a shape, in a file that does not say them */
    public static function unsaid(): array
    {
        return self::UNSAID + array_map(static fn (): int => 1, self::shapes());
    }

    public static function run(StoredAs $name, \stdClass $document, int $from, ?int $to = null): void
    {
        foreach (\array_slice(self::STEPS[$name->shapedAs()] ?? [], $from - 1, null === $to ? null : $to - $from) as $step) {
            if (isset($step[$name->value])) {
                $step[$name->value]::upgrade($document);
            }
        }
    }
}
