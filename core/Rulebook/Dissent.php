<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\Build;
use Kontrast\Reading\School;

/**
 * What another school would have picked on one question today.
 */
final readonly class Dissent
{
    /**
     * @param array<string, list<Value>> $values what it picks where that differs, by slot value
     */
    public function __construct(public School $school, public array $values, public string $because, public Build $build)
    {
    }
}
