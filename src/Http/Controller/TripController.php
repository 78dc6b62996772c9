<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Inventory\FileDocument;
use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Contract\Trip\ForecastDocument;
use App\Contract\Trip\ForecastRequestDocument;
use App\Contract\Trip\MomentDocument;
use App\Contract\Trip\MomentRequestDocument;
use App\Contract\Trip\SavedTripDocument;
use App\Contract\Trip\TripPlanDocument;
use App\Contract\Trip\TripRequestDocument;
use App\Format\TripsTable;
use App\Http\Answer;
use App\Http\LongWork;
use App\Http\Paged;
use App\Http\Precondition;
use App\Http\ProgressStream;
use App\UseCase\Trip\AskForecast;
use App\UseCase\Trip\DeleteTrip;
use App\UseCase\Trip\FindTrips;
use App\UseCase\Trip\ImportTrips;
use App\UseCase\Trip\PackTrip;
use App\UseCase\Trip\PlanTrip;
use App\UseCase\Trip\SaveTrip;
use App\UseCase\Trip\ViewMoment;
use App\UseCase\Trip\WriteCalendar;
use Symfony\Component\HttpFoundation\Request;
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
        private FindTrips $find,
        private SaveTrip $save,
        private DeleteTrip $delete,
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
        return $this->answer->json($this->plan->of($trip));
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

        return $this->stream->of(fn (callable $progress): array => ['plan' => $this->plan->of($trip, self::LONGER_S, $progress)]);
    }

    #[Route('/forecast', methods: ['POST'])]
    #[Operation('forecast', 'The weather of a day, asked of the forecast service', ForecastDocument::class, errors: [503])]
    public function forecast(#[Payload] ForecastRequestDocument $request): Response
    {
        return $this->answer->json($this->forecast->of($request));
    }

    #[Route('/moment', methods: ['POST'])]
    #[Operation('tripMoment', 'The advised lure at one minute of a trip, in the light of that minute', MomentDocument::class)]
    public function moment(#[Payload] MomentRequestDocument $request): Response
    {
        return $this->answer->json($this->moment->of($request));
    }

    #[Route('/table', methods: ['GET'])]
    #[Operation('tripsTable', 'All trips as a table', media: 'text/csv')]
    public function table(): Response
    {
        return $this->answer->file(TripsTable::write($this->find->list()->documents), 'text/csv; charset=utf-8', 'kontrast-trips.csv');
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
        return $this->answer->file($this->calendar->of($id), 'text/calendar; charset=utf-8', 'kontrast-trip.ics');
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

        return $this->stream->of(fn (callable $progress): array => ['pack' => $this->pack->of($id, $progress)]);
    }

    #[Route(methods: ['GET'])]
    #[Operation('trips', 'All trips, the latest day first', SavedTripDocument::class, isList: true, isPaged: true)]
    public function list(Request $request): Response
    {
        $paged = Paged::of($request);

        return $this->answer->page($this->find->list($paged->limit, $paged->after), $request);
    }

    #[Route(methods: ['POST'])]
    #[Operation('saveTrip', 'Keep a trip', SavedTripDocument::class, status: 201, isEdited: true)]
    public function add(#[Payload] SavedTripDocument $trip): Response
    {
        return $this->answer->created($this->save->add($trip), 'trip');
    }

    #[Route('/{id}', name: 'trip', methods: ['GET'])]
    #[Operation('trip', 'One trip', SavedTripDocument::class, errors: [404], isEdited: true)]
    public function show(string $id): Response
    {
        return $this->answer->kept($this->find->one($id));
    }

    #[Route('/{id}', methods: ['PUT'])]
    #[Operation('changeTrip', 'Change a trip', SavedTripDocument::class, errors: [404, 409], isEdited: true)]
    public function change(string $id, #[Payload] SavedTripDocument $trip, Request $request): Response
    {
        return $this->answer->kept($this->save->change($id, $trip, Precondition::version($request)));
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[Operation('deleteTrip', 'Delete a trip; it can be restored', status: 204, errors: [404], isEdited: true)]
    public function delete(string $id, Request $request): Response
    {
        $this->delete->delete($id, Precondition::version($request));

        return $this->answer->nothing();
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    #[Operation('restoreTrip', 'Undo a deletion', SavedTripDocument::class, errors: [404], isEdited: true)]
    public function restore(string $id): Response
    {
        return $this->answer->kept($this->delete->restore($id));
    }
}
