<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Lure\Intent;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\Run;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\BuildGoal;
use Kontrast\Rulebook\NextStep;
use Kontrast\Rulebook\Note;
use Kontrast\Rulebook\Occasion;
use Kontrast\Rulebook\PartGoal;
use Kontrast\Rulebook\Slot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/**
 * What to do when something happens on the water, what is worth knowing there, and what the fish should see. Facts: common practice, no
 * source.
 */
final class OnTheWaterTest extends TestCase
{
    /** L2: trailer first, then the blade, then the lure. */
    public function testFishThatFollowAndDoNotTakeAreAnsweredInOrder(): void
    {
        $slots = array_map(
            static fn (NextStep $step): Slot => $step->change->slot,
            self::steps(Readings::of(LureKind::BladedJig, 26, forage: Forage::Shad, run: Run::Low), Occasion::NotTaking),
        );
        self::assertSame([Slot::TrailerBase, Slot::TrailerSurface, Slot::TrailerStyle, Slot::Finish, Slot::Lure], $slots, 'in this order');
    }

    public function testAJigHasNoBladeToChangeAndABareSpinnerbaitNoTrailer(): void
    {
        self::assertNotContains(
            Slot::Finish,
            array_map(
                static fn (NextStep $step): Slot => $step->change->slot,
                self::steps(Readings::of(LureKind::Jig), Occasion::NotTaking),
            ),
        );
        self::assertNotContains(
            Slot::TrailerStyle,
            array_map(
                static fn (NextStep $step): Slot => $step->change->slot,
                self::steps(Readings::of(LureKind::Spinnerbait, 50), Occasion::NotTaking),
            ),
        );
    }

    public function testWhatIsTriedNextIsNeverWhatIsOnAlready(): void
    {
        foreach (Readings::random(80, 51) as $reading) {
            foreach (self::adviser()->advise($reading)->next as $step) {
                $before = array_map(static fn ($value): string => $value->key, $step->change->before);
                $after = array_map(static fn ($value): string => $value->key, $step->change->after);
                self::assertNotSame($before, $after, $step->change->slot->value);
            }
        }
    }

    /** L3 with B4: mud in the sun wears metal, and paint once the sun has gone. */
    public function testWhenTheSunGoesTheBladeGoesWithIt(): void
    {
        $steps = self::steps(Readings::of(LureKind::Spinnerbait, 4, Tint::Green, Sky::Sun, forage: Forage::Shad), Occasion::SunGoes);
        self::assertSame('painted_chartreuse', self::afterOn(Slot::Finish, $steps));
        $back = self::steps(Readings::of(LureKind::Spinnerbait, 4, Tint::Green, Sky::Overcast, forage: Forage::Shad), Occasion::SunComes);
        self::assertSame('gold', self::afterOn(Slot::Finish, $back));
    }

    public function testAtNightThereIsNoSunToWaitFor(): void
    {
        foreach (self::adviser()->advise(Readings::of(LureKind::Spinnerbait, sky: Sky::Night))->next as $step) {
            self::assertNotContains($step->occasion, [Occasion::SunComes, Occasion::SunGoes]);
        }
    }

    public function testAsTheWaterClearsThePairingGrowsQuieter(): void
    {
        self::assertSame(
            'accent',
            self::afterOn(
                Slot::Pairing,
                self::steps(Readings::of(LureKind::SwimJig, 13, forage: Forage::Bluegill, sky: Sky::Sun), Occasion::Clearing),
            ),
        );
    }

    /** P6: the trailer alone grows bolder. */
    public function testAsTheWaterDirtiesOnlyTheTrailerIsChanged(): void
    {
        $steps = self::steps(Readings::of(LureKind::SwimJig, 26), Occasion::Dirtying);
        self::assertNotSame([], $steps);
        foreach ($steps as $step) {
            self::assertContains($step->change->slot, [Slot::TrailerBase, Slot::TrailerAccents]);
            self::assertContains('P6', $step->facts);
        }
    }

