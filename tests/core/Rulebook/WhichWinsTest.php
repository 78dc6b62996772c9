<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Lure\Arm;
use Kontrast\Lure\Build;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Pace;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Trim;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\FinishSchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Schools;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Firmness;
use Kontrast\Rulebook\Slot;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/** X2 to X14: which fact wins where two meet, each over a grid of readings. Common practice, no source. */
final class WhichWinsTest extends TestCase
{
    /** From an inch to ten feet, with every number the trade names. */
    private const INCHES = [1.0, 4.0, 5.9, 6.0, 6.1, 9.0, 12.0, 15.0, 18.0, 24.0, 30.0, 36.0, 48.0, 60.0, 61.0, 84.0, 120.0];
    private const BLADED = [LureKind::Spinnerbait, LureKind::BladedJig];

    private static ?Engine $engine = null;

    public static function tearDownAfterClass(): void
    {
        self::$engine = null;
    }

    /** X2: without chop, above six inches, whoever decides finish. */
    public function testAToughBiteWithoutChopIsFishedDull(): void
    {
        foreach (LureKind::cases() as $lure) {
            foreach (self::above(6.0) as $inches) {
                foreach (Forage::cases() as $forage) {
                    foreach ([Wind::Calm, Wind::Ripple] as $wind) {
                        foreach (FinishSchool::cases() as $school) {
                            $build = self::build(Readings::of(
                                $lure,
                                $inches,
                                sky: Sky::Sun,
                                wind: $wind,
                                forage: $forage,
                                bite: Bite::Tough,
                                red: true,
                                season: Season::EarlySpring,
                                surface: 54,
                                schools: new Schools(finish: $school),
                            ));
                            self::assertDull($build, "{$lure->value} $inches in {$forage->value} {$wind->value} {$school->value}");
                        }
                    }
                }
            }
        }
    }

    public function testWithChopGoldStillSpeaksOnAToughDay(): void
    {
        foreach (self::BLADED as $lure) {
            foreach ([12.0, 18.0, 24.0, 30.0] as $inches) {
                $reading = Readings::of($lure, $inches, wind: Wind::Chop, bite: Bite::Tough, forage: Forage::Bluegill);
                self::assertSame(Finish::Gold, self::build($reading)->rearBlade()?->finish, "$inches in");
            }
        }
    }

    /** X3: clear or mud, whatever the school of dirty water, red-orange is there and the lure is a crawfish. */
    public function testTurnedCrawfishOutrankMudAndTheDarkSchool(): void
    {
        foreach (LureKind::cases() as $lure) {
            foreach (self::INCHES as $inches) {
                foreach ([Tint::Clay, Tint::Green, Tint::Tannic, Tint::None] as $tint) {
                    foreach (DirtySchool::cases() as $school) {
                        foreach ([50.0, 55.0, 62.0] as $surface) {
                            foreach (Bite::cases() as $bite) {
                                $build = self::build(Readings::of(
                                    $lure,
                                    $inches,
                                    $tint,
                                    forage: Forage::Crawfish,
                                    season: Season::EarlySpring,
                                    surface: $surface,
                                    red: true,
                                    bite: $bite,
                                    schools: new Schools(dirty: $school),
                                ));
                                $where = "{$lure->value} $inches in {$tint->value} {$school->value} {$surface} °F {$bite->value}";
                                self::assertNotSame([], array_intersect(['red', 'orange'], self::colours($build)), $where);
                                self::assertSame(Colour::GreenPumpkin, $build->skirt?->base, $where);
                                if (LureKind::Spinnerbait !== $lure) {
                                    self::assertSame('craw', $build->trailer?->style->value, $where);
                                }
                            }
                        }
                    }
                }
            }
        }
    }

