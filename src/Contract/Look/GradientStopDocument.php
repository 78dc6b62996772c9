<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Vision\Eyes;
use Kontrast\Water\Spectrum;
use OpenApi\Attributes as OA;

/** The water at one height of a picture, as each eye takes it. */
#[OA\Schema(schema: 'GradientStop', additionalProperties: false)]
final readonly class GradientStopDocument
{
    public function __construct(
        #[OA\Property(description: 'Degrees above level; from below, degrees from straight up.')]
        public int $angle_deg,
        public string $person,
        public string $camera,
        #[OA\Property(description: 'With the exposure.')]
        public string $bass,
    ) {
    }

    public static function of(int $angle, Spectrum $light, Eyes $eyes): self
    {
        $shown = $eyes->see($light);

        return new self($angle, $shown->person->toHex(), $shown->camera->toHex(), $shown->bassExposed->toHex());
    }
}
