<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** One field of a reading set to another value, by which a pick would come out otherwise. */
final readonly class NearestChange
{
    /**
     * @param string $field its name in a reading
     * @param string|float|bool|null $from as it stands; null where it was left out
     */
    public function __construct(public string $field, public string|float|bool|null $from, public string|float|bool $to)
    {
    }
}
