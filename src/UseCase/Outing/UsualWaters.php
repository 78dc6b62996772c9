<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reading\ObservedReadingDocument;
use App\Contract\Reading\ReadingDocument;
use App\Contract\Reading\UsualWaterDocument;
use App\Persistence\Entity\Water;
use App\Persistence\Kind\Documents;
use App\Persistence\Kind\WaterKind;
use App\Persistence\LogbookCounts;
use App\Persistence\Rows;
use Kontrast\Reading\SeasonCalendar;
use Symfony\Component\Clock\ClockInterface;

/** What is usual at each water, for what nobody has seen of it today. */
final readonly class UsualWaters
{
    /** What a water is like from one day to another; sky, wind, warmth and bite are not. */
    private const LASTING = [
        'visibility_in', 'tint', 'depth_ft', 'cover', 'cover_density', 'forage', 'forage_in', 'forage_colours', 'forage_also',
        'red_crawfish', 'bass',
    ];

    public function __construct(
        private Rows $rows,
        private WaterKind $waters,
        private LogbookCounts $counts,
        private Documents $documents,
        private DocumentNormalizer $fields,
        private ClockInterface $clock,
    ) {
    }

    /** @return list<UsualWaterDocument> of all waters, and of one without a name, the last */
    public function all(): array
    {
        $seen = $this->counts->lastSeen();
        $of = fn (?Water $water): UsualWaterDocument => $this->of($water, $seen[$water?->id() ?? ''] ?? null);

        return array_map($of, [...$this->rows->all($this->waters), null]);
    }

    /** @param array{\DateTimeImmutable, array<string, mixed>}|null $last when it was last looked at, and what was seen then */
    private function of(?Water $water, ?array $last): UsualWaterDocument
    {
        [$at, $seen] = $last ?? [null, []];
        $own = null === $water ? [] : array_intersect_key($this->fields->toStored($water->document()), array_flip(self::LASTING));
        $today = $this->clock->now()->setTimezone(Water::clockAt($water));

        return new UsualWaterDocument(
            $water?->id(),
            $this->documents->made([
                ...ReadingDocument::STARTING,
                ...$own,
                ...array_intersect_key($seen, array_flip(self::LASTING)),
                'season' => SeasonCalendar::propose($today, $water?->place()?->latitude)->value,
            ], ReadingDocument::class),
            $at,
            null === $last ? null : $this->documents->made($seen, ObservedReadingDocument::class),
        );
    }
}
