<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Lure\LureKind;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Season;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Caution;
use Kontrast\Rulebook\Rulebook;
use Kontrast\Rulebook\Situation;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/** Numbers that the trade states, held at both of their ends. */
final class LimitsTest extends TestCase
{
    /**
     * Common practice, no source: brown and orange for cold rock at 1.5 to 3.5 ft of visibility (S6), brown, blue and orange in fall up to
     * 4 ft (S5). A rule holds from end to end of what the trade says, and is silent well beyond it.
     */
    #[TestWith(['S6', 1.5, 3.5, Season::EarlySpring, Cover::Rock])]
    #[TestWith(['S5', 1.5, 4.0, Season::Fall, Cover::Open])]
    public function testARuleOfTheTradeEndsWhereTheTradeSays(string $id, float $least, float $most, Season $season, Cover $cover): void
    {
        $rule = Rulebook::standard()->rules[$id];
        $strength = static fn (float $feet): float => $rule->strength(new Situation(Readings::of(
            LureKind::Jig,
            inches: 12 * $feet,
            season: $season,
            cover: $cover,
            surface: 50,
        )));
        self::assertSame([1.0, 1.0], [$strength($least), $strength($most)]);
        self::assertSame([0.0, 0.0], [$strength($least * 0.75), $strength($most * 1.25)]);
    }

    /** Z1, common practice, no source: what a spinnerbait may weigh at a depth. */
    #[TestWith([3.0, 0.25, 0.5])]
    #[TestWith([7.0, 0.375, 0.5])]
    #[TestWith([15.0, 0.5, 0.625])]
    #[TestWith([30.0, 0.75, 1.5])]
    public function testTheWeightsOfASpinnerbaitByDepth(float $feet, float $least, float $most): void
    {
        $range = Adviser::standard()->advise(Readings::of(LureKind::Spinnerbait, feet: $feet))->build->head->range;
        self::assertSame([$least, $most], [$range->least->inOunces(), $range->most->inOunces()]);
    }

    /** C4, common practice, no source: under 60 °F cold water is dangerous, under 50 within minutes; defer to local advice. */
    public function testColdWaterIsWarnedOfByItsDegrees(): void
    {
        $warning = static fn (float $surface): string => implode(' ', array_map(
            static fn (Caution $one): string => 'C4' === $one->id ? $one->text : '',
            Adviser::standard()->advise(Readings::of(LureKind::Jig, surface: $surface))->cautions,
        ));
        self::assertStringContainsString('within minutes', $warning(49.9));
        self::assertStringNotContainsString('within minutes', $warning(50));
        self::assertNotSame('', trim($warning(59.9)));
        self::assertSame('', trim($warning(60)));
    }
}