    /** B13: at every clarity, but not on a tough day without chop (X2). */
    public function testABladedJigAmongTurnedCrawfishHasAnOrangeBlade(): void
    {
        foreach (self::INCHES as $inches) {
            foreach ([Sky::Sun, Sky::Overcast, Sky::Rain] as $sky) {
                $reading = Readings::of(
                    LureKind::BladedJig,
                    $inches,
                    Tint::Clay,
                    $sky,
                    forage: Forage::Crawfish,
                    season: Season::EarlySpring,
                    surface: 52,
                    red: true,
                );
                self::assertSame(Finish::PaintedOrange, self::build($reading)->rearBlade()?->finish, "$inches in");
            }
        }
    }

    /** X4 and S17: no skirtless shad swimbait for crawfish or sunfish because it is early spring and there is grass. */
    public function testWhatTheyEatOutranksTheSeasonsFavorite(): void
    {
        foreach ([Forage::Crawfish, Forage::Bluegill, Forage::Perch] as $forage) {
            foreach ([Season::LateWinter, Season::EarlySpring, Season::Fall] as $season) {
                foreach (self::INCHES as $inches) {
                    $build = self::build(Readings::of(
                        LureKind::BladedJig,
                        $inches,
                        season: $season,
                        cover: Cover::Grass,
                        forage: $forage,
                        surface: 50,
                        trend: 5,
                        forageInches: 5,
                    ));
                    self::assertNotNull($build->skirt, "{$forage->value} {$season->value} $inches in");
                    self::assertNotContains($build->skirt->base, [Colour::White, Colour::Pearl, Colour::Smoke]);
                }
            }
        }
    }

    /** S17 where it holds: shad, cold water that is warming, grass, and not once the water is in the 60s. */
    public function testTheSkirtComesOffForShadInWarmingGrassOnly(): void
    {
        foreach ([40.0, 45.0, 50.0, 55.0, 59.0] as $surface) {
            foreach ([1.0, 4.0, 6.0] as $trend) {
                self::assertNull(self::build(self::warmingGrass($surface, $trend))->skirt, "$surface °F, $trend");
            }
        }
        foreach ([60.0, 64.0, 70.0] as $surface) {
            self::assertNotNull(self::build(self::warmingGrass($surface, 4))->skirt, "$surface °F");
        }
        self::assertNotNull(self::build(self::warmingGrass(50, -2))->skirt);
    }

    /** X5: the dirtier, the wilder; under six inches never a plain match but for one-tone and one dark shadow in opaque tan (S11). */
    public function testTheLadderHasNoStepBackDown(): void
    {
        foreach (LureKind::cases() as $lure) {
            foreach ([0.5, 1.0, 2.0, 3.0, 4.0, 5.0, 5.9] as $inches) {
                foreach (Tint::cases() as $tint) {
                    foreach (Forage::cases() as $forage) {
                        foreach ([Sky::Sun, Sky::Overcast, Sky::Night] as $sky) {
                            foreach (DirtySchool::cases() as $school) {
                                $reading = Readings::of(
                                    $lure,
                                    $inches,
                                    $tint,
                                    $sky,
                                    forage: $forage,
                                    bite: Bite::Tough,
                                    schools: new Schools(dirty: $school),
                                );
                                $pairing = (new Assembly(self::engine()->decide($reading)))->pairing();
                                $shadow = Tint::Clay === $tint && DirtySchool::Dark === $school && Forage::Shad !== $forage;
                                if (!$shadow) {
                                    $where = "{$lure->value} $inches in {$tint->value} {$forage->value}";
                                    self::assertContains($pairing, [Pairing::Contrast, null], $where);
                                }
                            }
                        }
                    }
                }
            }
        }
    }

    public function testOpaqueTanIsOneDarkShadow(): void
    {
        foreach ([LureKind::Jig, LureKind::SwimJig, LureKind::BladedJig] as $lure) {
            foreach ([1.0, 3.0, 5.5] as $inches) {
                $build = self::build(Readings::of($lure, $inches, Tint::Clay, Sky::Rain, forage: Forage::Crawfish));
                self::assertSame(
                    [Colour::Black, Colour::Black],
                    [$build->skirt?->base, $build->trailer?->base],
                    "{$lure->value} $inches in",
                );
            }
        }
    }

