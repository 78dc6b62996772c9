<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Statistics\RateRatio;

/** What the advice was worth to this angler: lures tied as advised beside others on the same days. */
final readonly class AdviceWorth
{
    /** @param RateRatio|null $ratio null where no day had both, or nothing bit on one of the two */
    public function __construct(public float $hoursFollowed, public float $hoursNot, public ?RateRatio $ratio)
    {
    }

    /** In one sentence. */
    public function words(): string
    {
        if (null === $this->ratio) {
            return 'Not told yet: it takes days on which you fished some lures as advised and some otherwise, with bites on both.';
        }
        [$low, $high] = $this->ratio->interval();
        $said = \sprintf(
            '%s times the bites of your own picks on the same days; 80 %% sure it is between %s and %s.',
            number_format($this->ratio->ratio, 1),
            number_format($low, 1),
            number_format($high, 1),
        );

        return match (true) {
            $low > 1 => "Lures tied as advised got $said",
            $high < 1 => "Lures tied as advised got only $said Trust your own, and tell the program which: let your log vote.",
            default => "Not told yet whether the advice beats your own picks: lures tied as advised got $said",
        };
    }
}
