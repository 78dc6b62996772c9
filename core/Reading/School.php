<?php

declare(strict_types=1);

namespace Kontrast\Reading;

/**
 * One answer to a question on which the trade disagrees (D1 to D14); the first of each is the default.
 *
 * @property string $value
 */
interface School extends \BackedEnum
{
    public function label(): string;
}
