<?php

declare(strict_types=1);

namespace App\Contract\Vocabulary;

use App\Contract\Constraint\HookLabel;
use App\Contract\Constraint\Name;
use App\Contract\OpenApi\CommonParameters;
use App\Contract\Reading\ReadingDocument;
use App\Contract\Scoring\ShoppingRequestDocument;
use App\Contract\Settings\Currency;
use App\Contract\Settings\SettingsBounds;
use App\Contract\Settings\Theme;
use App\Contract\Trip\TripPackDocument;
use Kontrast\BuildSheet\Batch;
use Kontrast\BuildSheet\Task;
use Kontrast\Inventory\Money;
use Kontrast\Inventory\PartBounds;
use Kontrast\Inventory\PartKind;
use Kontrast\Inventory\Plastic;
use Kontrast\Inventory\StarterSet;
use Kontrast\Lure\AccentShare;
use Kontrast\Lure\Arm;
use Kontrast\Lure\BellyShape;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\Colour;
use Kontrast\Lure\ColourLayout;
use Kontrast\Lure\Finish;
use Kontrast\Lure\HeadForm;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\Intent;
use Kontrast\Lure\Keeper;
use Kontrast\Lure\Line;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\LureSet;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Pace;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\Profile;
use Kontrast\Lure\RetrieveName;
use Kontrast\Lure\Rig;
use Kontrast\Lure\RodAction;
use Kontrast\Lure\RodPower;
use Kontrast\Lure\Run;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Strands;
use Kontrast\Lure\Surface;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Material\BuildOptics;
use Kontrast\Material\Fluorescence;
use Kontrast\Material\Metal;
use Kontrast\Material\Palette;
use Kontrast\Material\PartPlace;
use Kontrast\Measure\Units;
use Kontrast\Reading\Bank;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Goal;
use Kontrast\Reading\LureChoice;
use Kontrast\Reading\ReadingBounds;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Firmness;
use Kontrast\Rulebook\SchoolQuestion;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Symptom;
use Kontrast\Rulebook\Trust;
use Kontrast\Scoring\ScoredTrait;
use Kontrast\Trip\TripPlan;
use Kontrast\Vision\BassEye;
use Kontrast\Vision\Separation;

/** The words, labels, bounds and colors of the core as a TypeScript module, so that the front end has none of its own. */
final class Vocabulary
{
    /** Enumerations of the core and the documents, by the name they have in TypeScript. */
    public const ENUMS = [
        'LureKind' => LureKind::class, 'LureChoice' => LureChoice::class, 'Goal' => Goal::class, 'Firmness' => Firmness::class,
        'Strands' => Strands::class, 'Rig' => Rig::class, 'BellyShape' => BellyShape::class, 'RetrieveName' => RetrieveName::class,
        'Pace' => Pace::class, 'Line' => Line::class, 'Symptom' => Symptom::class,
        'Tint' => Tint::class, 'Sky' => Sky::class, 'Wind' => Wind::class, 'Season' => Season::class,
        'Cover' => Cover::class, 'CoverDensity' => CoverDensity::class, 'Run' => Run::class, 'Forage' => Forage::class,
        'Bite' => Bite::class,
        'Bass' => Bass::class, 'Arm' => Arm::class, 'Colour' => Colour::class, 'Finish' => Finish::class, 'BladeShape' => BladeShape::class,
        'TrailerStyle' => TrailerStyle::class, 'SkirtMaterial' => SkirtMaterial::class, 'Trim' => Trim::class, 'Opacity' => Opacity::class,
        'Surface' => Surface::class, 'HeadMaterial' => HeadMaterial::class, 'Metal' => Metal::class, 'Fluorescence' => Fluorescence::class,
        'Plastic' => Plastic::class, 'PartKind' => PartKind::class, 'PartPlace' => PartPlace::class, 'Intent' => Intent::class,
        'Pairing' => Pairing::class, 'Profile' => Profile::class, 'Separation' => Separation::class,
        'SchoolQuestion' => SchoolQuestion::class,
        'Pick' => Slot::class, 'ScoredTrait' => ScoredTrait::class, 'Task' => Task::class, 'Theme' => Theme::class, 'Units' => Units::class,
        'Currency' => Currency::class, 'StarterSet' => StarterSet::class,
        'AccentShare' => AccentShare::class, 'ColourLayout' => ColourLayout::class, 'HeadForm' => HeadForm::class,
        'Keeper' => Keeper::class, 'LureSet' => LureSet::class, 'RodPower' => RodPower::class, 'RodAction' => RodAction::class,
        'DirtySchool' => DirtySchool::class, 'Bank' => Bank::class,
    ];
    /** Their words mean one thing only beside their own question, so they stay out of the list of all labels. */
    private const APART = [
        'Goal', 'LureChoice', 'BellyShape', 'Symptom', 'Tint', 'Pick', 'ScoredTrait', 'PartPlace', 'Task', 'SchoolQuestion', 'Theme',
        'Units', 'Currency', 'PartKind', 'StarterSet', 'AccentShare', 'ColourLayout', 'HeadForm', 'Keeper',
    ];

