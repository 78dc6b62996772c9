<?php

declare(strict_types=1);

namespace App\Benchmark;

use App\Contract\Inventory\CompositionDocument;
use App\UseCase\Inventory\ImportParts;
use App\UseCase\Inventory\PartsImportPlan;
use Doctrine\ORM\EntityManagerInterface;
use Kontrast\Inventory\Inventory;
use Kontrast\Lure\LureKind;
use Kontrast\Material\CachingFitter;
use Kontrast\Material\SigmoidFitter;
use Kontrast\Measure\Angle;
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
use Kontrast\Scoring\BuildFindings;
use Kontrast\Scoring\BuildScorer;
use Kontrast\Scoring\BuildSearch;
use Kontrast\Scoring\RankedBuild;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\HttpKernelInterface;

/** The best of a large bin, against trying every build of a small one; and how fast a table of parts is read. */
final readonly class SearchBenchmark implements Benchmark
{
    private const LINES = 5000;
    private const READING = [
        'lure' => 'spinnerbait', 'visibility_in' => 20, 'tint' => 'tannic', 'sky' => 'broken', 'wind' => 'ripple', 'depth_ft' => 4,
        'season' => 'spring', 'cover' => 'wood', 'cover_density' => 'normal', 'forage' => 'bluegill', 'red_crawfish' => false,
        'bite' => 'normal', 'bass' => 'largemouth',
    ];

    public function __construct(
        private Engine $engine,
        private PartsImportPlan $plan,
        private ImportParts $import,
        private HttpKernelInterface $kernel,
        private EntityManagerInterface $entities,
    ) {
    }

    public function title(): string
    {
        return 'Parts and bench (one core)';
    }

    public function figures(): array
    {
        $reading = self::reading();
        $brief = (new Adviser($this->engine))->brief($reading);
        $large = RandomInventory::draw(1, 40, 60, 200, 220, 5);
        $reflectances = new CachingFitter(new SigmoidFitter());
        $scorer = static fn (): BuildScorer => new BuildScorer($reading, $brief, $reflectances);
        $search = static fn (): array => (new BuildSearch($large, $scorer()))->best();
        $took = Timer::median($search, 7);
        $combinations = (new BuildSearch($large, $scorer()))->combinations();

        $jig = $reading->with(lure: LureKind::Jig);
        $jigBrief = (new Adviser($this->engine))->brief($jig);
        $shop = RandomInventory::draw(3, 6000, 1, 10000, 10000, 1);
        $ofShop = static fn (): BuildSearch => new BuildSearch($shop, new BuildScorer($jig, $jigBrief, $reflectances));
        $shopTook = Timer::median(static fn (): array => $ofShop()->best(), 3);

        $small = RandomInventory::draw(2, 6, 8, 10, 12, 3);
        $exact = Timer::median(static fn (): array => (new BuildSearch($small, $scorer()))->best(), 7);
        $builds = (new BuildSearch($small, $scorer()))->combinations();
        $plain = Timer::median(static fn (): array => self::plainly(new BuildSearch($small, $scorer()), $scorer()), 1);
        $perBuild = $plain / $builds;
        $build = (new BuildSearch($small, $scorer()))->best()[0]->build;
        $verdict = Timer::median(static fn (): array => (new BuildFindings($scorer()))->find($build));
        $step = Timer::median(
            fn () => $this->ask('POST', '/api/bench', ['reading' => self::READING, 'build' => CompositionDocument::of($build)]),
            15,
        );
        $csv = self::table();
        $preview = Timer::median(fn (): int => iterator_count($this->plan->read($csv)), 3);

        return [
            new Measurement(
                'Ten best builds of many parts',
                \sprintf('%.0f ms for %s builds that fit', $took, number_format($combinations)),
                'under 60 ms',
            ),
            new Measurement(
                'Ten best builds of 26,000 parts, each color its own',
                \sprintf('%.0f ms for %s builds that fit', $shopTook, number_format($ofShop()->combinations())),
                'under 300 ms',
            ),
            new Measurement(
                'Ten best builds of few parts',
                \sprintf(
                    '%.1f ms for %s builds, %s',
                    $exact,
                    number_format($builds),
                    self::agree($small, $scorer()) ? 'the same ten as trying every build' : 'NOT the same ten as trying every build',
                ),
            ),
            new Measurement('Trying every build of few parts', \sprintf('%.0f ms, %.0f times as long', $plain, $plain / $exact)),
            new Measurement(
                'Trying every build of many parts',
                \sprintf(
                    '%s hours at that pace, %s times as long',
                    number_format($perBuild * $combinations / 3.6e6, 1),
                    number_format($perBuild * $combinations / $took),
                ),
            ),
            new Measurement(
                'A step on the bench, server time',
                \sprintf('%.0f ms for POST /api/bench with its plots, %.1f times the verdict alone', $step, $step / $verdict),
                'with drawing under 100 ms',
            ),
            ...$this->stock($csv),
            new Measurement(
                'A table of '.number_format(self::LINES).' parts previewed',
                \sprintf('%.0f ms, %.2f ms a line', $preview, $preview / self::LINES),
                'under 2 s',
            ),
        ];
    }

    /**
     * A bin of thousands taken in and listed, and all of it taken back.
     *
     * @return list<Measurement>
     */
    private function stock(string $csv): array
    {
        $this->entities->beginTransaction();
        try {
            $start = hrtime(true);
            $this->import->carryOut($this->import->prepare($csv), static fn (): null => null);
            $import = (hrtime(true) - $start) / 1e6;
            $list = Timer::median(fn () => $this->ask('GET', '/api/parts', null), 3);
        } finally {
            $this->entities->rollback();
            $this->entities->clear();
        }

        return [
            new Measurement('The same number imported', \sprintf('%.0f ms, reading included', $import), 'under 5 s'),
            new Measurement('The same number listed', \sprintf('%.0f ms, %.0f times faster than importing them', $list, $import / $list)),
        ];
    }

    /** @param array<string, mixed>|null $body */
    private function ask(string $method, string $path, ?array $body): void
    {
        $answer = $this->kernel->handle(
            Request::create(
                "http://localhost$path",
                $method,
                [],
                [],
                [],
                ['CONTENT_TYPE' => 'application/json'],
                null === $body ? null : json_encode($body, \JSON_THROW_ON_ERROR),
            ),
        );
        if (200 !== $answer->getStatusCode()) {
            throw new \LogicException((string) $answer->getContent());
        }
    }

    /** @return list<array{int, int}> points and place, best first */
    private static function plainly(BuildSearch $search, BuildScorer $scorer): array
    {
        $all = [];
        foreach ($search->every() as $i => $build) {
            $all[] = [$scorer->measure($build)->points, $i];
        }
        usort($all, static fn (array $a, array $b): int => [$b[0], $a[1]] <=> [$a[0], $b[1]]);

        return \array_slice($all, 0, BuildSearch::MOST);
    }

    private static function agree(Inventory $bin, BuildScorer $scorer): bool
    {
        $search = new BuildSearch($bin, $scorer);
        $best = array_map(static fn (RankedBuild $ranked): int => $ranked->scores->points, $search->best());

        return $best === array_column(self::plainly($search, $scorer), 0);
    }

    private static function table(): string
    {
        $lines = array_map(
            static fn (int $i): string => \sprintf(
                'trailer,Trailer %d,%d,#%06x,black,craw,"3,5",soft,Box %d,0.4',
                $i,
                $i % 9,
                0x100000 + $i * 97,
                $i % 40,
            ),
            range(1, self::LINES),
        );

        return "kind,name,count,colour,accents,style,length_in,plastic,box,cost\n".implode("\n", $lines)."\n";
    }

    public static function reading(): Reading
    {
        return new Reading(
            lure: LureKind::Spinnerbait,
            visibility: Length::inches(20),
            tint: Tint::Tannic,
            sky: Sky::Broken,
            wind: Wind::Ripple,
            depth: Length::feet(4),
            season: Season::Spring,
            cover: Cover::Wood,
            coverDensity: CoverDensity::Normal,
            forage: Forage::Bluegill,
            bite: Bite::Normal,
            bass: Bass::Largemouth,
            redCrawfish: false,
            sunElevation: Angle::degrees(50),
        );
    }
}
