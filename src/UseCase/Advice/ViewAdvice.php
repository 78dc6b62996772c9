<?php

declare(strict_types=1);

namespace App\UseCase\Advice;

use App\Contract\Advice\AdviceDocument;
use App\Contract\Advice\AdviceViewDocument;
use App\Contract\Advice\AdviceViewRequestDocument;
use App\Contract\Advice\ChangeDocument;
use App\Contract\Error\InvalidDocument;
use App\Contract\Look\OpinionDocument;
use App\Contract\Look\SceneDocument;
use App\UseCase\Look\InWater;
use Kontrast\Material\BuildOptics;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Change;
use Kontrast\Scoring\Opinion;
use Kontrast\Scoring\SecondOpinion;
use Kontrast\Vision\ContrastCurves;
use Kontrast\Vision\Viewing;
use Kontrast\Water\ClearerThanWater;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;

/** Advises on a reading and looks at the advised lure in its water: one computation for one page. */
final readonly class ViewAdvice
{
    public function __construct(private Adviser $adviser, private ReflectanceFitter $reflectances)
    {
    }

    /** @throws InvalidDocument where no water is that clear */
    public function of(AdviceViewRequestDocument $request): AdviceViewDocument
    {
        return InWater::run(
            fn (): AdviceViewDocument => $this->ofReading($request->reading->toReading(), $request->from, $request->before?->toReading()),
            'reading.visibility_in',
        );
    }

    /** @throws ClearerThanWater */
    public function ofReading(Reading $reading, Direction $from, ?Reading $before = null): AdviceViewDocument
    {
        $advice = $this->adviser->advise($reading);
        $parts = BuildOptics::of($advice->build);
        $viewing = Viewing::in(Scene::of($reading, $from), $this->reflectances);
        $changes = null === $before ? [] : $this->adviser->changes($before, $reading);

        return new AdviceViewDocument(
            AdviceDocument::of($advice),
            SceneDocument::of(
                ContrastCurves::of($viewing, $reading->visibility, $parts, BuildOptics::pairs($parts, $from)),
            ),
            array_map(
                static fn (Opinion $opinion): OpinionDocument => OpinionDocument::of($opinion),
                SecondOpinion::on($reading, $advice, $this->reflectances),
            ),
            array_map(static fn (Change $change): ChangeDocument => ChangeDocument::of($change), $changes),
        );
    }
}
