<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\Build;

/**
 * What another school would have picked on one question today.
 *
 * @phpstan-import-type School from Rule
 */
final readonly class Dissent
{
    /**
     * @param School                     $school
     * @param array<string, list<Value>> $values what it picks where that differs, by slot value
     */
    public function __construct(public \BackedEnum $school, public array $values, public string $because, public Build $build)
    {
    }
}
