<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Measure\Length;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Sky;
use Kontrast\Rulebook\Ballot;
use Kontrast\Rulebook\Deliberation;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Quantity;
use Kontrast\Rulebook\Question;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/** Weighing again only what a changed field touches has to come out as weighing everything does. */
final class ReconsiderTest extends TestCase
{
    public function testAnotherNumberComesOutAsIfWeighedAnew(): void
    {
        foreach (Readings::random(60, 31) as $reading) {
            foreach (Quantity::cases() as $quantity) {
                $number = $quantity->of($reading);
                if (null !== $number) {
                    self::assertSameEitherWay($reading, $quantity->set($reading, $number + 1.7 * $quantity->nearness($number)), $quantity->value);
                }
            }
        }
    }

    public function testAnotherSchoolComesOutAsIfWeighedAnew(): void
    {
        foreach (Readings::random(60, 32) as $reading) {
            foreach (Question::cases() as $question) {
                foreach ($question->schools() as $school) {
                    self::assertSameEitherWay($reading, $reading->but(schools: $reading->schools->with($school)), 'schools.'.$question->value);
                }
            }
        }
    }

    public function testTwoFieldsAtOnceComeOutAsIfWeighedAnew(): void
    {
        foreach (Readings::random(60, 33) as $reading) {
            self::assertSameEitherWay($reading, $reading->but(visibility: Length::inches(9), sky: Sky::Overcast), 'visibility_in', 'sky');
        }
    }

    public function testWhatNothingHangsOnIsNotWeighedAgain(): void
    {
        $engine = Engine::standard();
        $reading = Readings::of(\Kontrast\Reading\LureKind::Jig);
        $before = $engine->deliberate($reading);
        self::assertSame($before->ballots, $engine->reconsider($before, $reading, 'schools.finish')->ballots);
    }

    private static function assertSameEitherWay(Reading $before, Reading $after, string ...$fields): void
    {
        static $engine = null;
        $engine ??= Engine::standard();
        \assert($engine instanceof Engine);
        $told = static fn (Deliberation $deliberation): array => array_map(static fn (Ballot $ballot): array => [$ballot->keys(), $ballot->scores], $deliberation->ballots);
        self::assertEquals($told($engine->deliberate($after)), $told($engine->reconsider($engine->deliberate($before), $after, ...$fields)));
    }
}
