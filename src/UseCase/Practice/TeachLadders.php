<?php

declare(strict_types=1);

namespace App\UseCase\Practice;

use App\Contract\Outing\DrawnBuildDocument;
use App\Contract\Practice\LadderDocument;
use App\Contract\Practice\LadderScreenDocument;
use App\Contract\Practice\LadderWaterDocument;
use App\Contract\Practice\WaterColumnDocument;
use App\Contract\Reading\ReadingDocument;
use Kontrast\Practice\Ladder;
use Kontrast\Practice\LookedAt;
use Kontrast\Practice\WaterColumn;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Slot;

/** First lessons, worked out by the standard rules: their waters are chosen, what is tied in them and why is not. */
final readonly class TeachLadders
{
    public function __construct(private Engine $standard)
    {
    }

    /** @return list<LadderDocument> */
    public function all(): array
    {
        return array_map(fn (Ladder $ladder): LadderDocument => new LadderDocument(
            $ladder,
            $ladder->title(),
            $ladder->slot(),
            array_map(fn (array $waters): LadderScreenDocument => new LadderScreenDocument(array_map(
                fn (Reading $reading): LadderWaterDocument => $this->water($reading, $ladder->slot()),
                $waters,
            )), $ladder->screens()),
        ), Ladder::cases());
    }

    private function water(Reading $reading, Slot $slot): LadderWaterDocument
    {
        $advice = (new Adviser($this->standard))->advise($reading);
        foreach ($advice->reasons as $reason) {
            if ($reason->slot === $slot) {
                return new LadderWaterDocument(
                    ReadingDocument::of($reading),
                    WaterColumnDocument::of(WaterColumn::of($reading, 0.0)),
                    DrawnBuildDocument::inWords($advice->build),
                    LookedAt::in($advice->build, $slot),
                    $reason->rule->because,
                    $reason->rule->facts,
                );
            }
        }
        throw new \LogicException("The advice gives no reason for {$slot->value}.");
    }
}
