<?php

declare(strict_types=1);

namespace Tests\core\Reference;

use Kontrast\Material\Fluorescence;
use Kontrast\Material\Metal;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\Srgb;
use Kontrast\Measure\Angle;
use Kontrast\Measure\Length;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Vision\Pair;
use Kontrast\Vision\ReducedPart;
use Kontrast\Vision\Viewing;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;
use Kontrast\Water\SkyLight;
use Kontrast\Water\WaterSolver;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;
use Tests\core\Fits;
use Tests\core\Simulation;

/**
 * Two programs that agree are evidence: 200 random scenes against tests/reference/model.js, written in JavaScript from docs/model.md alone,
 * with the color-matching functions of python3-colormath, bisection instead of Brent, and a fitter of its own.
 */
final class ModelTest extends TestCase
{
    private const SCENES = 200;

    #[Group(Simulation::GROUP)]
    public function testTwoHundredScenesComeOutAsTheReferenceProgramSays(): void
    {
        $dice = new Randomizer(new Mt19937(614));
        $scenes = array_map(static fn (): array => self::scene($dice), range(1, Simulation::size(self::SCENES, self::SCENES / 4)));
        $node = new Process(['node', 'tests/reference/model.js'], \dirname(__DIR__, 3), null, json_encode($scenes, \JSON_THROW_ON_ERROR));
        $node->setTimeout(240);
        $node->mustRun();
        $answers = json_decode($node->getOutput(), true, 16, \JSON_THROW_ON_ERROR);
        \assert(\is_array($answers));
        self::assertCount(\count($scenes), $answers);
        foreach ($scenes as $i => $scene) {
            $answer = $answers[$i];
            \assert(\is_array($answer));
            self::assertAgrees($answer, self::ours($scene), (string) json_encode($scene));
        }
    }

    /**
     * @param array<mixed>                         $theirs
     * @param array<string, float|array<mixed>|null> $ours
     */
    private static function assertAgrees(array $theirs, array $ours, string $where): void
    {
        foreach ($ours as $key => $value) {
            $other = $theirs[$key] ?? null;
            if (\is_array($value) && \is_array($other)) {
                /** @var array<string, float|array<mixed>|null> $value */
                self::assertAgrees($other, $value, "$where $key");
            } elseif (null === $value) {
                self::assertNull($other, "$where $key");
            } else {
                self::assertIsNumeric($other, "$where $key");
                \assert(\is_float($value));
                // The water is solved to many digits. A reflectance may differ within what no eye can see (ΔE 0.1): in tea, where only the
                // far red is left, that is a few hundredths of a contrast, and a tenth of an inch where it meets the threshold.
                [$share, $least] = match ($key) {
                    's', 'c', 'K', 'lux' => [1e-5, 1e-9],
                    'range', 'flashRange', 'split' => [0.03, 0.15],
                    default => [0.03, 0.03],
                };
                self::assertEqualsWithDelta((float) $other, $value, $share * abs((float) $other) + $least, "$where $key");
            }
        }
    }

    /**
     * @param array{
     *     tint: string, sky: string, elevation: int, visibility_in: float, depth_in: float, from: string,
     *     parts: list<array{kind: string, hex: string, metal: string, fluorescent: string, opacity: float}>,
     * } $scene
     *
     * @return array<string, float|array<mixed>|null>
     */
    private static function ours(array $scene): array
    {
        $water = WaterSolver::find(
            Length::inches($scene['visibility_in']),
            Tint::from($scene['tint']),
            SkyLight::of(Sky::from($scene['sky']), Angle::degrees($scene['elevation'])),
        );
        $depth = Length::inches(min($scene['depth_in'], $scene['visibility_in']));
        $viewing = Viewing::in(Scene::at($water, $depth, Direction::from($scene['from'])), Fits::shared());
        $parts = array_map(static fn (array $part): ReducedPart => ReducedPart::of(
            'metal' === $part['kind']
                ? OpticalPart::metal('m', Metal::from($part['metal']))
                : OpticalPart::matte('p', Srgb::hex($part['hex']), Fluorescence::from($part['fluorescent']), $part['opacity']),
            $viewing,
        ), $scene['parts']);
        $pair = Pair::of($parts[0], $parts[1]);

        return [
            's' => $water->amount,
            'c' => $water->beamAttenuation,
            'K' => $water->diffuseAttenuation,
            'lux' => $viewing->scene->light->lux(),
            'parts' => array_map(static fn (ReducedPart $part): array => [
                'contrast' => $part->againstWater(),
                'range' => $part->sightRange()->inInches(),
                'flash' => $part->againstWaterAtGlint(),
                'flashRange' => $part->flashRange()?->inInches(),
            ], $parts),
            'pair' => [
                'colour' => $pair->colour(),
                'tone' => $pair->tone(),
                'farther' => Pair::farther($parts[0], $parts[1]),
                'split' => $pair->splitRange()->inInches(),
            ],
        ];
    }

    /**
     * @return array{
     *     tint: string, sky: string, elevation: int, visibility_in: float, depth_in: float, from: string,
     *     parts: list<array{kind: string, hex: string, metal: string, fluorescent: string, opacity: float}>,
     * }
     */
    private static function scene(Randomizer $dice): array
    {
        $one = static fn (array $of): mixed => $of[$dice->getInt(0, \count($of) - 1)];
        $part = static fn (): array => [
            'kind' => 0 === $dice->getInt(0, 3) ? 'metal' : 'matte',
            'hex' => \sprintf('#%02x%02x%02x', $dice->getInt(10, 240), $dice->getInt(10, 240), $dice->getInt(10, 240)),
            'metal' => $one(['silver', 'gold', 'copper']),
            'fluorescent' => $one(['none', 'none', 'chartreuse', 'orange']),
            'opacity' => $one([1.0, 1.0, 0.55]),
        ];

        /**
         * @var array{
         *     tint: string, sky: string, elevation: int, visibility_in: float, depth_in: float, from: string,
         *     parts: list<array{kind: string, hex: string, metal: string, fluorescent: string, opacity: float}>,
         * }
         */
        return [
            'tint' => $one(array_column(Tint::cases(), 'value')),
            'sky' => $one(array_column(Sky::cases(), 'value')),
            'elevation' => $dice->getInt(5, 85),
            'visibility_in' => round(2 * 2 ** ($dice->getInt(0, 5000) / 1000), 2),
            'depth_in' => (float) $dice->getInt(6, 120),
            'from' => $one(['side', 'side', 'below']),
            'parts' => [$part(), $part(), $part()],
        ];
    }
}
