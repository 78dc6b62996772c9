<?php

declare(strict_types=1);

namespace App\Contract\Constraint;

use Kontrast\Inventory\PartBounds;
use Symfony\Component\Validator\Constraint;

/** The name something is known by: not blank, and not endless. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class Name extends Constraint implements Bound
{
    public const MOST = PartBounds::MOST_NAME;
    public const BLANK = 'is_blank';
    public const LONG = 'too_long';

    /** @param string $what how the sentence begins: "A water" */
    public function __construct(public readonly string $what)
    {
        parent::__construct();
    }

    public function schema(): array
    {
        return ['minLength' => 1, 'maxLength' => self::MOST];
    }
}
