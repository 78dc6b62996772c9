<?php

declare(strict_types=1);

namespace App\Benchmark;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Outing\OutingDocument;
use App\Contract\Outing\OutingEventDocument;
use App\Contract\Outing\StintDocument;
use App\Contract\Reading\ObservedReadingDocument;
use App\UseCase\Outing\AnalyzeLogbook;
use App\UseCase\Outing\NoteOuting;
use App\UseCase\Shelf;
use Doctrine\ORM\EntityManagerInterface;
use Kontrast\Inventory\GenericParts;
use Kontrast\Logbook\EventKind;
use Kontrast\Lure\LureKind;
use Kontrast\Measure\Length;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Engine;
use Symfony\Component\Uid\Uuid;

/** How fast twenty years of notes are counted, listed and added to. It fills the database it is given, and only an empty one. */
final readonly class LogbookBenchmark implements Benchmark
{
    private const WRITTEN = 100;
    private const TIMES = 10;
    private const STINTS = 12;
    private const PAGE = 50;

    public function __construct(
        private Shelf $shelf,
        private NoteOuting $note,
        private AnalyzeLogbook $analyze,
        private Engine $engine,
        private EntityManagerInterface $entities,
    ) {
    }

    public function title(): string
    {
        return 'Logbook (one core)';
    }

    public function figures(): array
    {
        if ([] !== $this->shelf->page('outings', 1)->documents) {
            return [new Measurement('The logbook is measured in an empty database only', 'not measured')];
        }
        $this->fill();
        $sizes = $this->entities->getConnection()->fetchNumeric(
            'SELECT (SELECT COUNT(*) FROM outing), (SELECT COUNT(*) FROM stint), (SELECT COUNT(*) FROM outing_event)',
        );
        $analysis = Timer::median(function (): void {
            $this->analyze->document(isAnew: true);
        }, 3);
        $warm = $this->withANoteMore();
        $page = Timer::median(fn () => $this->shelf->page('outings', self::PAGE), 5);
        $all = Timer::median(fn () => $this->shelf->page('outings'), 3);
        $noted = $this->noted();

        return [
            new Measurement(
                vsprintf('The analysis of %s outings, %s stints, %s events', array_map(self::number(...), false === $sizes ? [] : $sizes)),
                \sprintf('%.0f ms', $analysis),
                'under 1,500 ms',
            ),
            new Measurement('The same when a note was added', \sprintf('%.0f ms', $warm), 'under 400 ms'),
            new Measurement(\sprintf('A page of %d outings', self::PAGE), \sprintf('%.0f ms', $page)),
            new Measurement('All outings at a glance, next to a page', \sprintf('%.0f ms, %.1f times', $all, $all / max(0.1, $page))),
            new Measurement('An event noted, safe on disk', \sprintf('%.0f ms', $noted), 'under 80 ms'),
        ];
    }

    /** @return float milliseconds */
    private function withANoteMore(): float
    {
        $times = [];
        for ($i = 0; $i < 3; ++$i) {
            $this->shelf->add('outings', $this->outing(2000 + $i));
            $this->entities->clear();
            $start = hrtime(true);
            $this->analyze->document();
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);

        return $times[1];
    }

    /** @return float milliseconds, in an outing of six hours that has gone on for a while */
    private function noted(): float
    {
        $outing = $this->outing(0);
        $saved = $this->shelf->add('outings', new OutingDocument(
            started_at: $outing->started_at,
            stints: [...\array_slice($outing->stints, 0, -1), self::open($outing->stints[self::STINTS - 1])],
        ));
        $this->entities->clear();

        return Timer::median(function () use ($saved): void {
            $at = new \DateTimeImmutable();
            $this->note->event($saved->id, Uuid::v4()->toRfc4122(), new OutingEventDocument($at, EventKind::Bite));
            $this->entities->clear();
        }, 15);
    }

    private static function open(StintDocument $stint): StintDocument
    {
        return new StintDocument($stint->started_at, $stint->build, $stint->reading);
    }

    /** Some outings as they are written, and the same ones again for earlier years. */
    private function fill(): void
    {
        for ($i = 0; $i < self::WRITTEN; ++$i) {
            $this->shelf->add('outings', $this->outing(1 + $i));
            $this->entities->clear();
        }
        $database = $this->entities->getConnection();
        $earlier = static fn (string $column): string => "datetime($column, '-' || (2 * :n) || ' years')";
        $other = static fn (string $column): string => "printf('%02x', 16 + :n) || substr($column, 3)";
        for ($n = 1; $n < self::TIMES; ++$n) {
            $database->executeStatement(
                "INSERT INTO outing (id, started_at, ended_at, notes, note, version, document, shape) SELECT {$other('id')},
                {$earlier('started_at')}, {$earlier('ended_at')}, notes, note, version, document, shape FROM outing WHERE id LIKE '01%'",
                ['n' => $n],
            );
            $database->executeStatement(
                "INSERT INTO stint (id, angler, started_at, ended_at, levels, document, shape, outing_id) SELECT {$other('id')}, angler,
                {$earlier('started_at')}, {$earlier('ended_at')}, levels, document, shape, {$other('outing_id')}
                FROM stint WHERE id LIKE '01%'",
                ['n' => $n],
            );
            $database->executeStatement(
                "INSERT INTO outing_event (id, happened_at, kind, angler, length_in, details, taken, stint_id) SELECT {$other('id')},
                {$earlier('happened_at')}, kind, angler, length_in, details, taken, {$other('stint_id')}
                FROM outing_event WHERE id LIKE '01%'",
                ['n' => $n],
            );
        }
    }

    private function outing(int $days): OutingDocument
    {
        mt_srand($days);
        $start = new \DateTimeImmutable("-$days days -7 hours");
        $stints = [];
        for ($i = 0; $i < self::STINTS; ++$i) {
            $from = $start->modify('+'.(30 * $i).' minutes');
            $reading = self::reading();
            $events = [];
            for ($k = 0; $k < 2 + $i % 2; ++$k) {
                $kind = EventKind::cases()[mt_rand(0, 3)];
                $events[] = new OutingEventDocument(
                    $from->modify('+'.mt_rand(1, 29).' minutes'),
                    $kind,
                    length_in: EventKind::Landed === $kind ? mt_rand(20, 40) / 2 : null,
                );
            }
            $stints[] = new StintDocument(
                $from,
                CompositionDocument::of(GenericParts::compose((new Adviser($this->engine))->advise($reading)->build)),
                ObservedReadingDocument::of($reading),
                ended_at: $from->modify('+30 minutes'),
                events: $events,
            );
        }

        return new OutingDocument($start, ended_at: $start->modify('+6 hours'), stints: $stints);
    }

    private static function reading(): Reading
    {
        return new Reading(
            lure: LureKind::cases()[mt_rand(0, 3)],
            visibility: Length::inches(mt_rand(3, 90)),
            tint: Tint::cases()[mt_rand(0, 3)],
            sky: Sky::cases()[mt_rand(0, 6)],
            wind: Wind::cases()[mt_rand(0, 2)],
            depth: Length::feet(6),
            season: Season::cases()[mt_rand(0, 5)],
            cover: Cover::cases()[mt_rand(0, 5)],
            coverDensity: CoverDensity::Normal,
            forage: Forage::cases()[mt_rand(0, 3)],
            bite: Bite::Normal,
            bass: Bass::Largemouth,
            redCrawfish: false,
        );
    }

    private static function number(mixed $count): string
    {
        return number_format(is_numeric($count) ? (float) $count : 0.0);
    }
}
