<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use Kontrast\Logbook\Certainty;
use Kontrast\Logbook\Effect;
use Kontrast\Logbook\EffectWords;
use Kontrast\Logbook\Factor;
use Kontrast\Reading\ClarityBand;
use OpenApi\Attributes as OA;

/** How many times the bites of one thing another gets, all else being equal: from one regression of all notes. */
#[OA\Schema(schema: 'Effect', additionalProperties: false)]
final readonly class EffectDocument
{
    /** Nothing is certain, however many digits a figure is rounded to. */
    private const LEAST_CHANCE = 0.001;

    public function __construct(
        public Factor $factor,
        public string $a,
        public string $b,
        #[OA\Property(description: 'The only water it is about; null for the mean of all that either was fished in, by hours.')]
        public ?ClarityBand $where,
        #[OA\Property(description: 'How many times the bites of b that a gets.')]
        public float $ratio,
        #[OA\Property(description: 'It lies between low and high four times in five.')]
        public float $low,
        public float $high,
        public float $probability_a_better,
        #[OA\Property(description: 'At least 95 % that the ratio is above 1.1, or that it is under 1/1.1.')]
        public bool $sure,
        #[OA\Property(description: 'Until the interval leaves 1 out: 0 where it does; null where the two are alike, or nothing was told.')]
        public ?float $hours_to_settle,
        #[OA\Property(description: 'Fished with either.')]
        public float $hours,
        #[OA\Property(description: 'How sure it is that the better one is better, in words: never surer than its hours.')]
        public string $certainty,
        public string $words,
    ) {
    }

    public static function of(Effect $effect): self
    {
        [$low, $high] = $effect->interval();
        $hours = $effect->hoursToSettle();
        $chance = $effect->chanceBetter();

        return new self(
            $effect->factor,
            $effect->a,
            $effect->b,
            $effect->clarity,
            round($effect->ratio(), 3),
            round($low, 3),
            round($high, 3),
            round(max(self::LEAST_CHANCE, min(1 - self::LEAST_CHANCE, $chance)), 4),
            $effect->isSure() || $effect->turned()->isSure(),
            null === $hours ? null : round($hours, 1),
            round($effect->hours, 2),
            Certainty::words(max($chance, 1 - $chance), $effect->hours),
            EffectWords::say($effect),
        );
    }
}
