<?php

declare(strict_types=1);

namespace Tests\core\Logbook;

use Kontrast\Logbook\Factor;
use Kontrast\Logbook\PairedColours;
use Kontrast\Logbook\SeenWater;
use Kontrast\Logbook\StintLevels;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\LureSet;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\Skirt;
use Kontrast\Lure\Trailer;
use Kontrast\Reading\Bank;
use Kontrast\Reading\FinishSchool;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Engine;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/** What a stint is counted under. */
final class StintLevelsTest extends TestCase
{
    public function testAnAdvisedLureIsWhatTheAnglersOwnSchoolsWouldHaveTied(): void
    {
        $engine = Engine::standard();
        $adviser = Adviser::standard();
        $seen = 0;
        foreach (Readings::random(60, 9) as $reading) {
            $schools = StintLevels::of($adviser->advise($reading)->build, SeenWater::of($reading), 30.0, $engine)->schools;
            if (isset($schools['finish'])) {
                ++$seen;
                self::assertContains($reading->schools->finish->value, $schools['finish']);
            }
            if (isset($schools['dirty'])) {
                self::assertContains($reading->dirtySchool()->value, $schools['dirty']);
            }
        }
        self::assertGreaterThan(5, $seen);
    }

    public function testWhereAllSchoolsWouldHaveTiedTheSameTheQuestionIsLeftOut(): void
    {
        $engine = Engine::standard();
        foreach (Readings::random(60, 10) as $reading) {
            $levels = StintLevels::of(Adviser::standard()->advise($reading)->build, SeenWater::of($reading), null, $engine);
            self::assertLessThan(\count(FinishSchool::cases()), \count($levels->schools['finish'] ?? []));
            self::assertSame('unknown', $levels->levels['sun']);
        }
    }

    public function testWhatNobodySawIsNoLevelAndInNoStratum(): void
    {
        $engine = Engine::standard();
        $reading = Readings::of(LureKind::Spinnerbait);
        $build = Adviser::standard()->advise($reading)->build;
        $levels = StintLevels::of($build, new SeenWater(null, null, $reading->sky, $reading->season, null), null, $engine);
        self::assertArrayNotHasKey('clarity', $levels->levels);
        self::assertArrayNotHasKey('tint', $levels->levels);
        self::assertArrayNotHasKey('bank', $levels->levels);
        self::assertSame($reading->sky->value, $levels->levels['sky']);
        self::assertSame($build->kind->value, $levels->levels['lure']);
        self::assertNull($levels->stratum);
        self::assertSame([], $levels->schools);
        foreach ([[null, $reading->tint, $reading->sky], [$reading->visibility, null, $reading->sky]] as [$visibility, $tint, $sky]) {
            self::assertNull((new SeenWater($visibility, $tint, $sky, $reading->season, null))->stratum());
        }
        self::assertNotNull((new SeenWater($reading->visibility, $reading->tint, $reading->sky, $reading->season, null))->stratum());
    }

    /** Common practice, no source (L10). */
    public function testTheKindOfBankIsCountedAndComparesNothing(): void
    {
        $reading = Readings::of(LureKind::Jig);
        $seen = new SeenWater($reading->visibility, $reading->tint, $reading->sky, $reading->season, $reading, Bank::Point);
        $engine = Engine::standard();
        $levels = StintLevels::of(Adviser::standard()->advise($reading)->build, $seen, null, $engine);
        self::assertSame('point', $levels->levels[Factor::Bank->value]);
        self::assertSame('kind of bank', Factor::Bank->label());
        self::assertSame('straight bank', Factor::Bank->levelLabel('straight'));
        self::assertFalse(Factor::Bank->isChosen());
    }

    /** Common practice, no source (M1 to M5): told by its looks, and only as a rate. */
    #[TestWith([Finish::GreenPumpkin, Colour::GreenPumpkin, LureSet::Dull])]
    #[TestWith([Finish::Black, Colour::GreenPumpkin, LureSet::Dull])]
    #[TestWith([Finish::Black, Colour::Black, LureSet::Dark])]
    #[TestWith([Finish::Gold, Colour::Black, LureSet::Flash])]
    #[TestWith([Finish::Silver, Colour::White, LureSet::Flash])]
    #[TestWith([Finish::Gold, Colour::Chartreuse, LureSet::Bright])]
    #[TestWith([Finish::PaintedOrange, Colour::GreenPumpkin, LureSet::Bright])]
    public function testASetIsToldByItsLooks(Finish $finish, Colour $skirt, LureSet $set): void
    {
        self::assertSame($set, LureSet::of($finish, $skirt));
        self::assertTrue($set->allows($finish));
        self::assertFalse(Factor::Set->isChosen());
    }

    /** @param list<Colour> $accents */
    #[TestWith([Colour::GreenPumpkin, Colour::GreenPumpkin, [], Pairing::Match])]
    #[TestWith([Colour::GreenPumpkin, Colour::GreenPumpkin, [Colour::Orange], Pairing::Accent])]
    #[TestWith([Colour::GreenPumpkin, Colour::Brown, [], Pairing::Tonal])]
    #[TestWith([Colour::White, Colour::Pearl, [], Pairing::Tonal])]
    #[TestWith([Colour::Black, Colour::BrightBlue, [], Pairing::Contrast])]
    #[TestWith([Colour::White, Colour::Black, [], Pairing::Contrast])]
    public function testAPairingIsToldByItsColours(Colour $skirt, Colour $trailer, array $accents, Pairing $pairing): void
    {
        $given = Adviser::standard()->advise(Readings::of(LureKind::Jig))->build->skirt;
        self::assertNotNull($given);
        $one = new Skirt($skirt, [], $given->opacity, $given->material, $given->trim);
        $other = self::trailer($trailer, $accents);
        self::assertSame($pairing, PairedColours::judge($one, $other));
        self::assertNull(PairedColours::judge($one, null));
    }

    /** @param list<Colour> $accents */
    private static function trailer(Colour $base, array $accents): Trailer
    {
        foreach (Readings::random(40, 4) as $reading) {
            $trailer = Adviser::standard()->advise($reading)->build->trailer;
            if (null !== $trailer) {
                return new Trailer($trailer->style, $trailer->length, $base, $accents, $trailer->surface, $trailer->opacity);
            }
        }
        self::fail('No reading of forty has a trailer.');
    }
}
