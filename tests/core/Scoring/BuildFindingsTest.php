<?php

declare(strict_types=1);

namespace Tests\core\Scoring;

use Kontrast\Inventory\Composition;
use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Schools;
use Kontrast\Reading\Tint;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\PartGoal;
use Kontrast\Scoring\BuildFindings;
use Kontrast\Scoring\BuildScorer;
use Kontrast\Scoring\Finding;
use Kontrast\Scoring\ScoredTrait;
use Kontrast\Scoring\TraitScore;
use Kontrast\Scoring\VisionScore;
use Kontrast\Vision\Pair;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\core\Bins;
use Tests\core\Fits;
use Tests\core\Readings;
use Tests\core\Simulation;

/** What the model sees in a build, and how a build is marked. */
final class BuildFindingsTest extends TestCase
{
    private const WATERS = 200;
    /** Skirts, and trailers: every pair of them is judged, and either without the other. */
    private const OF_EACH = 9;

    public function testAPairThatMeltsWhereTwoAreWantedIsToldWithItsSplitAndAMend(): void
    {
        $scorer = self::scorer(Readings::of(LureKind::Jig, 9, tint: Tint::Clay, forage: Forage::Crawfish));
        self::assertSame(Pairing::Contrast, $scorer->brief->wanted->pairing);
        $finding = self::about('pair', $scorer, Bins::skirt(Colour::Black), Bins::trailer(Colour::Black));
        self::assertFalse($finding->asWanted);
        self::assertStringContainsString('more contrast', $finding->text);
        self::assertStringContainsString('use a trailer in green pumpkin with orange', $finding->text);
        $advised = Bins::trailer(Colour::GreenPumpkin, TrailerStyle::Craw, 3.5, 'trailer', Colour::Orange);
        self::assertTrue(self::about('pair', $scorer, Bins::skirt(Colour::Black), $advised)->asWanted);
    }

    /** Wanted is two-tone at least, which begins at 2.5 steps: a pair just on either side of that turns with the noise of a cone alone. */
    public function testAPairNearTheLimitIsAboutEvenAndOneFarFromItIsNot(): void
    {
        $scorer = self::scorer(Readings::of(LureKind::Jig, 9, tint: Tint::Clay, forage: Forage::Crawfish));
        $skirt = Bins::skirt(Colour::Black);
        $near = $far = 0;
        foreach (Colour::cases() as $colour) {
            $trailer = Bins::trailer($colour);
            $build = new Composition($scorer->reading->lure, Bins::head(), null, null, $skirt, $trailer, null);
            $parts = [];
            foreach ($build->asLightMeetsThem() as $part) {
                $parts[$part->id] = $scorer->vision->reduce($part);
            }
            $steps = Pair::farther($parts['skirt.0'], $parts['trailer.0']);
            $text = self::about('pair', $scorer, $skirt, $trailer)->text;
            if ($steps > 2.5 * 0.8 && $steps < 2.5 * 1.3) {
                self::assertStringContainsString('Close call', $text, $colour->value);
                ++$near;
            }
            if ($steps < 2.5 / 4 || $steps > 2.5 * 4) {
                self::assertStringNotContainsString('Close call', $text, $colour->value);
                ++$far;
            }
        }
        self::assertGreaterThan(0, $near);
        self::assertGreaterThan(0, $far);
    }

    /** A white tail was told "two very different colors, as the advice wants" where the same family with an accent is advised. */
    public function testAContrastInAnotherColorThanAnyAdvisedIsNotPraised(): void
    {
        $reading = Readings::of(LureKind::Jig, 24, forage: Forage::Bluegill)->with(schools: new Schools(pairing: PairingSchool::ForageMix));
        $scorer = self::scorer($reading);
        self::assertSame(Pairing::Accent, $scorer->brief->wanted->pairing);
        $finding = self::about('pair', $scorer, Bins::skirt(Colour::GreenPumpkin), Bins::trailer(Colour::White));
        self::assertFalse($finding->asWanted, $finding->text);
        self::assertStringContainsString('white', $finding->text);
        self::assertStringNotContainsString('as the advice wants', $finding->text);
    }

