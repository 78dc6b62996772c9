<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Measure\Length;

/** What a distance comes to as the chosen constants of the model move within their published spans. */
final readonly class Band
{
    public function __construct(public Length $least, public Length $most)
    {
    }

    /**
     * From the least of some lengths to the most of others.
     *
     * @param non-empty-list<Length> $lengths
     */
    public static function over(array $lengths): self
    {
        $metres = array_map(static fn (Length $length): float => $length->inMetres(), $lengths);

        return new self(Length::metres(min($metres)), Length::metres(max($metres)));
    }
}
