<?php

declare(strict_types=1);

namespace App\Contract\Constraint;

use Kontrast\Measure\Said;
use Symfony\Component\Validator\Constraint;

/** A number above one bound and up to another. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class Above extends Constraint implements Bound
{
    public const CODE = 'not_in_range';

    public readonly string $message;

    /** @param string $what how the sentence begins: "Depth" */
    public function __construct(public readonly int|float $above, public readonly int|float $most, string $what, string $unit = '')
    {
        parent::__construct();
        $said = static fn (string $number): string => Said::of($number, $unit);
        $this->message = \sprintf(
            '%s is not allowed here. %s has to be above %s and at most %s.',
            $said('{{ value }}'),
            $what,
            $said((string) $above),
            $said((string) $most),
        );
    }

    public function schema(): array
    {
        return ['exclusiveMinimum' => $this->above, 'maximum' => $this->most];
    }
}
