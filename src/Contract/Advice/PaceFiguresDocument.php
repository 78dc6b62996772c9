<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\Pace;
use OpenApi\Attributes as OA;

/** A figure for each pace of a retrieve. */
#[OA\Schema(schema: 'PaceFigures', additionalProperties: false)]
final readonly class PaceFiguresDocument
{
    public function __construct(public float $slow, public float $medium, public float $fast)
    {
    }

    /** @param callable(Pace): float $at */
    public static function of(callable $at): self
    {
        $rounded = static fn (Pace $pace): float => round($at($pace), 2);

        return new self($rounded(Pace::Slow), $rounded(Pace::Medium), $rounded(Pace::Fast));
    }
}