    /** X6: not far longer than the forage, but for a bladed jig's cold-water meal and the shortest trailers made. */
    public function testATrailerIsAsLongAsTheForage(): void
    {
        foreach (LureKind::cases() as $lure) {
            foreach ([1.5, 2.0, 2.5, 3.0, 3.5, 4.0, 5.0] as $forage) {
                foreach ([
                    [45.0, Season::Winter],
                    [52.0, Season::EarlySpring],
                    [72.0, Season::Summer],
                    [57.0, Season::Fall],
                ] as [$surface, $season]) {
                    $reading = Readings::of($lure, 12, surface: $surface, season: $season, forageInches: $forage);
                    $trailer = self::build($reading)->trailer?->length->inInches() ?? 0.0;
                    $bigMeal = LureKind::BladedJig === $lure && $surface <= 55;
                    $shortest = LureKind::Spinnerbait === $lure ? 3.0 : 2.5;
                    $most = $bigMeal ? 5.0 : max($shortest, $forage + 0.5);
                    self::assertLessThanOrEqual($most, $trailer, "{$lure->value} $forage in {$season->value}");
                }
            }
        }
    }

    public function testASpinnerbaitsGrubForTinyShadIsTheThreeInchOne(): void
    {
        foreach ([1.0, 1.5, 2.0, 2.5] as $forage) {
            foreach ([40.0, 50.0, 55.0] as $surface) {
                foreach (Season::cases() as $season) {
                    $reading = Readings::of(
                        LureKind::Spinnerbait,
                        12,
                        surface: $surface,
                        season: $season,
                        forage: Forage::Shad,
                        forageInches: $forage,
                    );
                    self::assertSame(3.0, self::build($reading)->trailer?->length->inInches(), "$forage in, $surface °F, {$season->value}");
                }
            }
        }
    }

    /** X7 with P2 and S8. */
    public function testFallShadWaterOfTwoToThreeFeetStaysALittleSeeThrough(): void
    {
        foreach ([LureKind::SwimJig, ...self::BLADED] as $lure) {
            foreach ([24.0, 27.0, 30.0, 33.0, 36.0] as $inches) {
                foreach ([Sky::Sun, Sky::Broken, Sky::Overcast] as $sky) {
                    $skirt = self::build(
                        Readings::of($lure, $inches, sky: $sky, season: Season::Fall, forage: Forage::Shad, surface: 62),
                    )->skirt;
                    self::assertSame(Opacity::Translucent, $skirt?->opacity, "{$lure->value} $inches in");
                    self::assertNotSame(Colour::White, $skirt->base);
                }
            }
        }
    }

    /** X8, first case: dirty water before the spawn. Second: sunfish in flooded brush; green pumpkin with a fleck is the other answer. */
    public function testABlackBodyTakesATrailerOfTheOppositeLoudColor(): void
    {
        foreach ([LureKind::Jig, LureKind::SwimJig] as $lure) {
            foreach ([7.0, 10.0, 14.0, 17.0] as $inches) {
                $build = self::build(
                    Readings::of($lure, $inches, season: Season::EarlySpring, forage: Forage::Crawfish, surface: 49, sky: Sky::Sun),
                );
                self::assertSame([Colour::Black, Colour::Orange], [$build->skirt?->base, $build->trailer?->base], "$inches in");
                $brush = self::build(Readings::of($lure, $inches, cover: Cover::FloodedBrush, forage: Forage::Bluegill, sky: Sky::Sun));
                self::assertSame([Colour::Black, Colour::Orange], [$brush->skirt?->base, $brush->trailer?->base], "$inches in of brush");
            }
            foreach ([20.0, 26.0, 31.0] as $inches) {
                $reading = Readings::of($lure, $inches, cover: Cover::FloodedBrush, forage: Forage::Bluegill, sky: Sky::Sun);
                $base = self::engine()->decide($reading)->on(Slot::SkirtBase);
                self::assertSame(['green_pumpkin'], $base?->keys());
                self::assertSame('black', $base->second()?->key);
                self::assertContains('orange', self::colours(self::build($reading)));
            }
        }
    }

