<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Lure\Build;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Surface;
use Kontrast\Lure\Trailer;
use Kontrast\Material\BuildOptics;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Measure\Length;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\ReadingBuilder;
use Kontrast\Vision\Band;
use Kontrast\Vision\BassEye;
use Kontrast\Vision\Pair;
use Kontrast\Vision\ReducedPart;
use Kontrast\Vision\Sensitivity;
use Kontrast\Vision\Viewing;
use Kontrast\Water\ClearerThanWater;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Makes up what is to be told by eye: which of two lures a bass makes out from farther, and whether skirt and trailer read as one or as
 * two. Where the spans of the model overlap, nothing is asked.
 */
final readonly class Seeing
{
    /** How far away two parts are judged, feet. */
    public const JUDGED_AT_FT = 3.0;
    /** So many are made up before the one that is nearest in difficulty is taken, or one where so many tries find no more. (Chosen.) */
    private const CANDIDATES = 2;
    private const TRIES = 200;
    /** Of a lure the spans of so many parts are worked out: those seen from farthest. (Chosen.) */
    private const WITH_SPANS = 2;
    /** Nearer to each other than this the spans of two lures overlap: the ends of the contrast threshold alone are further apart. */
    private const LEAST_RATIO = 1.7;
    /** In dirtier water than this all parts read as one at three feet, and in less than the other none surely as two. (Chosen.) */
    private const LEAST_FOR_ONE_IN = 30.0;
    private const LEAST_FOR_TWO_IN = 80.0;

    private Adviser $adviser;

    public function __construct(private Engine $engine, private ReflectanceFitter $reflectances)
    {
        $this->adviser = new Adviser($engine);
    }

    /**
     * @param float $ratio how many times as far the one is seen as the other, in the question wished for
     *
     * @return list<Sighting> one kind and the other in turn
     */
    public function draw(int $seed, int $count, float $ratio): array
    {
        $dice = new Randomizer(new Xoshiro256StarStar($seed));
        $drawn = [];
        for ($i = 1; $i <= $count; ++$i) {
            $found = [];
            $areTwoLures = 0 === ($seed + $i) % 2;
            $wanted = $areTwoLures ? self::CANDIDATES : 1;
            for ($try = 0; [] === $found || ($try < self::TRIES && \count($found) < $wanted); ++$try) {
                $one = $areTwoLures ? $this->farther("$seed-$i", $dice) : $this->oneOrTwo("$seed-$i", $dice);
                $found = null === $one ? $found : [...$found, $one];
            }
            usort($found, static fn (Sighting $a, Sighting $b): int => abs(log($a->ratio / $ratio)) <=> abs(log($b->ratio / $ratio)));
            $drawn = [...$drawn, ...\array_slice($found, 0, 1)];
        }

        return $drawn;
    }

    private function farther(string $id, Randomizer $dice): ?Sighting
    {
        $reading = $this->water($dice);
        $builds = [
            $this->adviser->brief($reading)->build,
            $this->adviser->brief($this->water($dice)->with(lure: $reading->lure))->build,
        ];
        if (1 === $dice->getInt(0, 1)) {
            $builds = array_reverse($builds);
        }
        [$first, $second] = array_map(self::parts(...), $builds);
        $viewing = $this->viewing($reading);
        if (null === $viewing) {
            return null;
        }
        [$first, $second] = [self::loudest($first, $viewing), self::loudest($second, $viewing)];
        $model = self::mayBeApart($first, $second) ? $this->model($reading) : null;
        if (null === $model) {
            return null;
        }
        [$a, $b] = [self::seen($first, $model), self::seen($second, $model)];
        if (!self::areApart($a, $b)) {
            return null;
        }
        $ratio = self::middle($a) / self::middle($b);

        return new Sighting($id, $reading, $builds[0], $builds[1], $a, $b, $ratio > 1 ? Verdict::A : Verdict::B, max($ratio, 1 / $ratio));
    }

    private function oneOrTwo(string $id, Randomizer $dice): ?Sighting
    {
        $shouldBeTwo = 1 === $dice->getInt(0, 1);
        $reading = $this->water($dice, $shouldBeTwo ? self::LEAST_FOR_TWO_IN : self::LEAST_FOR_ONE_IN);
        $colours = Colour::cases();
        $build = self::withTrailerIn($colours[$dice->getInt(0, \count($colours) - 1)], $this->adviser->brief($reading)->build);
        $parts = self::parts($build);
        $viewing = $this->viewing($reading);
        if (null === $viewing || !isset($parts['skirt.0'], $parts['trailer.0'])) {
            return null;
        }
        $judged = Length::feet(self::JUDGED_AT_FT);
        $now = Pair::of(...array_map(
            static fn (string $id): ReducedPart => ReducedPart::of($parts[$id], $viewing),
            ['skirt.0', 'trailer.0'],
        ))->splitRange()->inMetres() / $judged->inMetres();
        if ($shouldBeTwo ? $now < self::LEAST_RATIO : $now > 1 / self::LEAST_RATIO) {
            return null;
        }
        $model = $this->model($reading);
        if (null === $model) {
            return null;
        }
        $split = $model->split($parts['skirt.0'], $parts['trailer.0']);
        $areTwo = $split->least->isLongerThan($judged);
        if ($areTwo !== $shouldBeTwo || (!$areTwo && !$judged->isLongerThan($split->most))) {
            return null;
        }
        $ratio = self::middle($split) / $judged->inMetres();

        return new Sighting($id, $reading, $build, null, $split, null, $areTwo ? Verdict::Two : Verdict::One, max($ratio, 1 / $ratio));
    }

    private static function withTrailerIn(Colour $colour, Build $build): Build
    {
        $trailer = $build->trailer;

        return null === $trailer
            ? $build
            : $build->with(trailer: new Trailer($trailer->style, $trailer->length, $colour, [], Surface::Matte, Opacity::Opaque));
    }

    private function water(Randomizer $dice, ?float $leastInches = null): Reading
    {
        $draft = new ReadingBuilder($dice, $this->engine->book, false, []);
        $draft->number('visibility_in', $leastInches, null);

        return $draft->reading();
    }

    /** The water as the model takes it; null where none is that clear. */
    private function viewing(Reading $reading): ?Viewing
    {
        try {
            return Viewing::in(Scene::of($reading, Direction::Side), $this->reflectances);
        } catch (ClearerThanWater) {
            return null;
        }
    }

    /** The same with its constants moved. */
    private function model(Reading $reading): ?Sensitivity
    {
        try {
            return Sensitivity::in($reading, Direction::Side, $this->reflectances);
        } catch (ClearerThanWater) {
            return null;
        }
    }

    /**
     * Those that stand out most from the water, at a glint where they shine: those seen from farthest, told without following them there.
     *
     * @param array<string, OpticalPart> $parts
     *
     * @return list<array{float, OpticalPart}> by how many times e their contrast is above what is just seen, most first
     */
    private static function loudest(array $parts, Viewing $viewing): array
    {
        $seen = array_map(static function (OpticalPart $part) use ($viewing): array {
            $reduced = ReducedPart::of($part, $viewing);
            $contrast = max(abs($reduced->againstWater()), abs($reduced->againstWaterAtGlint() ?? 0.0));

            return [max(0.0, log(max(1e-9, $contrast) / BassEye::THRESHOLD)), $part];
        }, array_values($parts));
        usort($seen, static fn (array $x, array $y): int => $y[0] <=> $x[0]);

        return \array_slice($seen, 0, self::WITH_SPANS);
    }

    /**
     * How far away a bass makes out any of them, at a glint where one shines, as the constants of the model move.
     *
     * @param list<array{float, OpticalPart}> $parts
     */
    private static function seen(array $parts, Sensitivity $model): Band
    {
        $farthest = [];
        foreach ($parts as [, $part]) {
            foreach ($model->visible($part) as $corner => $length) {
                $known = $farthest[$corner] ?? $length;
                $farthest[$corner] = $length->isLongerThan($known) ? $length : $known;
            }
        }

        return Band::over([] === $farthest ? [Length::metres(0.0)] : array_values($farthest));
    }

    /** @return array<string, OpticalPart> all but steel, by id */
    private static function parts(Build $build): array
    {
        $parts = [];
        foreach (BuildOptics::parts($build) as $part) {
            $parts[$part->id] = $part;
        }
        unset($parts['steel']);

        return $parts;
    }

    /**
     * @param list<array{float, OpticalPart}> $a
     * @param list<array{float, OpticalPart}> $b
     */
    private static function mayBeApart(array $a, array $b): bool
    {
        [$a, $b] = [$a[0][0] ?? 0.0, $b[0][0] ?? 0.0];

        return max($a, $b) > self::LEAST_RATIO * min($a, $b);
    }

    private static function areApart(Band $a, Band $b): bool
    {
        return $a->least->isLongerThan($b->most) || $b->least->isLongerThan($a->most);
    }

    private static function middle(Band $band): float
    {
        return max(1e-3, sqrt($band->least->inMetres() * $band->most->inMetres()));
    }
}
