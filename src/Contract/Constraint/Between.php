<?php

declare(strict_types=1);

namespace App\Contract\Constraint;

use Kontrast\Measure\Said;
use Symfony\Component\Validator\Constraints\Range;
use Symfony\Component\Validator\Constraints\RangeValidator;

/** A number from one bound to another, both included. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class Between extends Range implements Bound
{
    /** @param string $what how the sentence begins: "A count" */
    public function __construct(int|float $min, int|float $max, string $what, string $unit = '')
    {
        parent::__construct(
            notInRangeMessage: \sprintf(
                '%s is not allowed here. %s runs from %s.',
                Said::of('{{ value }}', $unit),
                $what,
                Said::of('{{ min }} to {{ max }}', $unit),
            ),
            min: $min,
            max: $max,
        );
    }

    public function validatedBy(): string
    {
        return RangeValidator::class;
    }

    public function schema(): array
    {
        return ['minimum' => $this->min, 'maximum' => $this->max];
    }
}
