<?php

declare(strict_types=1);

namespace App\Persistence\Upgrade;

use App\Contract\Stored\StoredAs;

/** Every step by which documents were brought from one shape to the next: a migration, a restore and an import run them from here. */
final class Upgrades
{
    /** In their order; the shape behind the last is the one that is written today. */
    private const STEPS = [
        StoredAs::Part->value => [PartWithoutColumns::class],
    ];

    /** The shapes of backups of version 1 to 5, and of logbooks that do not say theirs. A part in a file never was of another. */
    private const UNSAID = [StoredAs::Part->value => 2];

    public static function present(StoredAs $name): int
    {
        return 1 + \count(self::STEPS[$name->value] ?? []);
    }

    /** @return array<string, int> by the name of what is stored, as it is written today */
    public static function shapes(): array
    {
        $shapes = [];
        foreach (StoredAs::cases() as $name) {
            $shapes[$name->value] = self::present($name);
        }

        return $shapes;
    }

    /** @return array<string, int> by the name of what is stored, in a file that does not say them */
    public static function unsaid(): array
    {
        return self::UNSAID + array_map(static fn (): int => 1, self::shapes());
    }

    public static function run(StoredAs $name, \stdClass $document, int $from, ?int $to = null): void
    {
        foreach (\array_slice(self::STEPS[$name->value] ?? [], $from - 1, null === $to ? null : $to - $from) as $step) {
            $step::upgrade($document);
        }
    }
}