    public function typeScript(): string
    {
        $lines = ['// Made by ./kontrast schema from the enumerations and constants of the core. Change those, not this.', ''];
        foreach (self::ENUMS as $name => $enum) {
            array_push($lines, ...self::wordsOf($name, $enum::cases()));
        }
        foreach (self::values() as $name => [$type, $value]) {
            $lines[] = \sprintf(
                'export const %s%s = %s',
                $name,
                '' === $type ? '' : ": $type",
                self::json($value).('' === $type ? ' as const' : ''),
            );
        }

        return implode("\n", $lines)."\n";
    }

    /**
     * @param list<\BackedEnum> $cases
     *
     * @return array{string, string} the lines that state the words of an enumeration and their type
     */
    public static function wordsOf(string $name, array $cases): array
    {
        $constant = strtoupper((string) preg_replace('/(?<!^)[A-Z]/', '_$0', $name)).'S';

        return [
            \sprintf('export const %s = %s as const', $constant, self::json(array_map(self::value(...), $cases))),
            \sprintf('export type %s = (typeof %s)[number]', $name, $constant),
        ];
    }

    /** @return array<string, array{string, mixed}> type and value by name; the value itself tells the type where it is empty */
    private static function values(): array
    {
        return [
            'LABELS' => ['Record<string, string>', self::labels()],
            'TINT_LABELS' => ['Record<Tint, string>', self::labelsOf(Tint::cases())],
            'PICK_LABELS' => ['Record<Pick, string>', self::labelsOf(Slot::cases())],
            'PICK_PARTS' => ['Record<Pick, string>', self::parts()],
            'GOAL_LABELS' => ['Record<Goal, string>', self::labelsOf(Goal::cases())],
            'BELLY_SHAPE_LABELS' => ['Record<BellyShape, string>', self::labelsOf(BellyShape::cases())],
            'SYMPTOM_LABELS' => ['Record<Symptom, string>', self::labelsOf(Symptom::cases())],
            'PART_KIND_LABELS' => ['Record<PartKind, string>', self::labelsOf(PartKind::cases())],
            'TRAIT_LABELS' => ['Record<ScoredTrait, string>', self::labelsOf(ScoredTrait::cases())],
            'ACCENT_SHARE_OF' => [
                'Record<AccentShare, number>',
                array_combine(
                    array_map(static fn (AccentShare $share): string => $share->value, AccentShare::cases()),
                    array_map(static fn (AccentShare $share): float => round($share->share(), 3), AccentShare::cases()),
                ),
            ],
            'COLOUR_HEX' => ['Record<Colour, string>', self::map(Colour::cases(), Palette::hex(...))],
            'COLOUR_GLOW' => [
                'Record<Colour, Fluorescence>',
                self::map(Colour::cases(), static fn (Colour $c): string => Palette::fluorescence($c)->value),
            ],
            'FINISH_HEX' => ['Record<Finish, string>', self::map(Finish::cases(), Palette::finish(...))],
            'DARKENED_HEX' => ['', Palette::DULLED],
            'STEEL_HEX' => ['', BuildOptics::STEEL],
            'HOOK_SIZES' => ['', HookLabel::labels()],
            'OPACITIES' => ['', ['opaque' => 1.0, 'translucent' => BuildOptics::TRANSLUCENT, 'leastOpaque' => Opacity::LEAST_OPAQUE]],
            'LIMITS' => ['', [
                'lostBelow' => BassEye::THRESHOLD,
                'oneUpTo' => Separation::MOST_ONE,
                'closeUpTo' => Separation::MOST_TONAL,
                'twoUpTo' => Separation::MOST_TWO_TONE,
            ]],
            'BOUNDS' => ['', self::bounds()],
            'TRUST_PICKS' => ['readonly Pick[]', array_map(self::value(...), Trust::PICKS)],
            'USUAL_MOODS' => ['Record<Bite, number>', array_combine(
                array_map(static fn (Bite $bite): string => $bite->value, TripPlan::BITES),
                TripPlan::MOODS,
            )],
            'STARTING_READING' => ['', ReadingDocument::STARTING],
            'PACK_VERSION' => ['', TripPackDocument::VERSION],
        ];
    }

