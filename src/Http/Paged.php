<?php

declare(strict_types=1);

namespace App\Http;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\OpenApi\CommonParameters;
use Symfony\Component\HttpFoundation\Request;

/** The part of a list that is asked for: everything where no limit is named. */
final readonly class Paged
{
    private function __construct(public ?int $limit, public ?string $after)
    {
    }

    /** @throws InvalidDocument */
    public static function of(Request $request): self
    {
        $query = $request->query->all();
        $limit = $query['limit'] ?? null;
        $after = $query['after'] ?? null;
        if (null !== $limit && !self::isLimit($limit)) {
            throw InvalidDocument::fault(
                'limit',
                \sprintf('A page has from 1 to %d entries.', CommonParameters::MOST_IN_A_PAGE),
                'not_in_range',
            );
        }
        if (null !== $after && (!\is_string($after) || null === $limit)) {
            throw InvalidDocument::fault(
                'after',
                '“after” needs the id of an entry, together with a limit.',
                Fault::NOT_ALLOWED,
            );
        }

        return new self(null === $limit ? null : (int) $limit, $after);
    }

    private static function isLimit(mixed $limit): bool
    {
        return \is_string($limit)
            && 1 === preg_match('/^\d{1,3}$/D', $limit)
            && (int) $limit >= 1
            && (int) $limit <= CommonParameters::MOST_IN_A_PAGE;
    }
}
