<?php

declare(strict_types=1);

namespace App\Contract\Constraint;

use Symfony\Component\Validator\Constraints\Regex;

/** A color as #rrggbb. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class Hex extends Regex implements Bound
{
    public function __construct()
    {
        parent::__construct(ColourOrWord::HEX, message: '{{ value }} is not a color. Write it as #rrggbb, with six hexadecimal digits.');
    }

    public function validatedBy(): string
    {
        return HexValidator::class;
    }

    public function schema(): array
    {
        return ['pattern' => '^#[0-9a-fA-F]{6}$'];
    }
}
