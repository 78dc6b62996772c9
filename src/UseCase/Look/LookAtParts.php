<?php

declare(strict_types=1);

namespace App\UseCase\Look;

use App\Contract\Error\InvalidDocument;
use App\Contract\Look\DepthsDocument;
use App\Contract\Look\DepthsRequestDocument;
use App\Contract\Look\LookDocument;
use App\Contract\Look\LookRequestDocument;
use App\Contract\Look\MotionDocument;
use App\Contract\Look\OpinionDocument;
use App\Contract\Look\SceneDocument;
use App\Contract\Look\SensitivityDocument;
use App\Contract\Reading\ReadingDocument;
use App\UseCase\Advice\CurrentRules;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Reading\Reading;
use Kontrast\Scoring\Opinion;
use Kontrast\Scoring\SecondOpinion;
use Kontrast\Vision\BladesInMotion;
use Kontrast\Vision\ColoursOverDepth;
use Kontrast\Vision\ContrastCurves;
use Kontrast\Vision\Pair;
use Kontrast\Vision\ReducedPart;
use Kontrast\Vision\Sensitivity;
use Kontrast\Vision\Viewing;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;

/** Asks the model: what a bass can pick out, from how far, and what it makes of an advice. */
final readonly class LookAtParts
{
    public function __construct(private ReflectanceFitter $reflectances, private CurrentRules $rules)
    {
    }

    /** @throws InvalidDocument */
    public function look(LookRequestDocument $request): LookDocument
    {
        $viewing = $this->viewing($this->rules->settle($request->reading), $request->from);
        $parts = [];
        foreach ($request->toParts() as $part) {
            $parts[$part->id] = ReducedPart::of($part, $viewing);
        }
        $pairs = array_map(static fn (array $pair): Pair => Pair::of($parts[$pair[0]], $parts[$pair[1]]), $request->toPairs());

        return LookDocument::of($viewing, array_values($parts), $pairs);
    }

    /**
     * The same followed out over distance.
     *
     * @throws InvalidDocument
     */
    public function scene(LookRequestDocument $request): SceneDocument
    {
        $reading = $this->rules->settle($request->reading);

        return SceneDocument::of(
            ContrastCurves::of($this->viewing($reading, $request->from), $reading, $request->toParts(), $request->toPairs()),
        );
    }

    /**
     * How the light of its blades changes as they turn.
     *
     * @throws InvalidDocument
     */
    public function motion(LookRequestDocument $request): MotionDocument
    {
        $reading = $this->rules->settle($request->reading);

        return MotionDocument::of(BladesInMotion::of($this->viewing($reading, $request->from), $reading, $request->toParts()));
    }

    /** @throws InvalidDocument */
    public function sensitivity(LookRequestDocument $request): SensitivityDocument
    {
        $sensitivity = InWater::run(
            fn (): Sensitivity => Sensitivity::in($this->rules->settle($request->reading), $request->from, $this->reflectances),
            'reading.visibility_in',
        );

        return SensitivityDocument::of($sensitivity, $request->toParts(), $request->toPairs());
    }

    /** @throws InvalidDocument */
    public function depths(DepthsRequestDocument $request): DepthsDocument
    {
        $reading = $this->rules->settle($request->reading);

        return DepthsDocument::of(InWater::run(
            fn (): ColoursOverDepth => ColoursOverDepth::in($reading, $request->from, $this->reflectances),
            'reading.visibility_in',
        ));
    }

    /**
     * The model's second opinion on the advice for a reading.
     *
     * @return list<OpinionDocument>
     *
     * @throws InvalidDocument
     */
    public function opinions(ReadingDocument $document): array
    {
        $reading = $this->rules->settle($document);
        $opinions = InWater::run(
            fn (): array => SecondOpinion::form($reading, $this->rules->adviser()->advise($reading), $this->reflectances),
            'visibility_in',
        );

        return array_map(static fn (Opinion $opinion): OpinionDocument => OpinionDocument::of($opinion), $opinions);
    }

    private function viewing(Reading $reading, Direction $from): Viewing
    {
        $scene = InWater::run(static fn (): Scene => Scene::of($reading, $from), 'reading.visibility_in');

        return Viewing::in($scene, $this->reflectances);
    }
}
