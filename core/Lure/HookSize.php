<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** A hook's size in aughts: 1/0 is the smallest used here, 5/0 the largest. */
final readonly class HookSize
{
    public const LEAST = 1;
    public const MOST = 5;

    private function __construct(public int $aught)
    {
    }

    public static function aught(int $aught): self
    {
        return $aught >= self::LEAST && $aught <= self::MOST
            ? new self($aught)
            : throw new \DomainException(\sprintf('Hook sizes run from %d/0 to %d/0; %d/0 is not one of '
                .'them.', self::LEAST, self::MOST, $aught));
    }

    public function label(): string
    {
        return $this->aught.'/0';
    }

    /** The size a label names, or null where it names none. */
    public static function labelled(string $label): ?self
    {
        foreach (self::all() as $size) {
            if ($size->label() === $label) {
                return $size;
            }
        }

        return null;
    }

    /** @return non-empty-list<self> smallest first */
    public static function all(): array
    {
        return array_map(static fn (int $aught): self => new self($aught), range(self::LEAST, self::MOST));
    }
}
