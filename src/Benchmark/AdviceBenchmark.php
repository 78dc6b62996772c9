<?php

declare(strict_types=1);

namespace App\Benchmark;

use App\Contract\Advice\AdviceDocument;
use App\Contract\Advice\ChartRequestDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reader\DocumentReader;
use App\Contract\Reading\ReadingDocument;
use App\UseCase\Advice\DrawChart;
use Kontrast\Lure\Build;
use Kontrast\Lure\LureKind;
use Kontrast\Material\BuildOptics;
use Kontrast\Material\CachingFitter;
use Kontrast\Material\SigmoidFitter;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Rulebook;
use Kontrast\Vision\Sensitivity;
use Kontrast\Water\Direction;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\HttpKernelInterface;

/** From a reading to an advice: the rules alone, the whole advice, and the request as the server answers it. */
final readonly class AdviceBenchmark implements Benchmark
{
    private const READING = [
        'lure' => 'spinnerbait',
        'visibility_in' => 20,
        'tint' => 'tannic',
        'sky' => 'broken',
        'wind' => 'ripple',
        'surface_f' => 58,
        'depth_ft' => 5,
        'season' => 'spring',
        'cover' => 'wood',
        'cover_density' => 'normal',
        'forage' => 'bluegill',
        'forage_in' => 3.5,
        'forage_colours' => ['orange'],
        'red_crawfish' => false,
        'bite' => 'normal',
        'bass' => 'largemouth',
    ];

    private const CHART = [
        'visibility_in' => [3, 10, 26, 46, 84],
        'sky' => ['sun', 'overcast', 'low_sun'],
        'lures' => ['jig', 'swim_jig', 'spinnerbait', 'bladed_jig'],
        'forage' => ['bluegill'],
    ];

    private const BATCH = 200;

    public function __construct(
        private HttpKernelInterface $kernel,
        private DocumentReader $reader,
        private DocumentNormalizer $documents,
        private Engine $engine,
        private DrawChart $chart,
    ) {
    }

    public function title(): string
    {
        return 'Advice';
    }

    public function figures(): array
    {
        $reading = $this->reader->fromArray(self::READING, ReadingDocument::class)->toReading(LureKind::Jig);
        $rules = Timer::median(fn () => $this->engine->decide($reading));
        $advice = Timer::median(fn () => (new Adviser($this->engine))->advise($reading));
        $build = (new Adviser($this->engine))->advise($reading)->build;
        $spans = Timer::median(static fn () => self::spans($reading, $build), 5);
        $json = json_encode(self::READING, \JSON_THROW_ON_ERROR);
        $request = Timer::median(
            fn () => $this->kernel->handle(
                Request::create('http://localhost/api/advice', 'POST', [], [], [], ['CONTENT_TYPE' => 'application/json'], $json),
            ),
        );
        $batch = Timer::median(
            fn () => array_map(
                fn (ReadingDocument $document): array => $this->documents->toArray(
                    AdviceDocument::of((new Adviser($this->engine))->advise($document->toReading(LureKind::Jig))),
                ),
                $this->reader->readList(self::batch(), ReadingDocument::class),
            ),
            3,
        ) / self::BATCH;
        $kinds = \count(LureKind::cases());
        $asked = $this->reader->fromArray(self::CHART + ['reading' => (object) self::READING], ChartRequestDocument::class);
        $chart = Timer::median(fn () => $this->documents->toArray($this->chart->draw($asked)), 5);

        return [
            new Measurement('Uncertainty of all figures of an advice', \sprintf('%.1f ms', $spans), 'under 60 ms'),
            new Measurement(
                'All rules applied once',
                \sprintf('%.2f ms, %d rules in the book for %d lures', $rules, \count(Rulebook::standard()->rules), $kinds),
                'under 0.6 ms',
            ),
            new Measurement(
                'Whole advice, with all other approaches',
                \sprintf('%.2f ms, %.1f times the rules alone', $advice, $advice / $rules),
                'under 9 ms',
            ),
            new Measurement(
                'Chart of 5 × 3 × 4 waters',
                \sprintf('%.0f ms, %.1f times one advice', $chart, $chart / $advice),
                'under 400 ms',
            ),
            new Measurement(
                'Server time of POST /api/advice',
                \sprintf('%.2f ms, %.1f times the advice alone', $request, $request / $advice),
                'under 40 ms',
            ),
            new Measurement(
                'Advices in one batch of '.self::BATCH,
                \sprintf('%.0f a second, each %.1f times the rules alone', 1000 / $batch, $batch / $rules),
                'over 100 a second',
            ),
        ];
    }

    /** What every distance between the parts of a build may come to, nothing remembered but how a colour reflects. */
    private static function spans(Reading $reading, Build $build): void
    {
        $sensitivity = Sensitivity::in($reading, Direction::Side, new CachingFitter(new SigmoidFitter()));
        $parts = [];
        foreach (BuildOptics::parts($build) as $part) {
            $parts[$part->id] = $part;
            $sensitivity->sight($part);
            $sensitivity->flash($part);
        }
        foreach (BuildOptics::pairs(array_values($parts)) as [$a, $b]) {
            $sensitivity->split($parts[$a], $parts[$b]);
        }
    }

    /** A list of readings, every lure in every clarity, as JSON. */
    private static function batch(): string
    {
        $kinds = LureKind::cases();

        return json_encode(
            array_map(
                static fn (int $i): array => [...self::READING, 'lure' => $kinds[$i % \count($kinds)], 'visibility_in' => 2 * 1.02 ** $i],
                range(1, self::BATCH),
            ),
            \JSON_THROW_ON_ERROR,
        );
    }
}
