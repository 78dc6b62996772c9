<?php

declare(strict_types=1);

namespace App\Contract\Stored;

/** Where a kind of what is stored is found, and what can be done with it there. */
final readonly class Address
{
    /**
     * @param string        $name     such as "trips": the last part of the address
     * @param string        $noun     of one, such as "trip"
     * @param string        $one      the same with its article
     * @param string        $order    how its list is sorted, in words
     * @param class-string  $document of one
     * @param class-string  $listed   of one on the list
     * @param list<Ability> $can
     * @param bool          $isOne    whether there is one at most
     * @param bool          $isAlways whether there is one before the first was stored
     */
    public function __construct(
        public string $name,
        public string $noun,
        public string $one,
        public string $order,
        public string $document,
        public string $listed,
        public array $can,
        public bool $isOne = false,
        public bool $isAlways = true,
    ) {
    }

    public function can(Ability $ability): bool
    {
        return \in_array($ability, $this->can, true);
    }
}
