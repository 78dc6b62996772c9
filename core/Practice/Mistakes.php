<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Lure\Arm;
use Kontrast\Lure\Blade;
use Kontrast\Lure\Build;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Rig;
use Kontrast\Lure\Run;
use Kontrast\Lure\Skirt;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Surface;
use Kontrast\Lure\Trailer;
use Kontrast\Lure\TrailerHook;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\ReadingBuilder;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Makes up lures and days that are as advised but for one mistake, the same ones for the same seed. */
final readonly class Mistakes
{
    /** Colder than this the water is dangerous to whoever falls in, °F (C4). */
    private const COLD_F = 60.0;
    private const HEAVY_OZ = 0.5;

    private Adviser $adviser;

    public function __construct(private Engine $engine)
    {
        $this->adviser = new Adviser($engine);
    }

    /**
     * @param list<Mistake> $first those that are asked for before any other
     *
     * @return list<Flawed> every kind of mistake once before any comes again
     */
    public function draw(int $seed, int $count, array $first = []): array
    {
        $dice = new Randomizer(new Xoshiro256StarStar($seed));
        $drawn = [];
        while (\count($drawn) < $count) {
            foreach (self::inOrder($first, $dice->shuffleArray(Mistake::cases())) as $mistake) {
                if (\count($drawn) < $count) {
                    $drawn[] = $this->made($mistake, $dice, "$seed-".(\count($drawn) + 1));
                }
            }
        }

        return $drawn;
    }

    /**
     * @param list<Mistake> $first
     * @param list<Mistake> $all
     *
     * @return list<Mistake> all of them once
     */
    private static function inOrder(array $first, array $all): array
    {
        return [...$first, ...array_filter($all, static fn (Mistake $one): bool => !\in_array($one, $first, true))];
    }

    private function made(Mistake $mistake, Randomizer $dice, string $id): Flawed
    {
        $reading = $this->day($mistake, $dice);
        $build = $this->adviser->brief($reading)->build;

        return new Flawed(
            $id,
            $mistake,
            $reading,
            self::spoilt($mistake, $build),
            Mistake::ColdWithoutJacket !== $mistake,
            Mistake::StretchyInBox === $mistake,
        );
    }

    /** A day on which it is one: warm enough to go without a jacket, but where that is the mistake. */
    private function day(Mistake $mistake, Randomizer $dice): Reading
    {
        $draft = new ReadingBuilder($dice, $this->engine->book, false, match ($mistake) {
            Mistake::CurlToBend, Mistake::HookPointDown, Mistake::HookPastSkirt => [LureKind::Spinnerbait],
            Mistake::GreenPumpkinOnBlackBlue, Mistake::HeavyOverGrass => [LureKind::BladedJig],
            Mistake::SilverForCrawfish => [LureKind::BladedJig, LureKind::Spinnerbait],
            Mistake::HeavyUnderDock => [LureKind::SwimJig],
            Mistake::LongSkirtBeforeCraw => [LureKind::Spinnerbait, LureKind::BladedJig],
            Mistake::StretchyInBox, Mistake::ColdWithoutJacket => [],
        });
        $draft->number('surface_f', ...(Mistake::ColdWithoutJacket === $mistake ? [null, self::COLD_F - 5] : [self::COLD_F + 5, null]));
        match ($mistake) {
            Mistake::CurlToBend, Mistake::HookPointDown, Mistake::HookPastSkirt => $draft->set('arm', Arm::Long),
            Mistake::SilverForCrawfish => $draft->set('forage', Forage::Crawfish),
            Mistake::HeavyUnderDock => $draft->set('cover', Cover::Dock),
            Mistake::HeavyOverGrass => $draft->set('cover', Cover::Grass),
            default => null,
        };
        if (\in_array($mistake, [Mistake::HeavyUnderDock, Mistake::HeavyOverGrass], true)) {
            $draft->set('run', Run::High);
            $draft->number('depth_ft', 2, 6);
        }

        return Plausible::of($draft->reading(), false);
    }

    /** The lure as advised, but for what is wrong in it. */
    private static function spoilt(Mistake $mistake, Build $build): Build
    {
        $trailer = $build->trailer;
        $skirt = $build->skirt;

        return match ($mistake) {
            Mistake::CurlToBend => $build->with(
                trailer: self::trailer($trailer, $skirt, TrailerStyle::SingleTailGrub, Rig::CurlAway),
                trailerHook: new TrailerHook(false, HookSize::aught(2)),
            ),
            Mistake::HookPointDown => $build->with(
                trailerHook: new TrailerHook(true, HookSize::aught($build->head->weight->inOunces() > 0.5 ? 3 : 2)),
            ),
            Mistake::HookPastSkirt => $build->with(
                head: $build->head->weighing(Weight::ounces(0.375)),
                trailerHook: new TrailerHook(true, HookSize::aught(4)),
            ),
            Mistake::LongSkirtBeforeCraw => $build->with(
                skirt: self::skirt($skirt, Trim::LongTail),
                trailer: self::trailer($trailer, $skirt, TrailerStyle::Craw, Rig::Upright),
            ),
            Mistake::GreenPumpkinOnBlackBlue => $build->with(
                blades: self::finished($build->blades, Finish::GreenPumpkin),
                skirt: self::skirt($skirt, Trim::HookBend, Colour::Black, [Colour::Blue]),
            ),
            Mistake::SilverForCrawfish => $build->with(blades: self::finished($build->blades, Finish::Silver)),
            Mistake::HeavyUnderDock, Mistake::HeavyOverGrass => $build->with(
                head: $build->head->weighing(Weight::ounces(self::HEAVY_OZ)),
            ),
            Mistake::StretchyInBox, Mistake::ColdWithoutJacket => $build,
        };
    }

    /**
     * @param list<Blade> $blades
     *
     * @return list<Blade>
     */
    private static function finished(array $blades, Finish $finish): array
    {
        return array_map(static fn (Blade $blade): Blade => new Blade($blade->position, $blade->shape, $blade->size, $finish), $blades);
    }

    /** @param list<Colour>|null $accents */
    private static function skirt(?Skirt $skirt, Trim $trim, ?Colour $base = null, ?array $accents = null): Skirt
    {
        return new Skirt(
            $base ?? $skirt->base ?? Colour::GreenPumpkin,
            $accents ?? $skirt->accents ?? [],
            Opacity::Opaque,
            $skirt->material ?? SkirtMaterial::Silicone,
            $trim,
        );
    }

    private static function trailer(?Trailer $trailer, ?Skirt $skirt, TrailerStyle $style, Rig $rig): Trailer
    {
        return new Trailer(
            $style,
            $trailer->length ?? Length::inches(3.5),
            $trailer->base ?? $skirt->base ?? Colour::GreenPumpkin,
            $trailer->accents ?? [],
            Surface::Matte,
            Opacity::Opaque,
            rig: $rig,
        );
    }
}
