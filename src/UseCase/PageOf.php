<?php

declare(strict_types=1);

namespace App\UseCase;

/** Some of a list, and where the next ones start. */
final readonly class PageOf
{
    /**
     * @param list<object> $documents
     * @param string|null  $next      the id behind which the rest begins; null at the end
     */
    public function __construct(public array $documents, public ?string $next)
    {
    }
}
