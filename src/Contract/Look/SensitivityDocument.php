<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Material\OpticalPart;
use Kontrast\Vision\Band;
use Kontrast\Vision\Sensitivity;
use OpenApi\Attributes as OA;

/** How sure the figures of a look are: what each comes to as the chosen constants move within their published spans. */
#[OA\Schema(schema: 'Sensitivity', additionalProperties: false)]
final readonly class SensitivityDocument
{
    /**
     * @param list<PartBandDocument> $parts
     * @param list<PairBandDocument> $pairs
     */
    private function __construct(
        public array $parts,
        public array $pairs,
    ) {
    }

    /**
     * @param list<OpticalPart>           $parts
     * @param list<array{string, string}> $pairs by part id
     */
    public static function of(Sensitivity $sensitivity, array $parts, array $pairs): self
    {
        $byId = [];
        foreach ($parts as $part) {
            $byId[$part->id] = $part;
        }

        return new self(
            array_map(static fn (OpticalPart $part): PartBandDocument => new PartBandDocument(
                $part->id,
                self::inches($sensitivity->sight($part)) ?? [],
                self::inches($sensitivity->flash($part)),
            ), $parts),
            array_map(static fn (array $pair): PairBandDocument => new PairBandDocument(
                $pair[0],
                $pair[1],
                self::inches($sensitivity->split($byId[$pair[0]], $byId[$pair[1]])) ?? [],
            ), $pairs),
        );
    }

    /** @return list<float>|null the least and the most */
    public static function inches(?Band $band): ?array
    {
        return null === $band ? null : [round($band->least->inInches(), 2), round($band->most->inInches(), 2)];
    }
}
