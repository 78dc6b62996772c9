<?php

declare(strict_types=1);

namespace App\Contract\Release;

use OpenApi\Attributes as OA;

/** Which program this is. */
#[OA\Schema(schema: 'Release', additionalProperties: false)]
final readonly class ReleaseDocument
{
    /** What a program that nobody released calls itself where its folder is no checkout. */
    public const UNRELEASED = 'development';

    /** @param list<string> $news */
    public function __construct(
        #[OA\Property(description: 'By the tag, or by the moment of the commit.')]
        public string $version,
        #[OA\Property(description: 'The commit it was made of; empty where that is not known.')]
        public string $commit,
        #[OA\Property(description: 'The day of that commit; empty where that is not known.')]
        public string $date,
        #[OA\Property(description: 'What is new in it, a line each.')]
        public array $news,
    ) {
    }

    public static function unreleased(): self
    {
        return new self(self::UNRELEASED, '', '', []);
    }
}