    public function testAPickIsAsFirmAsItsVotes(): void
    {
        self::assertSame(Firmness::Firm, Firmness::of(0.0));
        self::assertSame(Firmness::Firm, Firmness::of(0.4));
        self::assertSame(Firmness::Usual, Firmness::of(0.41));
        self::assertSame(Firmness::Usual, Firmness::of(0.79));
        self::assertSame(Firmness::TossUp, Firmness::of(0.8));
        // D13: at four to five feet a jig is brown or green pumpkin, equally.
        foreach ([50.0, 54.0, 58.0] as $inches) {
            $tally = self::engine()->decide(Readings::of(LureKind::Jig, $inches, sky: Sky::Sun))->on(Slot::SkirtBase);
            self::assertSame(Firmness::TossUp, $tally?->firmness());
            self::assertEqualsCanonicalizing(['brown', 'green_pumpkin'], [...$tally->keys(), $tally->second()?->key]);
        }
    }

    public function testWhereTwoBandsMeetBothSpeakAndThePickIsATossUp(): void
    {
        $tally = self::engine()->decide(Readings::of(LureKind::BladedJig, 36, Tint::None, forage: Forage::Crawfish))->on(Slot::Finish);
        self::assertSame(['gold', 'copper'], [...($tally?->keys() ?? []), $tally?->second()?->key], 'B9: copper is the runner-up');
        $pairing = self::engine()->decide(Readings::of(LureKind::SwimJig, 36, Tint::None))->on(Slot::Pairing);
        self::assertSame(Firmness::TossUp, $pairing?->firmness());
    }

    /** X10. */
    public function testHotPaintInVeryClearSunForActiveSchoolingFishElseSilverForShad(): void
    {
        foreach (self::BLADED as $lure) {
            foreach (self::above(60.0) as $inches) {
                foreach ([Forage::Shad, Forage::GoldenShiner, Forage::Perch] as $forage) {
                    foreach ([Bass::Spotted, Bass::Smallmouth] as $bass) {
                        $hot = Readings::of($lure, $inches, Tint::None, Sky::Sun, forage: $forage, bite: Bite::Active, bass: $bass);
                        self::assertContains(
                            self::build($hot)->rearBlade()?->finish,
                            [Finish::PaintedChartreuse, Finish::PaintedOrange, Finish::PaintedPink, Finish::PaintedWhite],
                            "{$forage->value} $inches in",
                        );
                    }
                }
                foreach ([Sky::Sun, Sky::Broken, Sky::Overcast, Sky::Rain] as $sky) {
                    foreach (Wind::cases() as $wind) {
                        $shad = Readings::of($lure, $inches, Tint::None, $sky, $wind, forage: Forage::Shad);
                        self::assertSame(
                            Finish::Silver,
                            self::build($shad)->rearBlade()?->finish,
                            "{$sky->value} {$wind->value} $inches in",
                        );
                    }
                }
            }
        }
    }

    /** X10 with P4: wind over very clear shad water changes the trailer. */
    public function testWindOverClearShadWaterAsksForAWhiteTrailer(): void
    {
        foreach ([LureKind::BladedJig, LureKind::SwimJig] as $lure) {
            foreach ([40.0, 50.0, 61.0, 84.0, 120.0] as $inches) {
                foreach ([[Sky::Sun, Wind::Chop], [Sky::Overcast, Wind::Calm], [Sky::Rain, Wind::Chop]] as [$sky, $wind]) {
                    $trailer = self::build(Readings::of($lure, $inches, Tint::None, $sky, $wind, forage: Forage::Shad))->trailer;
                    self::assertSame(Colour::White, $trailer?->base, "{$lure->value} $inches in");
                    self::assertSame('matte', $trailer->surface->value);
                }
            }
        }
    }

