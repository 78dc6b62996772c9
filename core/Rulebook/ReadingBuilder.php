<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\Arm;
use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Run;
use Kontrast\Measure\Length;
use Kontrast\Measure\Temperature;
use Kontrast\Measure\TemperatureChange;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Goal;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\Reading;
use Kontrast\Reading\RedSpringSchool;
use Kontrast\Reading\School;
use Kontrast\Reading\Schools;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Random\Randomizer;

/** A reading in the making: what conditions ask of it is written in, the rest falls as the dice will. */
final class ReadingBuilder
{
    /** Where numbers may fall, by field, in the field's own unit. */
    private const DOMAINS = [
        'visibility_in' => [2, 120],
        'depth_ft' => [1, 40],
        'surface_f' => [34, 88],
        'trend_f' => [-6, 8],
        'forage_in' => [1.5, 7],
    ];

    /** @var array<string, \BackedEnum|null> */
    private array $words;
    /** @var array<string, float|null> */
    private array $numbers;
    /** @var list<Colour> */
    private array $seen = [];
    /** @var list<Forage> */
    private array $also = [];
    private bool $redCrawfish = false;
    private bool $schooling = false;
    private bool $leadFree = false;
    private Schools $schools;

    /**
     * @param bool           $odd   settles for conditions half met, and for schools other than the usual
     * @param list<LureKind> $kinds empty for all
     */
    public function __construct(private readonly Randomizer $dice, private readonly Rulebook $book, public readonly bool $odd, array $kinds)
    {
        $this->schools = $odd ? $this->anySchools() : new Schools();
        $this->words = [
            'lure' => $this->oneOf([] === $kinds ? LureKind::cases() : $kinds),
            'tint' => $this->oneOf(Tint::cases()),
            'sky' => $this->oneOf(Sky::cases()),
            'wind' => $this->oneOf(Wind::cases()),
            'season' => $this->oneOf(Season::cases()),
            'cover' => $this->oneOf(Cover::cases()),
            'cover_density' => $this->oneOf([CoverDensity::Sparse, CoverDensity::Normal, CoverDensity::Normal, CoverDensity::Heavy]),
            'forage' => $this->oneOf(Forage::cases()),
            'bite' => $this->oneOf([Bite::Normal, Bite::Normal, ...Bite::cases()]),
            'bass' => $this->oneOf([Bass::Largemouth, Bass::Largemouth, ...Bass::cases()]),
            'run' => $this->oneOf([null, ...Run::cases()]),
            'goal' => $this->oneOf([Goal::Any, Goal::Any, ...Goal::cases()]),
            'arm' => $this->oneOf([Arm::Long, Arm::Long, Arm::Long, Arm::Short]),
        ];
        $this->numbers = ['trend_f' => 0.0, 'forage_in' => $this->oneOf([null, 3.5, 2.0, 5.0])];
        foreach (['visibility_in', 'depth_ft', 'surface_f'] as $field) {
            $this->number($field, null, null);
        }
    }

    public function set(string $field, \BackedEnum $word): void
    {
        $this->words[$field] = $word;
    }

    public function hold(School $school): void
    {
        $this->schools = $this->schools->with($school);
    }

    /** A number between two bounds, and within what the field allows; an open bound lies at the field's own. */
    public function number(string $field, ?float $least, ?float $most): void
    {
        [$bottom, $top] = self::DOMAINS[$field];
        $least = max($least ?? $bottom, $bottom);
        $most = max(min($most ?? $top, $top), $least);
        $share = $this->dice->getInt(0, 1000) / 1000;
        // Over a wide span of lengths a tenth more counts the same at either end.
        $this->numbers[$field] = $least > 0 && $most > 4 * $least
            ? $least * ($most / $least) ** $share
            : $least + ($most - $least) * $share;
    }

    /** @param string $field a flag as conditions name it, such as "forage_colours:blue" */
    public function flag(string $field, bool $is): void
    {
        [$name, $of] = [...explode(':', $field), ''];
        match ($name) {
            'red_crawfish' => $this->redCrawfish = $is,
            'schooling' => $this->schooling = $is,
            'lead_free' => $this->leadFree = $is,
            'surface_f' => $is ? $this->numbers['surface_f'] = null : $this->number('surface_f', null, null),
            'forage_colours' => $this->see('none' === $of ? null : Colour::from($of), $is),
            'forage_also' => $this->alsoEating(Forage::from($of), $is),
            'trend_f' => $is ? $this->numbers['trend_f'] = null : $this->number('trend_f', null, null),
            'forage_in' => $is ? $this->numbers['forage_in'] = null : $this->number('forage_in', null, null),
            'schools.dirty' => $this->hold($is ? DirtySchool::from($of) : $this->otherThan(DirtySchool::from($of))),
            'schools.red_spring' => $this->hold($is ? RedSpringSchool::from($of) : $this->otherThan(RedSpringSchool::from($of))),
            'schools.pairing' => $this->hold($is ? PairingSchool::from($of) : $this->otherThan(PairingSchool::from($of))),
            default => throw new \LogicException("Nothing is known of the flag $field."),
        };
    }

