<?php

declare(strict_types=1);

namespace App\UseCase\Trip;

use App\Contract\Error\InvalidDocument;
use App\Contract\Trip\MomentDocument;
use App\Contract\Trip\MomentRequestDocument;
use App\UseCase\Advice\GiveAdvice;
use App\UseCase\Look\InWater;
use Kontrast\Measure\TimeOfDay;
use Kontrast\Reading\SkyAt;
use Kontrast\Trip\NotATrip;
use Kontrast\Trip\TripPlan;
use Kontrast\Water\Direction;

/** Advises on one minute of a trip and looks at the advised lure in its light. */
final readonly class ViewMoment
{
    public function __construct(private GiveAdvice $advice)
    {
    }

    /** @throws InvalidDocument where the day has no such minute */
    public function view(MomentRequestDocument $request): MomentDocument
    {
        $plan = $request->trip->toPlan('trip.');
        try {
            $minute = TripPlan::minute('at', $request->at);
        } catch (NotATrip $error) {
            throw InvalidDocument::fault($error->field, $error->getMessage());
        }
        $sun = $plan->sunAt($minute);
        $view = InWater::run(
            fn () => $this->advice->viewIn($plan->at($minute, $request->sky, $request->lure), Direction::Side),
            'trip.visibility_in',
        );

        return new MomentDocument(
            TimeOfDay::atMinute($minute)->written(),
            round($sun, 1),
            SkyAt::of($request->sky, $sun)->sky,
            $view->scene->look->water->lux_at_lure,
            $view,
        );
    }
}
