<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Statistics\Stratum;

/** What was fished as a school would have tied, and beside what else. */
final class SchoolCount
{
    public readonly Count $count;
    /** @var list<Stratum> by day, in water and light that were alike: as it would have tied, and otherwise */
    public array $strata = [];
    /** @var list<string> of the stints: two schools with the same cannot be told apart */
    private array $keys = [];

    public function __construct()
    {
        $this->count = new Count();
    }

    public function add(string $key, Count $count): void
    {
        $this->count->add($count->hours, $count->bites, $count->fish);
        $this->keys[] = $key;
    }

    public function isSameAs(self $other): bool
    {
        return $this->keys === $other->keys;
    }
}
