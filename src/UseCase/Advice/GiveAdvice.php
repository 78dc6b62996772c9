<?php

declare(strict_types=1);

namespace App\UseCase\Advice;

use App\Contract\Advice\AdviceDocument;
use App\Contract\Advice\AdviceViewDocument;
use App\Contract\Advice\AdviceViewRequestDocument;
use App\Contract\Advice\ChangeDocument;
use App\Contract\Advice\ExplainRequestDocument;
use App\Contract\Advice\ExplanationDocument;
use App\Contract\Error\InvalidDocument;
use App\Contract\Look\OpinionDocument;
use App\Contract\Look\SceneDocument;
use App\Contract\Reading\ReadingDocument;
use App\UseCase\Look\InWater;
use Kontrast\Material\BuildOptics;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Change;
use Kontrast\Rulebook\Explainer;
use Kontrast\Scoring\Opinion;
use Kontrast\Scoring\SecondOpinion;
use Kontrast\Vision\ContrastCurves;
use Kontrast\Vision\Viewing;
use Kontrast\Water\ClearerThanWater;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;

/** Says what to tie for a reading and why, what another reading would change, and how the lure looks in that water. */
final readonly class GiveAdvice
{
    public function __construct(private CurrentRules $rules, private ReflectanceFitter $reflectances)
    {
    }

    public function advise(ReadingDocument $reading): AdviceDocument
    {
        return AdviceDocument::of($this->rules->adviser()->advise($this->rules->settle($reading)));
    }

    /** @throws InvalidDocument where the lure has no such pick */
    public function explain(ExplainRequestDocument $request): ExplanationDocument
    {
        $explanation = (new Explainer($this->rules->engine()))->explain($this->rules->settle($request->reading), $request->pick)
            ?? throw InvalidDocument::fault('pick', 'This lure has no such pick.', 'no_such_pick');

        return ExplanationDocument::of($explanation);
    }

    /** @return list<ChangeDocument> */
    public function compare(ReadingDocument $before, ReadingDocument $after): array
    {
        return $this->changes($this->rules->settle($before), $this->rules->settle($after));
    }

    /**
     * With its lure in the water and the model's second opinion: one computation for one page.
     *
     * @throws InvalidDocument where no water is that clear
     */
    public function view(AdviceViewRequestDocument $request): AdviceViewDocument
    {
        $before = null === $request->before ? null : $this->rules->settle($request->before);

        return InWater::run(
            fn (): AdviceViewDocument => $this->viewIn($this->rules->settle($request->reading), $request->from, $before),
            'reading.visibility_in',
        );
    }

    /** @throws ClearerThanWater */
    public function viewIn(Reading $reading, Direction $from, ?Reading $before = null): AdviceViewDocument
    {
        $advice = $this->rules->adviser()->advise($reading);
        $parts = BuildOptics::parts($advice->build);
        $viewing = Viewing::in(Scene::of($reading, $from), $this->reflectances);

        return new AdviceViewDocument(
            AdviceDocument::of($advice),
            SceneDocument::of(
                ContrastCurves::of($viewing, $reading, $parts, BuildOptics::pairs($parts, $from)),
            ),
            array_map(
                static fn (Opinion $opinion): OpinionDocument => OpinionDocument::of($opinion),
                SecondOpinion::form($reading, $advice, $this->reflectances),
            ),
            null === $before ? [] : $this->changes($before, $reading),
        );
    }

    /** @return list<ChangeDocument> */
    private function changes(Reading $before, Reading $after): array
    {
        return array_map(
            static fn (Change $change): ChangeDocument => ChangeDocument::of($change),
            $this->rules->adviser()->changes($before, $after),
        );
    }
}
