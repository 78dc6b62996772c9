<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** One rule's word on one value of one question; negative where it speaks against the value. */
final readonly class Vote
{
    public function __construct(public Rule $rule, public Value $value, public float $strength, public float $count)
    {
    }
}
