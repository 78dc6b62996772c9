<?php

declare(strict_types=1);

namespace App\Contract\Reading;

use App\Contract\Reader\Shorthand;
use App\Contract\Reader\Sparse;
use Kontrast\Lure\LureKind;
use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\Schools;
use OpenApi\Attributes as OA;

/** The base color of dirty water for each kind of lure; one left out gets what is usual for it there. A word alone is for all of them. */
#[OA\Schema(schema: 'DirtyBase', additionalProperties: false)]
final readonly class DirtyBaseDocument implements Shorthand, Sparse
{
    public function __construct(
        public ?DirtySchool $jig = null,
        public ?DirtySchool $swim_jig = null,
        public ?DirtySchool $spinnerbait = null,
        public ?DirtySchool $bladed_jig = null,
    ) {
    }

    /** What was said for any kind of lure; null where nothing was. */
    public static function said(Schools $schools): ?self
    {
        $said = [];
        foreach (LureKind::cases() as $kind) {
            $said[$kind->value] = $schools->dirtyFor($kind);
        }

        return [] === array_filter($said) ? null : new self(...$said);
    }

    /** @return array<string, DirtySchool> by kind of lure, those that were said */
    public function schools(): array
    {
        return array_filter($this->byLure(), static fn (?DirtySchool $school): bool => null !== $school);
    }

    /** @return array<string, DirtySchool|null> */
    private function byLure(): array
    {
        return [
            LureKind::Jig->value => $this->jig,
            LureKind::SwimJig->value => $this->swim_jig,
            LureKind::Spinnerbait->value => $this->spinnerbait,
            LureKind::BladedJig->value => $this->bladed_jig,
        ];
    }

    public static function words(): array
    {
        return array_map(static fn (DirtySchool $school): string => $school->value, DirtySchool::cases());
    }

    public static function inFull(string $word): array
    {
        return array_fill_keys(array_map(static fn (LureKind $kind): string => $kind->value, LureKind::cases()), $word);
    }

    public function word(): ?string
    {
        foreach (DirtySchool::cases() as $school) {
            if ([] === array_filter($this->byLure(), static fn (?DirtySchool $one): bool => $one !== $school)) {
                return $school->value;
            }
        }

        return null;
    }
}
