<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Material\Srgb;
use Kontrast\Vision\Shown;
use OpenApi\Attributes as OA;

/** One of the three tones that give a part its volume, at each distance of the scene, as each eye takes it. */
#[OA\Schema(schema: 'Tone', additionalProperties: false)]
final readonly class ToneDocument
{
    /**
     * @param list<string> $person
     * @param list<string> $camera
     * @param list<string> $bass
     * @param list<string|null>|null $person_wide
     */
    public function __construct(
        public array $person,
        public array $camera,
        #[OA\Property(description: 'With the exposure.')]
        public array $bass,
        #[OA\Property(
            description: 'For a screen of a wide gamut: channels of Display P3 where sRGB has not the color, else null.',
        )]
        public ?array $person_wide = null,
    ) {
    }

    /** @param list<Shown> $shown */
    public static function of(array $shown): self
    {
        $wide = array_map(static fn (Shown $one): ?string => $one->wide?->toHex(), $shown);

        return new self(
            self::colours($shown, static fn (Shown $one): Srgb => $one->person),
            self::colours($shown, static fn (Shown $one): Srgb => $one->camera),
            self::colours($shown, static fn (Shown $one): Srgb => $one->bassExposed),
            [] === array_filter($wide, static fn (?string $one): bool => null !== $one) ? null : $wide,
        );
    }

    /**
     * @param list<Shown>           $shown
     * @param callable(Shown): Srgb $of
     *
     * @return list<string>
     */
    public static function colours(array $shown, callable $of): array
    {
        return array_map(static fn (Shown $one): string => $of($one)->toHex(), $shown);
    }
}
