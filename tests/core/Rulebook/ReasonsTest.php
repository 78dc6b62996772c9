<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Reading\Forage;
use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Reason;
use Kontrast\Rulebook\Reasons;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;
use Tests\core\Simulation;

/** A reason never contradicts its pick: the lure is as its sentence says. */
final class ReasonsTest extends TestCase
{
    private const READINGS = 20_000;
    /** Of reasons that stand although the lure has not all that their rule picked, since no other rule voted. */
    private const MOST_LEFT = 0.02;

    /** Common practice, no source (S10): in stained water sunfish are copied with accents, and then plain green pumpkin is no reason. */
    public function testPlainIsNoReasonForASkirtWithAccents(): void
    {
        $lure = self::lure(LureKind::Jig, 24, Forage::Bluegill);
        self::assertNotSame([], $lure->keys(Slot::SkirtAccents));
        $base = self::reason($lure, Slot::SkirtBase);
        self::assertSame(Colour::GreenPumpkin->value, $base->value->key);
        self::assertStringNotContainsString('plain', $base->rule->because);
    }

    #[Group(Simulation::GROUP)]
    public function testOverThousandsOfWatersEveryPickHasAReasonAndNoneClaimsWhatIsNotSo(): void
    {
        $engine = Engine::standard();
        $reasons = $left = 0;
        foreach (Readings::random(Simulation::size(self::READINGS, self::READINGS / 20), 20261130) as $reading) {
            $lure = new Assembly($engine->decide($reading));
            $told = Reasons::collect($lure);
            foreach ($lure->slotsInUse() as $slot) {
                $picks = $lure->keys($slot);
                self::assertCount(\count($picks), array_filter($told, static fn (Reason $one): bool => $slot === $one->slot), $slot->value);
            }
            foreach ($told as $reason) {
                ++$reasons;
                foreach ($reason->rule->claims as $claim) {
                    self::assertTrue($claim->isBorneOut($lure), "{$reason->rule->id}: {$reason->rule->because}");
                }
                $left += Reasons::isBorneOut($reason->rule, $lure) ? 0 : 1;
            }
        }
        self::assertLessThan(self::MOST_LEFT * $reasons, $left);
    }

    /** Whatever picks and says "plain" of a skirt or trailer, or "never one solid color", declares that it does. */
    public function testASentenceThatSaysPlainClaimsIt(): void
    {
        $silent = array_filter(Engine::standard()->book->rules, static fn (Rule $rule): bool => [] === $rule->claims && [] !== $rule->for
            && \in_array($rule->part(), ['skirt', 'trailer'], true)
            && 1 === preg_match('/\bplain (?!white\.)[a-z]+ ?(pumpkin|brown|trailer)|no accents|never one/', $rule->because));
        self::assertSame([], array_map(static fn (Rule $rule): string => $rule->id, array_values($silent)));
    }

    private static function lure(LureKind $kind, float $inches, Forage $forage): Assembly
    {
        return new Assembly(Engine::standard()->decide(Readings::of($kind, $inches, forage: $forage)));
    }

    private static function reason(Assembly $lure, Slot $slot): Reason
    {
        foreach (Reasons::collect($lure) as $reason) {
            if ($slot === $reason->slot) {
                return $reason;
            }
        }
        self::fail("There is no reason for {$slot->value}.");
    }
}
