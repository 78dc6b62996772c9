<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\TrailerStyle;

/** One way in which the fish may think of lures: how many times its score each is worth. */
final class Draw
{
    /** @var array<string, float> by factor and level */
    private array $times = [];

    /**
     * @param array<string, float> $spreads by factor
     * @param string               $seed    of the draw: the same draws the same
     * @param 1|-1                 $side    to which it leans
     */
    public function __construct(private readonly array $spreads, private readonly string $seed, private readonly int $side)
    {
    }

    public function body(LureKind $kind, ?Colour $skirt, ?Finish $finish): float
    {
        return $this->of('lure', $kind->value)
            * (null === $skirt ? 1.0 : $this->of('skirt', $skirt->value))
            * (null === $finish ? 1.0 : $this->of('finish', $finish->value));
    }

    public function trailer(?Colour $colour, ?TrailerStyle $style): float
    {
        return (null === $colour ? 1.0 : $this->of('trailer', $colour->value))
            * (null === $style ? 1.0 : $this->of('style', $style->value));
    }

    private function of(string $factor, string $level): float
    {
        return $this->times["$factor $level"] ??= $this->draw($factor, $level);
    }

    /** By the name of what is drawn, so that it is the same in whatever order it is asked for (Box & Muller). */
    private function draw(string $factor, string $level): float
    {
        $share = static fn (string $name): float => (hexdec(hash('xxh32', $name)) + 1) / (2 ** 32 + 1);
        $name = "$this->seed $factor $level";
        $normal = sqrt(-2 * log($share("$name a"))) * cos(2 * \M_PI * $share("$name b"));
        $spread = $this->spreads[$factor];

        return exp($spread * $this->side * $normal - $spread ** 2 / 2);
    }
}