    /** X11: an end that a fact names outvotes one that stops short of it. */
    public function testAtTheNumberTheFactThatNamesItWins(): void
    {
        foreach ([36.0, 48.0] as $inches) {
            foreach ([Forage::Bluegill, Forage::Crawfish, Forage::Unknown] as $forage) {
                $skirt = self::build(Readings::of(LureKind::Jig, $inches, Tint::None, Sky::Rain, forage: $forage))->skirt;
                self::assertSame([Colour::Brown, []], [$skirt?->base, $skirt?->accents], "$inches in");
            }
        }
    }

    /** X12 with S16, S22, T6 and S18. */
    public function testALongTailGoesBareUnlessColdAndDirty(): void
    {
        foreach ([9.0, 12.0, 17.9, 18.0, 24.0, 40.0, 70.0] as $inches) {
            foreach ([44.0, 50.0, 55.0, 60.0] as $surface) {
                $build = self::build(Readings::of(
                    LureKind::Spinnerbait,
                    $inches,
                    season: Season::EarlySpring,
                    forage: Forage::Shad,
                    surface: $surface,
                    forageInches: 6,
                ));
                self::assertSame(Trim::LongTail, $build->skirt?->trim, "$inches in");
                self::assertSame($inches < 18 && $surface <= 55, null !== $build->trailer, "$inches in, $surface °F");
            }
        }
    }

    public function testColdAndMuddySpinnerbaitsWearRubber(): void
    {
        foreach ([1.0, 3.0, 5.9] as $inches) {
            foreach ([38.0, 45.0, 55.0] as $surface) {
                foreach (Forage::cases() as $forage) {
                    $build = self::build(
                        Readings::of(LureKind::Spinnerbait, $inches, surface: $surface, season: Season::Winter, forage: $forage),
                    );
                    self::assertSame(SkirtMaterial::LivingRubber, $build->skirt?->material, "$inches in {$forage->value}");
                    self::assertNotNull($build->trailer);
                }
            }
        }
    }

    /** X13 with B4, B6 and B12. */
    public function testOpaqueBrownByDay(): void
    {
        foreach (self::BLADED as $lure) {
            foreach ([1.0, 3.0, 5.5] as $inches) {
                foreach ([Tint::Clay, Tint::Tannic] as $tint) {
                    foreach (Forage::cases() as $forage) {
                        $sun = self::build(Readings::of($lure, $inches, $tint, Sky::Sun, forage: $forage))->rearBlade();
                        self::assertTrue($sun?->finish->isMetal(), "{$forage->value} in the sun");
                    }
                    foreach ([Sky::Overcast, Sky::Rain] as $sky) {
                        $shad = self::build(Readings::of($lure, $inches, $tint, $sky, forage: Forage::Shad))->rearBlade();
                        self::assertNotNull($shad?->finish->paint(), 'painted for shad');
                        foreach ([Forage::Bluegill, Forage::Crawfish] as $forage) {
                            $dark = self::build(Readings::of($lure, $inches, $tint, $sky, forage: $forage))->rearBlade();
                            self::assertContains($dark?->finish, [Finish::Black, Finish::GreenPumpkin], "{$lure->value} {$forage->value}");
                        }
                    }
                }
            }
        }
    }

    /** X14: 55 °F and below, fall or not. */
    public function testColdIsSlowFallOrNot(): void
    {
        foreach (LureKind::cases() as $lure) {
            foreach (Season::cases() as $season) {
                foreach ([33.0, 45.0, 55.0] as $surface) {
                    $reading = Readings::of(
                        $lure,
                        48,
                        season: $season,
                        surface: $surface,
                        bite: Bite::Active,
                        bass: Bass::Smallmouth,
                        arm: Arm::Long,
                    );
                    $retrieve = (new Assembly(self::engine()->decide($reading)))->retrieve();
                    self::assertSame(Pace::Slow, $retrieve->pace, "{$lure->value} {$season->value} $surface °F");
                }
            }
        }
        $warm = Readings::of(LureKind::BladedJig, 30, season: Season::Fall, surface: 62, feet: 4);
        self::assertSame(Pace::Fast, (new Assembly(self::engine()->decide($warm)))->retrieve()->pace);
    }

