<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Reading\WaterSightsDocument;
use App\Persistence\LogbookCounts;
use Kontrast\Logbook\OwnSights;
use Kontrast\Measure\Length;

/** How far one sees in each water, as far as enough days were noted there. It reads every stint: only who draws a chart asks. */
final readonly class SightsOfWaters
{
    public function __construct(private LogbookCounts $counts)
    {
    }

    /** @return list<WaterSightsDocument> */
    public function all(): array
    {
        $all = [];
        foreach ($this->counts->sights() as $water => $inches) {
            $sights = OwnSights::of($inches);
            if (null !== $sights) {
                $all[] = new WaterSightsDocument($water, array_map(
                    static fn (Length $sight): float => round($sight->inInches(), 1),
                    [$sights->low, $sights->usual, $sights->high],
                ));
            }
        }

        return $all;
    }
}
