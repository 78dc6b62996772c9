<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Constraint\Above;
use App\Contract\Reader\Shorthand;
use Kontrast\Reading\Cover;
use OpenApi\Attributes as OA;

/** How much of the day is fished in which cover; shares are taken relative to each other. A word alone has a whole share. */
#[OA\Schema(schema: 'CoverShare', additionalProperties: false)]
final readonly class CoverShareDocument implements Shorthand
{
    private const WHOLE = 1.0;

    public function __construct(
        public Cover $cover,
        #[Above(0, 1, 'A share')]
        public float $share = self::WHOLE,
    ) {
    }

    public static function words(): array
    {
        return array_map(static fn (Cover $cover): string => $cover->value, Cover::cases());
    }

    public static function inFull(string $word): array
    {
        return ['cover' => $word];
    }

    public function word(): ?string
    {
        return self::WHOLE === $this->share ? $this->cover->value : null;
    }
}