    /** @return array<string, int> */
    private static function bounds(): array
    {
        return [
            'mostVisibilityIn' => ReadingBounds::MOST_VISIBILITY_IN,
            'mostSunElevationDeg' => ReadingBounds::MOST_SUN_ELEVATION_DEG,
            'leastSurfaceF' => ReadingBounds::LEAST_SURFACE_F,
            'mostSurfaceF' => ReadingBounds::MOST_SURFACE_F,
            'mostTrendF' => ReadingBounds::MOST_TREND_F,
            'mostDepthFt' => ReadingBounds::MOST_DEPTH_FT,
            'mostForageIn' => ReadingBounds::MOST_FORAGE_IN,
            'mostCount' => PartBounds::MOST_COUNT,
            'mostAccents' => PartBounds::MOST_ACCENTS,
            'mostBelly' => PartBounds::MOST_BELLY,
            'mostWeightOz' => PartBounds::MOST_WEIGHT_OZ,
            'mostLengthIn' => PartBounds::MOST_LENGTH_IN,
            'mostMoney' => Money::MOST,
            'mostName' => Name::MOST,
            'leastBlade' => BladeSize::LEAST,
            'mostBlade' => BladeSize::MOST,
            'mostBuilds' => Batch::MOST_BUILDS,
            'mostOfOneBuild' => Batch::MOST_OF_ONE,
            'mostGearRatio' => SettingsBounds::MOST_GEAR_RATIO,
            'mostSpoolIn' => SettingsBounds::MOST_SPOOL_IN,
            'mostShoppingReadings' => ShoppingRequestDocument::MOST_READINGS,
            'mostInAPage' => CommonParameters::MOST_IN_A_PAGE,
        ];
    }

    /** @return array<string, string> every word of a document as it is called on screen, where it is called otherwise */
    private static function labels(): array
    {
        $labels = [];
        foreach (array_diff_key(self::ENUMS, array_flip(self::APART)) as $enum) {
            foreach ($enum::cases() as $case) {
                $label = method_exists($case, 'label') ? $case->label() : null;
                if (\is_string($label) && $label !== $case->value) {
                    $labels[$case->value] = $label;
                }
            }
        }

        return $labels;
    }

    /** @return array<string, string> */
    private static function parts(): array
    {
        return self::map(Slot::cases(), static fn (Slot $slot): string => $slot->part());
    }

    /**
     * @param list<Tint>|list<Goal>|list<BellyShape>|list<Symptom>|list<Slot>|list<ScoredTrait>|list<PartKind> $cases
     *
     * @return array<string, string>
     */
    private static function labelsOf(array $cases): array
    {
        return self::map($cases, static fn (Tint|Goal|BellyShape|Symptom|Slot|ScoredTrait|PartKind $case): string => $case->label());
    }

    /**
     * @template T of \BackedEnum
     *
     * @param list<T>             $cases
     * @param callable(T): string $of
     *
     * @return array<string, string>
     */
    private static function map(array $cases, callable $of): array
    {
        $map = [];
        foreach ($cases as $case) {
            $map[(string) $case->value] = $of($case);
        }

        return $map;
    }

    private static function value(\BackedEnum $case): int|string
    {
        return $case->value;
    }

    public static function json(mixed $value): string
    {
        return json_encode($value, \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR);
    }
}
