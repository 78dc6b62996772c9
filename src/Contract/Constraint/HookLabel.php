<?php

declare(strict_types=1);

namespace App\Contract\Constraint;

use Kontrast\Lure\HookSize;
use Symfony\Component\Validator\Constraints\Choice;
use Symfony\Component\Validator\Constraints\ChoiceValidator;

/** A hook size as it is written: 3/0. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class HookLabel extends Choice implements Bound
{
    public function __construct()
    {
        parent::__construct(
            callback: self::labels(...),
            message: '{{ value }} is not a hook size. Allowed: '.implode(', ', self::labels()).'.',
        );
    }

    /** @return list<string> */
    public static function labels(): array
    {
        return array_map(static fn (HookSize $size): string => $size->label(), HookSize::all());
    }

    public function validatedBy(): string
    {
        return ChoiceValidator::class;
    }

    public function schema(): array
    {
        return ['enum' => [...self::labels(), null]];
    }
}
