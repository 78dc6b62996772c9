<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Advice\BuildDocument;
use App\Contract\Inventory\CompositionDocument;
use App\Contract\Look\LookPartDocument;
use Kontrast\Lure\Build;
use Kontrast\Material\BuildOptics;
use Kontrast\Material\OpticalPart;
use OpenApi\Attributes as OA;

/** A lure in the words and colors it is drawn with. */
#[OA\Schema(schema: 'DrawnBuild', additionalProperties: false)]
final readonly class DrawnBuildDocument
{
    /** @param list<LookPartDocument> $look_parts */
    public function __construct(
        public BuildDocument $build,
        public array $look_parts,
    ) {
    }

    public static function of(CompositionDocument $document): self
    {
        $build = $document->toComposition();

        return new self(
            BuildDocument::of($build->inWords()),
            array_map(static fn (OpticalPart $part): LookPartDocument => LookPartDocument::of($part), $build->asLightMeetsThem()),
        );
    }

    /** One that nobody has put together yet. */
    public static function inWords(Build $build): self
    {
        return new self(
            BuildDocument::of($build),
            array_map(static fn (OpticalPart $part): LookPartDocument => LookPartDocument::of($part), BuildOptics::parts($build)),
        );
    }
}
