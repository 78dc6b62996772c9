<?php

declare(strict_types=1);

namespace Tests\core\Practice;

use Kontrast\Lure\Finish;
use Kontrast\Practice\Flawed;
use Kontrast\Practice\Mistake;
use Kontrast\Practice\Mistakes;
use Kontrast\Reading\Forage;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Facts;
use PHPUnit\Framework\TestCase;

/** Lures and days with one thing wrong in each: the one, and no other. */
final class MistakesTest extends TestCase
{
    /** Common practice, no source: each is against the fact that it names. */
    public function testEachIsInTheLureOrTheDayAndCanBePointedAt(): void
    {
        $drawn = (new Mistakes(Engine::standard()))->draw(20261203, 60);
        self::assertCount(60, $drawn);
        foreach ($drawn as $one) {
            $told = "$one->id {$one->mistake->value}";
            self::assertArrayHasKey($one->mistake->fact(), Facts::ALL, $told);
            foreach ($one->mistake->spots() as $spot) {
                self::assertContains($spot, $one->spots(), $told);
            }
            self::assertTrue(self::isThere($one), $told);
        }
        $seen = array_unique(array_map(static fn (Flawed $one): string => $one->mistake->value, $drawn));
        self::assertCount(\count(Mistake::cases()), $seen);
    }

    /** Only where a risk is the mistake is there one: nobody goes out on cold water without a jacket by the way. */
    public function testNoRiskStandsThereByTheWay(): void
    {
        foreach ((new Mistakes(Engine::standard()))->draw(7, 80) as $one) {
            $isCold = null !== $one->reading->surface && $one->reading->surface->inFahrenheit() < 60;
            self::assertSame(Mistake::ColdWithoutJacket === $one->mistake, $isCold, $one->id);
            self::assertSame(Mistake::ColdWithoutJacket !== $one->mistake, $one->inJacket, $one->id);
            self::assertSame(Mistake::StretchyInBox === $one->mistake, $one->isBoxMixed, $one->id);
            if (Mistake::SilverForCrawfish !== $one->mistake && Forage::Crawfish === $one->reading->forage) {
                self::assertNotSame(Finish::Silver, $one->build->rearBlade()?->finish, $one->id.' '.$one->mistake->value);
            }
        }
    }

    public function testWhatIsDueComesFirst(): void
    {
        $drawn = (new Mistakes(Engine::standard()))->draw(5, 3, [Mistake::CurlToBend, Mistake::HeavyUnderDock]);
        self::assertSame([Mistake::CurlToBend, Mistake::HeavyUnderDock], [$drawn[0]->mistake ?? null, $drawn[1]->mistake ?? null]);
    }

    private static function isThere(Flawed $one): bool
    {
        $build = $one->build;

        return match ($one->mistake) {
            Mistake::CurlToBend => 'single_tail_grub' === $build->trailer?->style->value,
            Mistake::HookPointDown => true === $build->trailerHook?->fit,
            Mistake::HookPastSkirt => 4 === $build->trailerHook?->size->aught && $build->head->weight->inOunces() <= 0.5,
            Mistake::LongSkirtBeforeCraw => 'long_tail' === $build->skirt?->trim->value && 'craw' === $build->trailer?->style->value,
            Mistake::StretchyInBox => $one->isBoxMixed,
            Mistake::GreenPumpkinOnBlackBlue => Finish::GreenPumpkin === $build->rearBlade()?->finish
                && 'black' === $build->skirt?->base->value,
            Mistake::SilverForCrawfish => Finish::Silver === $build->rearBlade()?->finish && Forage::Crawfish === $one->reading->forage,
            Mistake::HeavyUnderDock => 0.5 === $build->head->weight->inOunces() && 'dock' === $one->reading->cover->value,
            Mistake::HeavyOverGrass => 0.5 === $build->head->weight->inOunces() && 'grass' === $one->reading->cover->value,
            Mistake::ColdWithoutJacket => !$one->inJacket,
        };
    }
}
