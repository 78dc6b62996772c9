<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use App\Contract\Advice\BuildDocument;
use App\Contract\Look\LookPartDocument;
use App\Contract\Look\SceneDocument;
use App\Contract\Outing\DrawnBuildDocument;
use Kontrast\Lure\Build;
use Kontrast\Material\BuildOptics;
use Kontrast\Reading\Reading;
use Kontrast\Vision\ContrastCurves;
use Kontrast\Vision\Viewing;
use OpenApi\Attributes as OA;

/** A lure with all it takes to draw it in one water. */
#[OA\Schema(schema: 'DrawnLure', additionalProperties: false)]
final readonly class DrawnLureDocument
{
    /** @param list<LookPartDocument> $look_parts */
    public function __construct(public BuildDocument $build, public array $look_parts, public SceneDocument $scene)
    {
    }

    public static function of(Build $build, Reading $reading, Viewing $viewing): self
    {
        $drawn = DrawnBuildDocument::inWords($build);
        $parts = BuildOptics::parts($build);

        return new self(
            $drawn->build,
            $drawn->look_parts,
            SceneDocument::of(ContrastCurves::of($viewing, $reading, $parts, BuildOptics::pairs($parts))),
        );
    }
}
