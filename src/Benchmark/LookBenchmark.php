<?php

declare(strict_types=1);

namespace App\Benchmark;

use Kontrast\Material\CachingFitter;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\Radiance;
use Kontrast\Material\SigmoidFitter;
use Kontrast\Material\Srgb;
use Kontrast\Measure\Angle;
use Kontrast\Measure\Length;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Vision\BassEye;
use Kontrast\Vision\Pair;
use Kontrast\Vision\ReducedPart;
use Kontrast\Vision\Viewing;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;
use Kontrast\Water\SkyLight;
use Kontrast\Water\WaterSolver;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Waters solved, parts reduced and pairs judged a second; and pairs the plain way, full spectra each time. */
final readonly class LookBenchmark implements Benchmark
{
    private const PARTS = 1000;
    private const PLAIN_PAIRS = 20_000;

    public function title(): string
    {
        return 'Look (one core)';
    }

    public function figures(): array
    {
        $solve = Timer::median(
            static fn () => WaterSolver::find(Length::inches(22), Tint::Tannic, SkyLight::of(Sky::Broken, Angle::degrees(50))),
        );
        $water = WaterSolver::find(Length::inches(22), Tint::Tannic, SkyLight::of(Sky::Broken, Angle::degrees(50)));
        $viewing = Viewing::in(Scene::at($water, Length::feet(2), Direction::Side), new CachingFitter(new SigmoidFitter()));
        $parts = self::parts();
        $reduce = Timer::median(
            static fn (): array => array_map(static fn (OpticalPart $part): ReducedPart => ReducedPart::of($part, $viewing), $parts),
            5,
        ) / self::PARTS;
        $reduced = array_map(static fn (OpticalPart $part): ReducedPart => ReducedPart::of($part, $viewing), $parts);
        $pair = Timer::median(static fn (): float => self::judge($reduced), 5) / self::PARTS ** 2;
        $plain = Timer::median(static fn (): float => self::judgePlainly($parts, $viewing), 3) / self::PLAIN_PAIRS;

        return [
            new Measurement('Waters computed', \sprintf('%s a second', number_format(1000 / $solve)), '5,000 a second'),
            new Measurement('Parts computed', \sprintf('%s a second', number_format(1000 / $reduce))),
            new Measurement('Pairs compared', \sprintf('%s a second', number_format(1000 / $pair)), 'a million a second'),
            new Measurement('The same pairs without shortcuts', \sprintf('%s a second', number_format(1000 / $plain))),
            new Measurement('Ratio', \sprintf('%.0f times as fast', $plain / $pair), 'above 30'),
            new Measurement(
                'The two ways differ by',
                \sprintf('%.1e JND at most', self::difference(\array_slice($parts, 0, 40), $viewing)),
                'nothing',
            ),
        ];
    }

    /** @param list<ReducedPart> $parts */
    private static function judge(array $parts): float
    {
        $sum = 0.0;
        foreach ($parts as $a) {
            foreach ($parts as $b) {
                $sum += Pair::farther($a, $b);
            }
        }

        return $sum;
    }

    /** @param list<OpticalPart> $parts */
    private static function judgePlainly(array $parts, Viewing $viewing): float
    {
        $sum = 0.0;
        for ($i = 0; $i < self::PLAIN_PAIRS; ++$i) {
            $sum += self::plainly($parts[$i % self::PARTS], $parts[($i * 7 + 1) % self::PARTS], $viewing);
        }

        return $sum;
    }

    /** Both parts' spectra made, taken through the water and caught by the cones, for this one pair. */
    private static function plainly(OpticalPart $a, OpticalPart $b, Viewing $viewing): float
    {
        $logs = static function (OpticalPart $part) use ($viewing): array {
            $scene = $viewing->scene;
            $seen = $scene->through(Radiance::of($part, $scene, $viewing->reflectances)->steady, $scene->judgingDistance());
            $green = $seen->dot($viewing->eye->green);
            $red = $seen->dot($viewing->eye->red);

            return [log($green / $red), log($green + $red)];
        };
        [$colourA, $toneA] = $logs($a);
        [$colourB, $toneB] = $logs($b);

        return hypot(($colourA - $colourB) / (BassEye::CONE_NOISE * \M_SQRT2), ($toneA - $toneB) / BassEye::TONE_NOISE);
    }

    /** @param list<OpticalPart> $parts */
    private static function difference(array $parts, Viewing $viewing): float
    {
        $most = 0.0;
        foreach ($parts as $a) {
            foreach ($parts as $b) {
                $most = max(
                    $most,
                    abs(self::plainly($a, $b, $viewing) - Pair::farther(ReducedPart::of($a, $viewing), ReducedPart::of($b, $viewing))),
                );
            }
        }

        return $most;
    }

    /** @return list<OpticalPart> random colours, the same each time */
    private static function parts(): array
    {
        $dice = new Randomizer(new Mt19937(3));

        return array_map(
            static fn (int $i): OpticalPart => OpticalPart::matte("p$i", Srgb::hex(\sprintf('#%06x', $dice->getInt(1, 0xFFFFFE)))),
            range(1, self::PARTS),
        );
    }
}