    /** @param list<string> $rules */
    #[DataProvider('notes')]
    public function testNotesAppearWhereTheyApply(Reading $reading, array $rules, string $not): void
    {
        $told = array_map(static fn (Note $note): string => $note->rule->id, self::adviser()->advise($reading)->notes);
        foreach ($rules as $rule) {
            self::assertContains($rule, $told);
        }
        self::assertNotContains($not, $told);
    }

    /** @return iterable<string, array{Reading, list<string>, string}> */
    public static function notes(): iterable
    {
        yield 'shad in summer grass' => [
            Readings::of(LureKind::BladedJig, cover: Cover::Grass, forage: Forage::Shad),
            ['F8.grass', 'Z8'],
            'F8.rock',
        ];
        yield 'sunfish on rock' => [Readings::of(LureKind::Jig, cover: Cover::Rock), ['F8.rock', 'S20.jig'], 'S20.swim_jig'];
        yield 'fall without shad' => [Readings::of(LureKind::BladedJig, season: Season::Fall), ['F8.fall'], 'Z8'];
        yield 'deep rock' => [Readings::of(LureKind::Jig, feet: 12, cover: Cover::Rock), ['Z9'], 'F8.fall'];
        yield 'a hard day' => [Readings::of(LureKind::Jig, bite: Bite::Tough), ['F10'], 'Z9'];
        yield 'a trailer of unknown plastic' => [Readings::of(LureKind::Jig), ['T10'], 'F10'];
        yield 'no trailer, no warning of its plastic' => [Readings::of(LureKind::Spinnerbait, 50), ['F7'], 'T10'];
    }

    public function testTheIntentIsPutInTheModelsWords(): void
    {
        self::assertSame([PartGoal::Darkest, PartGoal::Darkest], self::aims(Intent::ShowSilhouette));
        self::assertSame([PartGoal::LeastContrast, PartGoal::LeastContrast], self::aims(Intent::BlendIn));
        self::assertSame([PartGoal::LikeForage, PartGoal::LikeForage], self::aims(Intent::MatchForage));
        self::assertSame([PartGoal::FarthestSeen, PartGoal::FarthestSeen], self::aims(Intent::StandOut));
        self::assertSame([PartGoal::LikeForage, PartGoal::FarthestSeen], self::aims(Intent::TriggerStrike));
    }

    public function testTheLineSaysHowThePairShouldRead(): void
    {
        self::assertStringContainsString('look like one color', BuildGoal::of(Intent::BlendIn, Pairing::Match)->line(true));
        self::assertStringContainsString('look like two colors', BuildGoal::of(Intent::StandOut, Pairing::Contrast)->line(true));
        self::assertStringNotContainsString('blade', BuildGoal::of(Intent::StandOut, Pairing::Contrast)->line(false));
        self::assertStringNotContainsString('railer', BuildGoal::of(Intent::StandOut, Pairing::Contrast, isPaired: false)->line(true));
    }

    /** @return list<PartGoal> */
    private static function aims(Intent $intent): array
    {
        $wanted = BuildGoal::of($intent, Pairing::Match);

        return [$wanted->skirt, $wanted->blade];
    }

    /** @param list<NextStep> $steps */
    private static function afterOn(Slot $slot, array $steps): ?string
    {
        foreach ($steps as $step) {
            if ($step->change->slot === $slot) {
                return $step->change->after[0]->key ?? null;
            }
        }

        return null;
    }

    /** @return list<NextStep> */
    private static function steps(Reading $reading, Occasion $occasion): array
    {
        return array_values(
            array_filter(self::adviser()->advise($reading)->next, static fn (NextStep $step): bool => $step->occasion === $occasion),
        );
    }

    private static function adviser(): Adviser
    {
        static $adviser = null;
        $adviser ??= Adviser::standard();
        \assert($adviser instanceof Adviser);

        return $adviser;
    }
}
