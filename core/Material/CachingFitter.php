<?php

declare(strict_types=1);

namespace Kontrast\Material;

/**
 * Fits each color once: an inventory has far fewer colors than parts, and a fit takes as long as judging a hundred pairs.
 * What it knows can be handed to the next one.
 */
final class CachingFitter implements ReflectanceFitter
{
    private const MOST_KEPT = 8192;

    /** @var array<string, SigmoidReflectance> by the color's channels */
    private array $fitted = [];

    /** @param array<string, array{float, float, float}> $known as coefficients() of another one gave them */
    public function __construct(private readonly ReflectanceFitter $inner, array $known = [])
    {
        $this->fitted = array_map(SigmoidReflectance::of(...), $known);
    }

    public function fit(Srgb $colour): SigmoidReflectance
    {
        $key = $colour->red.' '.$colour->green.' '.$colour->blue;
        if (!isset($this->fitted[$key]) && \count($this->fitted) >= self::MOST_KEPT) {
            $this->fitted = [];
        }

        return $this->fitted[$key] ??= $this->inner->fit($colour);
    }

    /** @return array<string, array{float, float, float}> every fit known so far, by the color's channels */
    public function coefficients(): array
    {
        return array_map(static fn (SigmoidReflectance $fit): array => $fit->coefficients, $this->fitted);
    }
}
