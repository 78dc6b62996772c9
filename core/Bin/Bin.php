<?php

declare(strict_types=1);

namespace Kontrast\Bin;

/** The parts at hand, by kind. */
final readonly class Bin
{
    /**
     * @param list<OwnedHead>    $heads
     * @param list<OwnedBlade>   $blades
     * @param list<OwnedSkirt>   $skirts
     * @param list<OwnedTrailer> $trailers
     * @param list<OwnedHook>    $hooks
     */
    public function __construct(public array $heads, public array $blades, public array $skirts, public array $trailers, public array $hooks)
    {
    }

    /** @param iterable<Owned> $parts */
    public static function of(iterable $parts): self
    {
        $of = [OwnedHead::class => [], OwnedBlade::class => [], OwnedSkirt::class => [], OwnedTrailer::class => [], OwnedHook::class => []];
        foreach ($parts as $part) {
            match (true) {
                $part instanceof OwnedHead => $of[OwnedHead::class][] = $part,
                $part instanceof OwnedBlade => $of[OwnedBlade::class][] = $part,
                $part instanceof OwnedSkirt => $of[OwnedSkirt::class][] = $part,
                $part instanceof OwnedTrailer => $of[OwnedTrailer::class][] = $part,
                $part instanceof OwnedHook => $of[OwnedHook::class][] = $part,
                default => null,
            };
        }

        return new self(...array_values($of));
    }

    /** The same with one slot narrowed to a single part. */
    public function only(OwnedHead|OwnedBlade|OwnedSkirt|OwnedTrailer|OwnedHook $part): self
    {
        return new self(
            $part instanceof OwnedHead ? [$part] : $this->heads,
            $part instanceof OwnedBlade ? [$part] : $this->blades,
            $part instanceof OwnedSkirt ? [$part] : $this->skirts,
            $part instanceof OwnedTrailer ? [$part] : $this->trailers,
            $part instanceof OwnedHook ? [$part] : $this->hooks,
        );
    }
}
