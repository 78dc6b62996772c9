<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Inventory\FileDocument;
use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Trip\ForecastDocument;
use App\Contract\Trip\ForecastRequestDocument;
use App\Contract\Trip\MomentDocument;
use App\Contract\Trip\MomentRequestDocument;
use App\Contract\Trip\SeasonProposalDocument;
use App\Contract\Trip\TripPlanDocument;
use App\Contract\Trip\TripRequestDocument;
use App\Format\TripsTable;
use App\Http\Answer;
use App\Http\LongWork;
use App\Http\ProgressStream;
use App\UseCase\Shelf;
use App\UseCase\Trip\AskForecast;
use App\UseCase\Trip\ImportTrips;
use App\UseCase\Trip\PackTrip;
use App\UseCase\Trip\PlanTrip;
use App\UseCase\Trip\ViewMoment;
use App\UseCase\Trip\WriteCalendar;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Days on the water. */
#[Route('/api/trips')]
final readonly class TripController
{
    /** How long a search that is asked to go on looks, seconds. */
    private const LONGER_S = 60.0;

    public function __construct(
        private PlanTrip $plan,
        private Shelf $shelf,
        private DocumentNormalizer $documents,
        private AskForecast $forecast,
        private ViewMoment $moment,
        private PackTrip $pack,
        private ImportTrips $import,
        private WriteCalendar $calendar,
        private ProgressStream $stream,
        private Answer $answer,
    ) {
    }

    #[Route('/plan', methods: ['POST'])]
    #[Operation('planTrip', 'The plan of a day: its sun, when picks change, and the few lures to carry', TripPlanDocument::class)]
    public function plan(#[Payload] TripRequestDocument $trip): Response
    {
        return $this->answer->json($this->plan->plan($trip));
    }

    #[Route('/plan/longer', methods: ['POST'])]
    #[Operation(
        'planTripLonger',
        'The same, searched for up to a minute: a line of JSON for each step of progress, then the plan; hang up to cancel',
        media: 'application/x-ndjson',
    )]
    public function longer(#[Payload] TripRequestDocument $trip): Response
    {
        $trip->toPlan();
        LongWork::begin();

        return $this->stream->stream(fn (callable $progress): array => ['plan' => $this->plan->plan($trip, self::LONGER_S, $progress)]);
    }

    #[Route('/forecast', methods: ['POST'])]
    #[Operation('forecast', 'The weather of a day, asked of the forecast service', ForecastDocument::class, errors: [503])]
    public function forecast(#[Payload] ForecastRequestDocument $request): Response
    {
        return $this->answer->json($this->forecast->ask($request));
    }

    #[Route('/season', methods: ['POST'])]
    #[Operation('proposeSeason', 'The season that a day is likely to be in, by its date and latitude', SeasonProposalDocument::class)]
    public function season(#[Payload] ForecastRequestDocument $request): Response
    {
        return $this->answer->json(SeasonProposalDocument::of(new \DateTimeImmutable($request->day()), $request->place->latitude));
    }

    #[Route('/moment', methods: ['POST'])]
    #[Operation('tripMoment', 'The advised lure at one minute of a trip, in the light of that minute', MomentDocument::class)]
    public function moment(#[Payload] MomentRequestDocument $request): Response
    {
        return $this->answer->json($this->moment->view($request));
    }

    #[Route('/table', methods: ['GET'])]
    #[Operation('tripsTable', 'All trips as a table', media: 'text/csv')]
    public function table(): Response
    {
        $trips = array_map($this->documents->cells(...), $this->shelf->page('trips')->documents);

        return $this->answer->file(TripsTable::write($trips), 'text/csv; charset=utf-8', 'kontrast-trips.csv');
    }

    #[Route('/table', methods: ['POST'])]
    #[Operation('importTrips', 'Import trips from a table, all or none', fields: ['added' => 'integer'])]
    public function import(#[Payload] FileDocument $file): Response
    {
        return $this->answer->json(['added' => $this->import->import($file->contents)]);
    }

    #[Route('/{id}/calendar', methods: ['GET'])]
    #[Operation('tripCalendar', 'A trip as an iCalendar file, with an alarm whenever picks change', errors: [404], media: 'text/calendar')]
    public function calendar(string $id): Response
    {
        return $this->answer->file($this->calendar->write($id), 'text/calendar; charset=utf-8', 'kontrast-trip.ics');
    }

    #[Route('/{id}/pack', methods: ['POST'])]
    #[Operation(
        'packTrip',
        'A trip to take along without a signal: a line of JSON for each step of progress, then the pack; hang up to cancel',
        errors: [404],
        media: 'application/x-ndjson',
    )]
    public function pack(string $id): Response
    {
        $this->pack->request($id);
        LongWork::begin();

        return $this->stream->stream(fn (callable $progress): array => ['pack' => $this->pack->pack($id, $progress)]);
    }
}