    /** Twenty thousand builds in two hundred waters: no sentence praises what the score punishes, or is about a part that is not there. */
    #[Group(Simulation::GROUP)]
    public function testNoSentencePraisesWhatTheScorePunishes(): void
    {
        $praised = $judged = 0;
        $waters = Simulation::size(self::WATERS, self::WATERS / 20);
        foreach (Readings::random($waters, 20261130) as $i => $reading) {
            $scorer = self::scorer($reading);
            $findings = new BuildFindings($scorer);
            $bin = Bins::random(1000 + $i, 1, 2, self::OF_EACH, self::OF_EACH, 1);
            foreach ([...$bin->skirts, null] as $skirt) {
                foreach ([...$bin->trailers, null] as $trailer) {
                    ++$judged;
                    $build = new Composition($reading->lure, $bin->heads[0], null, null, $skirt, $trailer, null);
                    $praised += self::praises($build, $scorer, $findings);
                }
            }
        }
        self::assertSame($waters * (self::OF_EACH + 1) ** 2, $judged);
        self::assertGreaterThan($judged / 20, $praised);
    }

    /** @return int sentences that say that something is as the advice wants it */
    private static function praises(Composition $build, BuildScorer $scorer, BuildFindings $findings): int
    {
        $points = [];
        foreach ($scorer->measure($build)->scores as $score) {
            $points[$score->trait->value] = $score->points / max(1, $score->of);
        }
        $advised = $scorer->brief->build;
        [$hasSkirt, $hasTrailer] = [null !== $build->skirt, null !== $build->trailer];
        $there = ['skirt' => $hasSkirt, 'trailer' => $hasTrailer, 'pair' => $hasTrailer, 'blade' => false];
        $praised = 0;
        foreach ($findings->find($build) as $finding) {
            self::assertTrue($there[$finding->about], "Not there: $finding->text");
            if (!str_contains($finding->text, 'as the advice wants')) {
                continue;
            }
            ++$praised;
            $isPair = 'pair' === $finding->about;
            foreach ($isPair ? [ScoredTrait::Pair, ScoredTrait::TrailerBase] : [ScoredTrait::SkirtGoal] as $trait) {
                self::assertGreaterThanOrEqual(0.5, $points[$trait->value] ?? 0.0, "$finding->text ($trait->value)");
            }
            self::assertNotNull($isPair ? $advised->trailer : $advised->skirt, $finding->text);
        }

        return $praised;
    }

    /** What does its work by half is on the limit: such a skirt is about even, one that does it wholly or not at all is not. */
    public function testASkirtNearTheLimitOfItsGoalIsAboutEvenAndOneFarFromItIsNot(): void
    {
        $even = $decided = 0;
        foreach ([7.0, 9.0, 12.0, 16.0, 24.0, 36.0] as $inches) {
            foreach ([Tint::Clay, Tint::Tannic, Tint::Green] as $tint) {
                $scorer = self::scorer(Readings::of(LureKind::Jig, $inches, tint: $tint, forage: Forage::Crawfish));
                foreach (Colour::cases() as $colour) {
                    $skirt = Bins::skirt($colour);
                    $build = new Composition($scorer->reading->lure, Bins::head(), null, null, $skirt, null, null);
                    $base = array_column($build->asLightMeetsThem(), null, 'id')['skirt.0'];
                    $does = $scorer->vision->meets($scorer->brief->wanted->skirt, $scorer->vision->reduce($base));
                    $text = self::about('skirt', $scorer, $skirt, null)->text;
                    if (abs($does - 0.5) < 0.002) {
                        self::assertStringContainsString('Close call', $text);
                        ++$even;
                    }
                    if ($does < 0.2 || $does > 0.9) {
                        self::assertStringNotContainsString('Close call', $text);
                        ++$decided;
                    }
                }
            }
        }
        self::assertGreaterThan(0, $even);
        self::assertGreaterThan(0, $decided);
    }

