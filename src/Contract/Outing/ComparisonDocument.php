<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use Kontrast\Logbook\Certainty;
use Kontrast\Logbook\Comparison;
use Kontrast\Logbook\ComparisonWords;
use Kontrast\Logbook\Factor;
use Kontrast\Reading\ClarityBand;
use OpenApi\Attributes as OA;

/** One choice beside another, on the same days in the same water and light; drawn together with all other comparisons. */
#[OA\Schema(schema: 'Comparison', additionalProperties: false)]
final readonly class ComparisonDocument
{
    public function __construct(
        public Factor $factor,
        #[OA\Property(description: 'The only water it is about; null for all.')]
        public ?ClarityBand $clarity,
        public string $a,
        public string $b,
        #[OA\Property(description: 'How many times the rate of b that of a is.')]
        public float $ratio,
        public float $low,
        public float $high,
        public float $probability_a_better,
        #[OA\Property(description: 'The same in words: never surer than its hours.')]
        public string $sure,
        #[OA\Property(description: '0 where it is settled; null where the two are alike.')]
        public ?float $hours_to_settle,
        #[OA\Property(description: 'As the notes have it, before it is drawn together with the others.')]
        public float $seen_ratio,
        #[OA\Property(description: 'Fished with either on those days.')]
        public float $hours,
        public string $words,
    ) {
    }

    public static function of(Comparison $comparison): self
    {
        [$low, $high] = $comparison->believed->interval();
        $hours = $comparison->hoursToSettle();

        return new self(
            $comparison->factor,
            $comparison->clarity,
            $comparison->a,
            $comparison->b,
            round($comparison->believed->ratio, 3),
            round($low, 3),
            round($high, 3),
            round($comparison->believed->chanceBetter(), 4),
            Certainty::words($comparison->believed->chanceBetter(), $comparison->seen->hours),
            null === $hours ? null : round($hours, 1),
            round($comparison->seen->ratio, 3),
            round($comparison->seen->hours, 2),
            ComparisonWords::say($comparison),
        );
    }
}