    /** W7: tint is enough, chop is enough. */
    public function testTintAloneOrWindAloneCallsForGold(): void
    {
        foreach (self::BLADED as $lure) {
            foreach ([12.0, 18.0, 24.0, 30.0, 36.0] as $inches) {
                foreach ([Tint::Tannic, Tint::Clay] as $tint) {
                    foreach ([Forage::Shad, Forage::Bluegill, Forage::Crawfish, Forage::Unknown] as $forage) {
                        $reading = Readings::of($lure, $inches, $tint, Sky::Sun, Wind::Calm, forage: $forage);
                        self::assertSame(
                            Finish::Gold,
                            self::build($reading)->rearBlade()?->finish,
                            "{$forage->value} {$tint->value} $inches",
                        );
                    }
                }
                $green = Readings::of($lure, $inches, Tint::Green, Sky::Sun, Wind::Calm, forage: Forage::Shad);
                self::assertSame(Finish::Gold, self::build($green)->rearBlade()?->finish, "shad in green water, $inches in");
                foreach ([Forage::Bluegill, Forage::Crawfish] as $forage) {
                    $chop = Readings::of($lure, $inches, Tint::None, Sky::Sun, Wind::Chop, forage: $forage);
                    self::assertSame(Finish::Gold, self::build($chop)->rearBlade()?->finish, "{$forage->value} in chop, $inches in");
                }
            }
        }
    }

    /** D3: whatever the school. */
    public function testASpinnerbaitForShadInMudByDayIsBright(): void
    {
        foreach (DirtySchool::cases() as $school) {
            foreach (Tint::cases() as $tint) {
                foreach ([1.0, 3.0, 5.9] as $inches) {
                    foreach ([Sky::Sun, Sky::Overcast, Sky::Rain] as $sky) {
                        foreach ([44.0, 70.0] as $surface) {
                            $reading = Readings::of(
                                LureKind::Spinnerbait,
                                $inches,
                                $tint,
                                $sky,
                                forage: Forage::Shad,
                                surface: $surface,
                                schools: new Schools(dirty: $school),
                            );
                            self::assertContains(
                                self::build($reading)->skirt?->base,
                                [Colour::White, Colour::Chartreuse, Colour::Yellow],
                                "{$school->value} {$tint->value} $inches in",
                            );
                        }
                    }
                }
            }
        }
    }

    private static function assertDull(Build $build, string $where): void
    {
        $finish = $build->rearBlade()?->finish;
        self::assertTrue(null === $finish || !$finish->isBright() || $build->rearBlade()->darkened, "$where: {$finish?->value}");
        foreach ([...($build->skirt->accents ?? []), ...($build->trailer->accents ?? [])] as $accent) {
            self::assertNotContains($accent, Colour::loud(), "$where: {$accent->value}");
        }
        self::assertNotContains($build->skirt?->base, Colour::loud(), $where);
        self::assertNotContains($build->trailer?->base, Colour::loud(), $where);
    }

    /** @return list<string> every color on skirt and trailer */
    private static function colours(Build $build): array
    {
        return array_map(static fn (Colour $colour): string => $colour->value, [
            ...(null === $build->skirt ? [] : [$build->skirt->base, ...$build->skirt->accents, ...$build->skirt->belly]),
            ...(null === $build->trailer ? [] : [$build->trailer->base, ...$build->trailer->accents, ...$build->trailer->belly]),
        ]);
    }

    private static function warmingGrass(float $surface, float $trend): Reading
    {
        return Readings::of(
            LureKind::BladedJig,
            26,
            season: Season::EarlySpring,
            cover: Cover::Grass,
            forage: Forage::Shad,
            surface: $surface,
            trend: $trend,
        );
    }

    /** @return list<float> */
    private static function above(float $inches): array
    {
        return array_values(array_filter(self::INCHES, static fn (float $one): bool => $one > $inches));
    }

    private static function build(Reading $reading): Build
    {
        return (new Assembly(self::engine()->decide($reading)))->build();
    }

    private static function engine(): Engine
    {
        return self::$engine ??= Engine::standard();
    }
}
