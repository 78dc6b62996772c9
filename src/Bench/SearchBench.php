<?php

declare(strict_types=1);

namespace App\Bench;

use App\Api\Document\CompositionDocument;
use App\Exchange\PartsImport;
use Doctrine\ORM\EntityManagerInterface;
use Kontrast\Bench\Ranked;
use Kontrast\Bench\Search;
use Kontrast\Bench\Verdicts;
use Kontrast\Bench\Yardstick;
use Kontrast\Bin\Bin;
use Kontrast\Measure\Angle;
use Kontrast\Measure\Length;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\Forage;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Brief;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\HttpKernelInterface;

/** The best of a large bin, against trying every build of a small one; and how fast a table of parts is read. */
final readonly class SearchBench implements Bench
{
    private const LINES = 5000;
    private const READING = ['lure' => 'spinnerbait', 'visibility_in' => 20, 'tint' => 'tannic', 'sky' => 'broken', 'wind' => 'ripple', 'depth_ft' => 4, 'season' => 'spring', 'cover' => 'wood', 'cover_density' => 'normal', 'forage' => 'bluegill', 'red_crawfish' => false, 'bite' => 'normal', 'bass' => 'largemouth'];

    public function __construct(private Adviser $adviser, private PartsImport $import, private HttpKernelInterface $kernel, private EntityManagerInterface $entities)
    {
    }

    public function title(): string
    {
        return 'Bin and bench (one core)';
    }

    public function figures(): array
    {
        $reading = self::reading();
        $brief = $this->adviser->brief($reading);
        $large = MadeUpBin::of(1, 40, 60, 200, 220, 5);
        $search = static fn (): array => (new Search($large, new Yardstick($reading, $brief)))->best();
        $took = Timer::median($search, 7);
        $combinations = (new Search($large, new Yardstick($reading, $brief)))->combinations();

        $small = MadeUpBin::of(2, 6, 8, 10, 12, 3);
        $exact = Timer::median(static fn (): array => (new Search($small, new Yardstick($reading, $brief)))->best(), 7);
        $builds = (new Search($small, new Yardstick($reading, $brief)))->combinations();
        $plain = Timer::median(static fn (): array => self::plainly(new Search($small, new Yardstick($reading, $brief)), new Yardstick($reading, $brief)), 1);
        $perBuild = $plain / $builds;
        $build = (new Search($small, new Yardstick($reading, $brief)))->best()[0]->build;
        $verdict = Timer::median(static fn (): array => (new Verdicts(new Yardstick($reading, $brief)))->on($build));
        $step = Timer::median(fn () => $this->ask('POST', '/api/bench', ['reading' => self::READING, 'build' => CompositionDocument::of($build)]), 15);
        $csv = self::table();
        $preview = Timer::median(fn (): array => $this->import->plan($csv), 3);

        return [
            new Figure('The ten best of a large bin', \sprintf('%.0f ms for %s builds that fit', $took, number_format($combinations)), 'under 300 ms'),
            new Figure('The same of a small bin', \sprintf('%.1f ms for %s builds, %s', $exact, number_format($builds), self::agree($small, $reading, $brief) ? 'the same ten as trying each' : 'NOT the same ten as trying each')),
            new Figure('Trying each build of the small bin', \sprintf('%.0f ms, %.0f times as long', $plain, $plain / $exact)),
            new Figure('Trying each build of the large one', \sprintf('%s hours at that pace, %s times as long', number_format($perBuild * $combinations / 3.6e6, 1), number_format($perBuild * $combinations / $took))),
            new Figure('A step on the bench, server time', \sprintf('%.0f ms for POST /api/bench with its plots, %.1f times the verdict alone', $step, $step / $verdict), 'with drawing under 100 ms'),
            ...$this->stock($csv),
            new Figure('A table of '.number_format(self::LINES).' parts previewed', \sprintf('%.0f ms, %.2f ms a line', $preview, $preview / self::LINES), 'under 2 s'),
        ];
    }

    /**
     * A bin of thousands taken in and listed, and all of it taken back.
     *
     * @return list<Figure>
     */
    private function stock(string $csv): array
    {
        $this->entities->beginTransaction();
        try {
            $start = hrtime(true);
            $plan = $this->import->plan($csv);
            $this->import->carryOut($plan, static fn (): null => null);
            $import = (hrtime(true) - $start) / 1e6;
            $list = Timer::median(fn () => $this->ask('GET', '/api/bin', null), 3);
        } finally {
            $this->entities->rollback();
            $this->entities->clear();
        }

        return [
            new Figure('As many taken in', \sprintf('%.0f ms, reading them and all', $import), 'under 5 s'),
            new Figure('As many listed', \sprintf('%.0f ms, %.0f times quicker than taking them in', $list, $import / $list)),
        ];
    }

    /** @param array<string, mixed>|null $body */
    private function ask(string $method, string $path, ?array $body): void
    {
        $answer = $this->kernel->handle(Request::create("http://localhost$path", $method, [], [], [], ['CONTENT_TYPE' => 'application/json'], null === $body ? null : json_encode($body, \JSON_THROW_ON_ERROR)));
        if (200 !== $answer->getStatusCode()) {
            throw new \LogicException((string) $answer->getContent());
        }
    }

    /** @return list<array{int, int}> points and place, best first */
    private static function plainly(Search $search, Yardstick $yardstick): array
    {
        $all = [];
        foreach ($search->every() as $i => $build) {
            $all[] = [$yardstick->measure($build)->points, $i];
        }
        usort($all, static fn (array $a, array $b): int => [$b[0], $a[1]] <=> [$a[0], $b[1]]);

        return \array_slice($all, 0, Search::MOST);
    }

    private static function agree(Bin $bin, Reading $reading, Brief $brief): bool
    {
        $yardstick = new Yardstick($reading, $brief);
        $search = new Search($bin, $yardstick);
        $best = array_map(static fn (Ranked $ranked): int => $ranked->marks->points, $search->best());

        return $best === array_column(self::plainly($search, $yardstick), 0);
    }

    private static function table(): string
    {
        $lines = array_map(static fn (int $i): string => \sprintf('trailer,Trailer %d,%d,#%06x,black,craw,"3,5",soft,Box %d,0.4', $i, $i % 9, 0x100000 + $i * 97, $i % 40), range(1, self::LINES));

        return "kind,name,count,colour,accents,style,length_in,plastic,box,cost\n".implode("\n", $lines)."\n";
    }

    private static function reading(): Reading
    {
        return new Reading(LureKind::Spinnerbait, Length::inches(20), Tint::Tannic, Sky::Broken, Wind::Ripple, Length::feet(4), Season::Spring, Cover::Wood, CoverDensity::Normal, Forage::Bluegill, Bite::Normal, Bass::Largemouth, false, Angle::degrees(50));
    }
}
