<?php

declare(strict_types=1);

namespace App\Contract\Scoring;

use App\Contract\Look\SignificantDigits;
use Kontrast\Scoring\Finding;
use OpenApi\Attributes as OA;

/** Something the model sees in a build, in plain words. */
#[OA\Schema(schema: 'Finding', additionalProperties: false)]
final readonly class FindingDocument
{
    public function __construct(
        #[OA\Property(description: 'pair, blade, skirt, trailer')]
        public string $about,
        public bool $as_wanted,
        #[OA\Property(description: '“{at}” stands for the distance.')]
        public string $text,
        public ?float $at_in,
    ) {
    }

    public static function of(Finding $finding): self
    {
        return new self(
            $finding->about,
            $finding->asWanted,
            $finding->text,
            null === $finding->at ? null : SignificantDigits::round($finding->at->inInches()),
        );
    }
}
