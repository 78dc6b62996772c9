<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Measure\Length;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Sky;
use Kontrast\Rulebook\Decision;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Quantity;
use Kontrast\Rulebook\SchoolQuestion;
use Kontrast\Rulebook\Tally;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/** Weighing again only what a changed field touches has to come out as weighing everything does. */
final class ReconsiderTest extends TestCase
{
    public function testAnotherNumberComesOutAsIfWeighedAnew(): void
    {
        foreach (Readings::random(60, 31) as $reading) {
            foreach (Quantity::cases() as $quantity) {
                $number = $quantity->measure($reading);
                if (null !== $number) {
                    self::assertSameEitherWay(
                        $reading,
                        $quantity->set($reading, $number + 1.7 * $quantity->nearness($number)),
                        $quantity->value,
                    );
                }
            }
        }
    }

    public function testAnotherSchoolComesOutAsIfWeighedAnew(): void
    {
        foreach (Readings::random(60, 32) as $reading) {
            foreach (SchoolQuestion::cases() as $question) {
                foreach ($question->schools() as $school) {
                    self::assertSameEitherWay(
                        $reading,
                        $reading->with(schools: $reading->schools->with($school)),
                        'schools.'.$question->value,
                    );
                }
            }
        }
    }

    public function testTwoFieldsAtOnceComeOutAsIfWeighedAnew(): void
    {
        foreach (Readings::random(60, 33) as $reading) {
            self::assertSameEitherWay($reading, $reading->with(visibility: Length::inches(9), sky: Sky::Overcast), 'visibility_in', 'sky');
        }
    }

    public function testWhatNothingHangsOnIsNotWeighedAgain(): void
    {
        $engine = Engine::standard();
        $reading = Readings::of(\Kontrast\Lure\LureKind::Jig);
        $before = $engine->decide($reading);
        self::assertSame($before->tallies, $engine->reconsider($before, $reading, 'schools.finish')->tallies);
    }

    private static function assertSameEitherWay(Reading $before, Reading $after, string ...$fields): void
    {
        static $engine = null;
        $engine ??= Engine::standard();
        \assert($engine instanceof Engine);
        $told = static fn (Decision $decision): array => array_map(
            static fn (Tally $tally): array => [$tally->keys(), $tally->scores],
            $decision->tallies,
        );
        self::assertEquals($told($engine->decide($after)), $told($engine->reconsider($engine->decide($before), $after, ...$fields)));
    }
}