    public function testAPairThatPartsWhereOneIsWantedIsToldToComeCloser(): void
    {
        $scorer = self::scorer(
            Readings::of(LureKind::Jig, 40, forage: Forage::Bluegill)->with(schools: new Schools(pairing: PairingSchool::OneTone)),
        );
        $finding = self::about('pair', $scorer, Bins::skirt(Colour::GreenPumpkin), Bins::trailer(Colour::White));
        self::assertFalse($finding->asWanted);
        self::assertStringContainsString('closer to the skirt', $finding->text);
        self::assertGreaterThan(0, $finding->at?->inInches());
        $advised = $scorer->brief->build->trailer->base ?? Colour::Black;
        self::assertTrue(self::about('pair', $scorer, Bins::skirt($advised), Bins::trailer($advised))->asWanted);
    }

    public function testADarkSkirtCastsAShadowAndAWhiteOneDoesNot(): void
    {
        $scorer = self::scorer(
            Readings::of(
                LureKind::Jig,
                4,
                tint: Tint::Clay,
                forage: Forage::Crawfish,
            )->with(schools: new Schools(dirty: DirtySchool::Dark)),
        );
        self::assertSame(PartGoal::Darkest, $scorer->brief->wanted->skirt);
        self::assertTrue(self::about('skirt', $scorer, Bins::skirt(Colour::Black), null)->asWanted);
        self::assertFalse(self::about('skirt', $scorer, Bins::skirt(Colour::White), null)->asWanted);
    }

    public function testMarksNeverPassWhatTheyCanBringAndEqualTheSearchsFigures(): void
    {
        $bin = Bins::random(31, 4, 6, 6, 6, 4);
        foreach (LureKind::cases() as $kind) {
            $scorer = self::scorer(Readings::of($kind, 25));
            foreach ($bin->skirts as $skirt) {
                foreach ([...$bin->trailers, null] as $trailer) {
                    self::assertSame($scorer->points->pair($skirt, $trailer), $scorer->pair($skirt, $trailer)->points);
                    $scores = $scorer->measure(new Composition($kind, $bin->heads[0], null, null, $skirt, $trailer, null));
                    self::assertSame(
                        [],
                        array_filter($scores->scores, static fn (TraitScore $mark): bool => $mark->points < 0 || $mark->points > $mark->of),
                    );
                }
            }
        }
    }

    /** A mark for a spinnerbait adds up to a hundred points whole, whatever is left off. */
    public function testASpinnerbaitIsMarkedOutOfAHundred(): void
    {
        $scorer = self::scorer(Readings::of(LureKind::Spinnerbait, 25));
        foreach ([Bins::trailer(), null] as $trailer) {
            self::assertSame(
                100_000,
                $scorer->measure(
                    new Composition(LureKind::Spinnerbait, Bins::head(), null, Bins::blade(), Bins::skirt(), $trailer, null),
                )->most(),
            );
        }
    }

    public function testThePairingIsFullWithinWhatIsWantedAndFallsOffSteadily(): void
    {
        foreach ([[5, PairingSchool::Ladder, 1], [80, PairingSchool::Ladder, -1]] as [$inches, $school, $way]) {
            $reading = Readings::of(LureKind::Jig, (float) $inches, forage: Forage::Crawfish)->with(schools: new Schools(pairing: $school));
            $scorer = self::scorer($reading);
            $say = new VisionScore($scorer->viewing, $scorer->brief->wanted, $reading);
            $last = $say->pairing(0.0);
            for ($jnd = 0.1; $jnd < 20; $jnd += 0.1) {
                $now = $say->pairing($jnd);
                self::assertGreaterThanOrEqual(0, $way * ($now - $last) + 1e-12);
                $last = $now;
            }
        }
    }

    private static function about(
        string $what,
        BuildScorer $scorer,
        \Kontrast\Inventory\InventorySkirt $skirt,
        ?\Kontrast\Inventory\InventoryTrailer $trailer,
    ): Finding {
        $build = new Composition($scorer->reading->lure, Bins::head(), null, null, $skirt, $trailer, null);
        foreach ((new BuildFindings($scorer))->find($build) as $finding) {
            if ($finding->about === $what) {
                return $finding;
            }
        }
        self::fail("There is a finding about the $what.");
    }

    private static function scorer(Reading $reading): BuildScorer
    {
        return new BuildScorer($reading, Adviser::standard()->brief($reading), Fits::shared());
    }
}
