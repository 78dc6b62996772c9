<?php

declare(strict_types=1);

namespace Tests\core\Scoring;

use Kontrast\Reading\LureKind;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Schools;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Rulebook\Adviser;
use Kontrast\Scoring\Candidate;
use Kontrast\Scoring\Opinion;
use Kontrast\Scoring\SecondOpinion;
use Kontrast\Scoring\Verdict;
use PHPUnit\Framework\TestCase;
use Tests\core\Fits;
use Tests\core\Readings;

final class SecondOpinionTest extends TestCase
{
    public function testTheAdvisedPickComesFirstAndTheRulesOwnRunnersUpNext(): void
    {
        $finish = self::on(Readings::of(LureKind::BladedJig, 27))[0];
        self::assertSame('blades.finish', $finish->pick);
        self::assertSame(
            ['gold', 'silver'],
            array_map(static fn (Candidate $candidate): string => $candidate->value, \array_slice($finish->candidates, 0, 2)),
        );
        self::assertCount(3, $finish->candidates);
    }

    public function testAnActualMatchIsAgreedToReadAsOne(): void
    {
        $pairing = self::on(Readings::of(LureKind::BladedJig, 12, schools: new Schools(pairing: PairingSchool::OneTone)))[1];
        self::assertSame(Verdict::Agrees, $pairing->verdict);
        self::assertSame(0.0, $pairing->candidates[0]->figure);
        self::assertSame('one', $pairing->candidates[0]->reads);
    }

    public function testMeantToBeFoundTheOneMadeOutFromFarthestIsAgreedTo(): void
    {
        $finish = self::on(Readings::of(LureKind::BladedJig, 8, Tint::Clay, Sky::Overcast))[0];
        $best = max(array_map(static fn (Candidate $candidate): float => $candidate->figure, $finish->candidates));
        $advised = $finish->candidates[0]->figure;
        self::assertSame($advised >= 0.9 * $best ? Verdict::Agrees : Verdict::Disagrees, $finish->verdict);
    }

    public function testAJigWithoutBladesIsAskedAboutItsPairingAlone(): void
    {
        self::assertSame(
            ['pairing'],
            array_map(static fn (Opinion $opinion): string => $opinion->pick, self::on(Readings::of(LureKind::Jig))),
        );
    }

    public function testItNeverOverrulesTheTrade(): void
    {
        foreach (Readings::random(40, 9) as $reading) {
            $advice = Adviser::standard()->advise($reading);
            foreach (SecondOpinion::on($reading, $advice, Fits::shared()) as $opinion) {
                if ('blades.finish' === $opinion->pick) {
                    $blades = $advice->build->blades;
                    self::assertSame(($blades[1] ?? $blades[0])->finish->value, $opinion->candidates[0]->value);
                }
                self::assertNotSame('', $opinion->because);
            }
        }
    }

    /** @return list<Opinion> */
    private static function on(Reading $reading): array
    {
        return SecondOpinion::on($reading, Adviser::standard()->advise($reading), Fits::shared());
    }
}