    /**
     * Asks for what a rule that picks one of these asks for.
     *
     * @param list<Value> $values
     */
    public function leanTowards(Slot $slot, array $values): void
    {
        $kind = $this->words['lure'];
        \assert($kind instanceof LureKind);
        $rules = $this->book->picking($kind, $slot, $this->oneOf($values));
        if ([] !== $rules) {
            $this->satisfyRule($this->oneOf($rules));
        }
    }

    /** Makes a rule speak, as far as a draft can. */
    public function satisfyRule(Rule $rule): void
    {
        foreach ($rule->conditions as $condition) {
            $condition->meet($this);
        }
        if ([] !== $rule->schools) {
            $this->hold($this->oneOf($rule->schools));
        }
    }

    /**
     * @template T
     *
     * @param list<T> $of
     *
     * @return T
     */
    public function oneOf(array $of): mixed
    {
        return $of[$this->dice->getInt(0, \count($of) - 1)];
    }

    public function reading(): Reading
    {
        $length = fn (string $field): ?Length => null === $this->numbers[$field] ? null : Length::inches(round($this->numbers[$field], 1));

        return new Reading(
            lure: $this->word('lure', LureKind::class),
            visibility: $length('visibility_in') ?? throw new \LogicException('A draft always has a visibility.'),
            tint: $this->word('tint', Tint::class),
            sky: $this->word('sky', Sky::class),
            wind: $this->word('wind', Wind::class),
            depth: Length::feet(round($this->numbers['depth_ft'] ?? 4, 1)),
            season: $this->word('season', Season::class),
            cover: $this->word('cover', Cover::class),
            coverDensity: $this->word('cover_density', CoverDensity::class),
            forage: $this->word('forage', Forage::class),
            bite: $this->word('bite', Bite::class),
            bass: $this->word('bass', Bass::class),
            redCrawfish: $this->redCrawfish,
            sunElevation: null,
            surface: null === $this->numbers['surface_f'] ? null : Temperature::fahrenheit(round($this->numbers['surface_f'])),
            trend: null === $this->numbers['trend_f'] ? null : TemperatureChange::fahrenheit(round($this->numbers['trend_f'])),
            run: $this->words['run'] instanceof Run ? $this->words['run'] : null,
            forageLength: $length('forage_in'),
            forageColours: $this->seen,
            arm: $this->words['arm'] instanceof Arm ? $this->words['arm'] : null,
            schools: $this->schools,
            leadFree: $this->leadFree,
            forageAlso: $this->also,
            goal: $this->word('goal', Goal::class),
            schooling: $this->schooling,
        );
    }

    private function anySchools(): Schools
    {
        $schools = new Schools();
        foreach (SchoolQuestion::cases() as $question) {
            $schools = $schools->with($this->oneOf($question->schools()));
        }

        return $schools;
    }

    private function alsoEating(Forage $forage, bool $is): void
    {
        if ($is && $this->words['forage'] !== $forage) {
            $this->also = [...$this->also, $forage];
        } elseif (!$is) {
            $this->also = array_values(array_filter($this->also, static fn (Forage $also): bool => $also !== $forage));
        }
    }

    /**
     * @template T of \BackedEnum
     *
     * @param T $school
     *
     * @return T
     */
    private function otherThan(\BackedEnum $school): \BackedEnum
    {
        return $this->oneOf(array_values(array_filter($school::cases(), static fn (\BackedEnum $other): bool => $other !== $school)));
    }

    /** A colour is seen on the forage or not; null stands for none at all. */
    private function see(?Colour $colour, bool $is): void
    {
        $this->seen = match (true) {
            null === $colour => $is ? [] : [Colour::Blue],
            $is => [$colour],
            default => array_values(array_filter($this->seen, static fn (Colour $seen): bool => $seen !== $colour)),
        };
    }

    /**
     * @template T of \BackedEnum
     *
     * @param class-string<T> $type
     *
     * @return T
     */
    private function word(string $field, string $type): \BackedEnum
    {
        $word = $this->words[$field];

        return $word instanceof $type ? $word : throw new \LogicException("A draft always has a $field.");
    }
}
