<?php

declare(strict_types=1);

namespace Tests\core\Bench;

use Kontrast\Bench\EyeSay;
use Kontrast\Bench\Finding;
use Kontrast\Bench\Mark;
use Kontrast\Bench\Verdicts;
use Kontrast\Bench\Yardstick;
use Kontrast\Bin\Composition;
use Kontrast\Lure\Pairing;
use Kontrast\Reading\Colour;
use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Schools;
use Kontrast\Reading\Tint;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Aim;
use PHPUnit\Framework\TestCase;
use Tests\core\Bins;
use Tests\core\Readings;

/** What the model sees in a build, and how a build is marked. */
final class VerdictsTest extends TestCase
{
    public function testAPairThatMeltsWhereTwoAreWantedIsToldWithItsSplitAndAMend(): void
    {
        $yardstick = self::yardstick(Readings::of(LureKind::Jig, 9, tint: Tint::Clay, forage: Forage::Crawfish));
        self::assertSame(Pairing::Contrast, $yardstick->brief->wanted->pairing);
        $finding = self::about('pair', $yardstick, Bins::skirt(Colour::Black), Bins::trailer(Colour::Black));
        self::assertFalse($finding->asWanted);
        self::assertStringContainsString('come to match', $finding->text);
        self::assertStringContainsString('lighter trailer', $finding->text);
        self::assertTrue(self::about('pair', $yardstick, Bins::skirt(Colour::Black), Bins::trailer(Colour::White))->asWanted);
    }

    public function testAPairThatPartsWhereOneIsWantedIsToldToComeCloser(): void
    {
        $yardstick = self::yardstick(Readings::of(LureKind::Jig, 40, forage: Forage::Bluegill)->but(schools: new Schools(pairing: PairingSchool::OneTone)));
        $finding = self::about('pair', $yardstick, Bins::skirt(Colour::GreenPumpkin), Bins::trailer(Colour::White));
        self::assertFalse($finding->asWanted);
        self::assertStringContainsString('nearer to the skirt', $finding->text);
        self::assertGreaterThan(0, $finding->at?->inInches());
        self::assertTrue(self::about('pair', $yardstick, Bins::skirt(Colour::GreenPumpkin), Bins::trailer(Colour::GreenPumpkin))->asWanted);
    }

    public function testADarkSkirtCastsAShadowAndAWhiteOneDoesNot(): void
    {
        $yardstick = self::yardstick(Readings::of(LureKind::Jig, 4, tint: Tint::Clay, forage: Forage::Crawfish)->but(schools: new Schools(dirty: DirtySchool::Dark)));
        self::assertSame(Aim::Darkest, $yardstick->brief->wanted->skirt);
        self::assertTrue(self::about('skirt', $yardstick, Bins::skirt(Colour::Black), null)->asWanted);
        self::assertFalse(self::about('skirt', $yardstick, Bins::skirt(Colour::White), null)->asWanted);
    }

    public function testMarksNeverPassWhatTheyCanBringAndEqualTheSearchsFigures(): void
    {
        $bin = Bins::random(31, 4, 6, 6, 6, 4);
        foreach (LureKind::cases() as $kind) {
            $yardstick = self::yardstick(Readings::of($kind, 25));
            foreach ($bin->skirts as $skirt) {
                $pairs = $yardstick->pairPoints($skirt, [...$bin->trailers, null]);
                foreach ([...$bin->trailers, null] as $t => $trailer) {
                    self::assertSame($pairs[$t], $yardstick->pair($skirt, $trailer)->points);
                    $marks = $yardstick->measure(new Composition($kind, $bin->heads[0], null, null, $skirt, $trailer, null));
                    self::assertSame([], array_filter($marks->marks, static fn (Mark $mark): bool => $mark->points < 0 || $mark->points > $mark->of));
                }
            }
        }
    }

    /** A mark for a spinnerbait adds up to a hundred points whole, whatever is left off. */
    public function testASpinnerbaitIsMarkedOutOfAHundred(): void
    {
        $yardstick = self::yardstick(Readings::of(LureKind::Spinnerbait, 25));
        foreach ([Bins::trailer(), null] as $trailer) {
            self::assertSame(100_000, $yardstick->measure(new Composition(LureKind::Spinnerbait, Bins::head(), null, Bins::blade(), Bins::skirt(), $trailer, null))->most());
        }
    }

    public function testThePairingIsFullWithinWhatIsWantedAndFallsOffSteadily(): void
    {
        foreach ([[5, PairingSchool::Ladder, 1], [80, PairingSchool::Ladder, -1]] as [$inches, $school, $way]) {
            $reading = Readings::of(LureKind::Jig, (float) $inches, forage: Forage::Crawfish)->but(schools: new Schools(pairing: $school));
            $yardstick = self::yardstick($reading);
            $say = new EyeSay($yardstick->gaze, $yardstick->brief->wanted, $reading);
            $last = $say->pairing(0.0);
            for ($jnd = 0.1; $jnd < 20; $jnd += 0.1) {
                $now = $say->pairing($jnd);
                self::assertGreaterThanOrEqual(0, $way * ($now - $last) + 1e-12);
                $last = $now;
            }
        }
    }

    private static function about(string $what, Yardstick $yardstick, \Kontrast\Bin\OwnedSkirt $skirt, ?\Kontrast\Bin\OwnedTrailer $trailer): Finding
    {
        $build = new Composition($yardstick->reading->lure, Bins::head(), null, null, $skirt, $trailer, null);
        foreach ((new Verdicts($yardstick))->on($build) as $finding) {
            if ($finding->about === $what) {
                return $finding;
            }
        }
        self::fail("There is a finding about the $what.");
    }

    private static function yardstick(Reading $reading): Yardstick
    {
        return new Yardstick($reading, Adviser::standard()->brief($reading));
    }
}
