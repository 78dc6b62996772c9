<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Lure\Build;
use Kontrast\Lure\LureSet;
use Kontrast\Rulebook\Engine;

/**
 * What a stint is counted under: the level of each factor, the water and light it is comparable in, and the schools that would have tied
 * that lure on. Worked out once, when it is noted.
 */
final readonly class StintLevels
{
    /** Counts up with what is worked out here; older ones are worked out again. */
    public const VERSION = 4;
    /** The level of a part that a lure does without. */
    public const NONE = 'none';
    /** What a fish sees of a lure first. */
    public const LOOKS = [Factor::Finish, Factor::Skirt, Factor::Trailer, Factor::Style, Factor::Lure];

    /**
     * @param array<string, string>       $levels  by factor, those that are known; the hour comes from the clock
     * @param string|null                 $stratum water and light that were alike; null where nobody looked
     * @param array<string, list<string>> $schools by question, where its schools part here: those that would have tied this
     */
    private function __construct(public array $levels, public ?string $stratum, public array $schools)
    {
    }

    /** @param float|null $sunHeight degrees when it began, negative under the horizon; null where nobody knows */
    public static function of(Build $build, SeenWater $seen, ?float $sunHeight, Engine $engine): self
    {
        $levels = [
            ...self::looks($build),
            Factor::Pairing->value => PairedColours::judge($build->skirt, $build->trailer)->value ?? self::NONE,
            Factor::Set->value => self::set($build),
            Factor::Weight->value => $build->head->weight->label(),
            Factor::Clarity->value => $seen->clarity()?->value,
            Factor::Sky->value => $seen->sky?->value,
            Factor::Tint->value => $seen->tint?->value,
            Factor::Bank->value => $seen->bank?->value,
            Factor::Season->value => $seen->season->value,
            Factor::Sun->value => SunBand::of($sunHeight)->value,
        ];
        $schools = null === $seen->whole ? [] : (new SchoolsOfBuild($engine))->find($build, $seen->whole);

        return new self(array_filter($levels, \is_string(...)), $seen->stratum(), $schools);
    }

    private static function set(Build $build): string
    {
        $finish = $build->rearBlade()?->finish;

        return null === $finish ? self::NONE : LureSet::of($finish, $build->skirt?->base)->value;
    }

    /** @return array<string, string> the LOOKS of a lure, by factor */
    public static function looks(Build $build): array
    {
        return [
            Factor::Finish->value => $build->rearBlade()?->finish->value ?? self::NONE,
            Factor::Skirt->value => $build->skirt->base->value ?? self::NONE,
            Factor::Trailer->value => $build->trailer->base->value ?? self::NONE,
            Factor::Style->value => $build->trailer->style->value ?? self::NONE,
            Factor::Lure->value => $build->kind->value,
        ];
    }

    /** @return array<string, mixed> as it is stored beside the stint */
    public function toArray(): array
    {
        return ['v' => self::VERSION, 'levels' => $this->levels, 'stratum' => $this->stratum, 'schools' => $this->schools];
    }
}
