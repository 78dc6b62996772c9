<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Api\Document\BenchDocument;
use App\Api\Document\BenchRequestDocument;
use App\Api\Document\BestDocument;
use App\Api\Document\MissingDocument;
use App\Api\Document\OwnedPartDocument;
use App\Api\Document\RankedDocument;
use App\Api\Document\ReadingDocument;
use App\Api\Document\SwapDocument;
use App\Entity\KeptReading;
use App\Storage\BinKeeper;
use App\Storage\Keeper;
use App\Storage\ReflectanceMemory;
use Kontrast\Bench\Fit;
use Kontrast\Bench\Missing;
use Kontrast\Bench\Ranked;
use Kontrast\Bench\Search;
use Kontrast\Bench\Swap;
use Kontrast\Bench\Swaps;
use Kontrast\Bench\Yardstick;
use Kontrast\Bin\Bin;
use Kontrast\Bin\OwnedBlade;
use Kontrast\Bin\OwnedHead;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Adviser;
use Kontrast\Water\ClearerThanWater;

/** Answers what is asked of the bench: a verdict, the best of the bin, a swap, a part that is missing. */
final readonly class Builds
{
    /** So many of the newest readings are looked at for a missing part. (Chosen.) */
    private const MOST_READINGS = 12;

    public function __construct(private Adviser $adviser, private BinKeeper $bin, private Keeper $keeper, private DocumentReader $reader, private ReflectanceMemory $memory)
    {
    }

    /** @throws InvalidDocument */
    public function judge(BenchRequestDocument $request): BenchDocument
    {
        return $this->memory->through(fn (): BenchDocument => BenchDocument::of($request->build->toComposition(), $this->yardstick($request->reading->toReading()), $request->from));
    }

    /** @throws InvalidDocument */
    public function best(Reading $reading): BestDocument
    {
        return $this->memory->through(function () use ($reading): BestDocument {
            [$bin, $owned] = $this->owned();
            $search = new Search($bin, $this->yardstick($reading));

            return new BestDocument(
                $search->combinations(),
                array_map(static fn (Ranked $ranked): RankedDocument => RankedDocument::of($ranked, $owned), $search->best()),
                self::lacking($bin, $reading->lure),
            );
        });
    }

    /**
     * @return list<SwapDocument>
     *
     * @throws InvalidDocument
     */
    public function swaps(BenchRequestDocument $request): array
    {
        return $this->memory->through(function () use ($request): array {
            [$bin, $owned] = $this->owned();
            $yardstick = $this->yardstick($request->reading->toReading());
            $build = $request->build->toComposition();
            $most = $yardstick->measure($build)->most();

            return array_map(static fn (Swap $swap): SwapDocument => SwapDocument::of($swap, $most, $owned), (new Swaps($bin, $yardstick))->that($build));
        });
    }

    /**
     * Over the readings put away, newest first, and the one on the desk.
     *
     * @return list<MissingDocument>
     *
     * @throws InvalidDocument
     */
    public function missing(): array
    {
        return $this->memory->through(function (): array {
            [$bin] = $this->owned();
            $yardsticks = array_values(array_filter(array_map($this->yardstickOrNone(...), $this->readings())));
            $count = \count($yardsticks);

            return array_map(static fn (array $found): MissingDocument => new MissingDocument(OwnedParts::document($found['part']), round($found['gain'] / 1000 / $count, 1), $found['readings'], $count), [] === $yardsticks ? [] : (new Missing($bin, $yardsticks))->parts());
        });
    }

    /** A reading put away may claim more sight than any water gives; it then asks for nothing. */
    private function yardstickOrNone(Reading $reading): ?Yardstick
    {
        try {
            return new Yardstick($reading, $this->adviser->brief($reading));
        } catch (ClearerThanWater) {
            return null;
        }
    }

    private function yardstick(Reading $reading): Yardstick
    {
        return Looks::inWater(fn (): Yardstick => new Yardstick($reading, $this->adviser->brief($reading)), 'reading.visibility_in');
    }

    /** @return array{Bin, array<string, OwnedPartDocument>} what is in stock, and the documents by id */
    private function owned(): array
    {
        $judged = [];
        $owned = [];
        foreach ($this->bin->parts() as $part) {
            if ($part->count() > 0 && OwnedParts::isJudged($part->kind())) {
                $document = $this->bin->document($part);
                $owned[$part->id()] = $document;
                $judged[] = OwnedParts::of($document);
            }
        }

        return [Bin::of(array_filter($judged)), $owned];
    }

    /** @return list<Reading> */
    private function readings(): array
    {
        $stored = array_map(static fn (KeptReading $kept): array => $kept->reading(), \array_slice($this->keeper->readings(), 0, self::MOST_READINGS - 1));
        $desk = $this->keeper->desk();
        $standing = $this->keeper->settings();

        return array_map(fn (array $reading): Reading => $this->reader->trusted($reading + array_intersect_key($standing, ['schools' => 0, 'lead_free' => 0]), ReadingDocument::class)->toReading(), null === $desk ? $stored : [$desk->reading(), ...$stored]);
    }

    /** @return list<string> */
    private static function lacking(Bin $bin, LureKind $kind): array
    {
        return array_keys(array_filter([
            'head' => [] === array_filter($bin->heads, static fn (OwnedHead $head): bool => $head->isFor($kind)),
            'blade' => \in_array($kind, [LureKind::Spinnerbait, LureKind::BladedJig], true) && [] === array_filter($bin->blades, static fn (OwnedBlade $blade): bool => Fit::blade($blade, $kind)),
            'skirt' => [] === $bin->skirts && LureKind::BladedJig !== $kind,
            'trailer' => [] === $bin->trailers,
        ], static fn (bool $lacks): bool => $lacks));
    }
}
