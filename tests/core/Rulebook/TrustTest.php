<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Rulebook;
use Kontrast\Rulebook\SetLimits;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Trust;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/** Of two picks that are equal, the one that is trusted is tied; nothing is outvoted by it. Common practice, no source (L9). */
final class TrustTest extends TestCase
{
    /** More than this ahead no trust reaches; one vote of trust counts one. */
    private const AHEAD = 1.0;

    public function testWhatIsTrustedWinsWhereTheTwoAreEqualAndNowhereElse(): void
    {
        $book = Rulebook::standard();
        $plain = new Engine($book);
        $turned = $stayed = 0;
        foreach (Readings::random(150, 99) as $reading) {
            $before = $plain->decide($reading);
            $inUse = (new Assembly($before))->slotsInUse();
            foreach (Trust::PICKS as $slot) {
                $tally = $before->on($slot);
                $second = $tally?->second();
                if (null === $tally || null === $second || [] === $tally->winners || !\in_array($slot, $inUse, true)) {
                    continue;
                }
                if (!SetLimits::allows($slot, $second, $before->situation())) {
                    continue;
                }
                $trusting = new Engine($book->with(Trust::rules([[$slot, $second->key]])));
                $now = $trusting->decide($reading)->on($slot)?->keys();
                $ahead = $tally->scores[$tally->winners[0]->key] - $tally->scores[$second->key];
                if ($ahead >= 0.0 && $ahead < self::AHEAD) {
                    self::assertSame([$second->key], $now, "{$slot->value} $ahead");
                    ++$turned;
                } elseif ($ahead > self::AHEAD) {
                    self::assertSame($tally->keys(), $now, "{$slot->value} $ahead");
                    ++$stayed;
                }
            }
        }
        self::assertGreaterThan(10, $turned);
        self::assertGreaterThan(100, $stayed);
    }

    public function testWhatIsNoPickIsLeftOut(): void
    {
        self::assertSame([], Trust::rules([[Slot::SkirtBase, 'mauve'], [Slot::Weight, '3/8 oz'], [Slot::TrailerStyle, 'black']]));
        $one = Trust::rules([[Slot::SkirtBase, 'black']]);
        self::assertSame(['L9.skirt.base.black'], array_map(static fn (Rule $rule): string => $rule->id, $one));
    }
}
