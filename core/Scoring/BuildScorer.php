<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventoryHook;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Inventory\PartColour;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\SkirtForm;
use Kontrast\Lure\Trim;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Measure\Length;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Brief;
use Kontrast\Rulebook\Slot;
use Kontrast\Vision\Separation;
use Kontrast\Vision\Viewing;
use Kontrast\Water\ClearerThanWater;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;

/**
 * Measures owned parts against what one advice wants: each part by itself, skirt with trailer, and blade with skirt. All that a
 * build is worth is the sum of these, which is what lets a search be exact without trying every build. The weights of the
 * traits are chosen; docs/bench.md lists them. ScoreExplainer puts the same into words.
 */
final class BuildScorer
{
    private const HEAD = ['weight' => 8000, 'colour' => 3500, 'face' => 500];
    private const REAR = ['finish' => 8000, 'shape' => 4000, 'size' => 2000, 'goal' => 4000];
    private const FRONT = ['finish' => 2000, 'size' => 2000];
    private const LAYOUT = 2000;
    private const SKIRT = [
        'base' => 10000, 'accents' => 3000, 'belly' => 1000, 'opacity' => 2000, 'strands' => 1500, 'pattern' => 500, 'cut' => 2000,
        'goal' => self::SKIRT_GOAL,
    ];
    public const SKIRT_GOAL = 4000;
    private const TRAILER = [
        'style' => 6000, 'length' => 5000, 'base' => 7000, 'accents' => 1500, 'belly' => 500, 'surface' => 500, 'opacity' => 1000,
        'belly_shape' => 500,
    ];
    public const PAIR = 12000;
    public const BLADE_OFF_SKIRT = 3000;
    public const HOOK = 3000;
    /** A blade a number off loses this share of its points for size; a trailer two inches off all of its for length. (Chosen.) */
    private const PER_NUMBER = 0.3;
    private const LENGTH_LOST_IN = 2.0;
    /** A blade darkened where it should shine, or the other way round, keeps this share of its points for finish. (Chosen.) */
    private const WRONGLY_DARKENED = 0.5;

    public readonly Viewing $viewing;
    public readonly VisionScore $vision;
    public readonly RuleScore $rules;
    public readonly BuildPoints $points;
    private readonly ViewedParts $viewed;

    /** @throws ClearerThanWater */
    public function __construct(
        public readonly Reading $reading,
        public readonly Brief $brief,
        ReflectanceFitter $reflectances,
        SharedScores $shared = new SharedScores(),
    ) {
        $this->viewed = $shared->viewed(Scene::of($reading, Direction::Side), $reflectances);
        $this->viewing = $this->viewed->viewing;
        $this->vision = new VisionScore($this->viewing, $brief->wanted, $reading);
        $this->rules = new RuleScore($brief, $shared->closeness);
        $this->points = new BuildPoints($this, new KnownPoints($shared, $brief, $this->viewed));
    }

    public function head(InventoryHead $head): ScoreBreakdown
    {
        return new ScoreBreakdown([
            TraitScore::share(ScoredTrait::HeadWeight, $this->rules->weight($head->weight), self::HEAD['weight']),
            $this->colour(ScoredTrait::HeadColour, Slot::HeadColour, $head->partColour, self::HEAD['colour']),
            TraitScore::share(ScoredTrait::HeadFace, $this->face($head), self::HEAD['face']),
        ]);
    }

    /** No less than the points of head(), and found without comparing colors. */
    public function mostOfHead(InventoryHead $head): int
    {
        return TraitScore::pointsOf($this->rules->weight($head->weight), self::HEAD['weight']) + self::HEAD['colour'] + self::HEAD['face'];
    }

    public function rear(InventoryBlade $blade): ScoreBreakdown
    {
        return $this->rearByVotes($blade)->and($this->rearForGoal($blade));
    }

    /** The part of it that the votes alone decide. */
    public function rearByVotes(InventoryBlade $blade): ScoreBreakdown
    {
        $advised = $this->brief->build->rearBlade();
        $asDark = (true === $advised?->darkened) === $blade->darkened ? 1.0 : self::WRONGLY_DARKENED;

        return new ScoreBreakdown([
            TraitScore::share(
                ScoredTrait::BladeFinish,
                $this->rules->share(Slot::Finish, $blade->finish()->value) * $asDark,
                self::REAR['finish'],
            ),
            TraitScore::share(ScoredTrait::BladeShape, $this->rules->share(Slot::MainShape, $blade->shape->value), self::REAR['shape']),
            TraitScore::share(ScoredTrait::BladeSize, self::nearSize($blade->size, $advised?->size), self::REAR['size']),
        ]);
    }

    /** The part of it that the scene decides. */
    public function rearForGoal(InventoryBlade $blade): ScoreBreakdown
    {
        $share = $this->vision->meets($this->brief->wanted->blade, $this->viewed->blade($blade));

        return new ScoreBreakdown([TraitScore::share(ScoredTrait::BladeGoal, $share, self::REAR['goal'])]);
    }

    public function front(?InventoryBlade $blade): ScoreBreakdown
    {
        $advised = $this->brief->build->frontBlade();
        $alike = (null === $advised) === (null === $blade);
        $layout = $alike ? 1.0 : $this->rules->share(Slot::BladeLayout, null === $blade ? 'single' : 'tandem');
        $absent = $alike ? 1.0 : 0.0;
        [$finish, $size] = null === $advised || null === $blade
            ? [$absent, $absent]
            : [$this->rules->share(Slot::FrontFinish, $blade->finish()->value), self::nearSize($blade->size, $advised->size)];

        return new ScoreBreakdown([
            TraitScore::share(ScoredTrait::BladeLayout, $layout, self::LAYOUT),
            TraitScore::share(ScoredTrait::FrontFinish, $finish, self::FRONT['finish']),
            TraitScore::share(ScoredTrait::FrontSize, $size, self::FRONT['size']),
        ]);
    }

    public function skirt(?InventorySkirt $skirt): ScoreBreakdown
    {
        return null === $skirt
            ? $this->withoutSkirt()
            : $this->skirtByVotes($skirt)->and($this->skirtForGoal($skirt));
    }

    private function withoutSkirt(): ScoreBreakdown
    {
        $share = null === $this->brief->build->skirt ? 1.0 : $this->rules->share(Slot::SkirtForm, SkirtForm::None->value);

        return new ScoreBreakdown([TraitScore::share(ScoredTrait::Skirt, $share, array_sum(self::SKIRT))]);
    }

    /** The part of it that the votes alone decide. */
    public function skirtByVotes(InventorySkirt $skirt): ScoreBreakdown
    {
        $advised = $this->brief->build->skirt;
        $worth = $this->skirtWorth($skirt);
        $traits = [
            [ScoredTrait::SkirtAccents, $this->rules->accents($advised->accents ?? [], $skirt->accents), self::SKIRT['accents']],
            [ScoredTrait::SkirtBelly, $this->rules->accents($advised->belly ?? [], $skirt->belly), self::SKIRT['belly']],
            [ScoredTrait::SkirtPattern, $this->rules->share(Slot::SkirtStrands, $skirt->strands->value), self::SKIRT['pattern']],
            [ScoredTrait::SkirtOpacity, $this->rules->share(Slot::SkirtOpacity, $skirt->see()->value), self::SKIRT['opacity']],
            [ScoredTrait::SkirtStrands, $this->rules->share(Slot::SkirtMaterial, $skirt->material->value), self::SKIRT['strands']],
        ];

        return new ScoreBreakdown([
            $this->colour(ScoredTrait::SkirtBase, Slot::SkirtBase, $skirt->base, self::SKIRT['base'], $worth),
            ...array_map(static fn (array $trait): TraitScore => TraitScore::share($trait[0], $worth * $trait[1], $trait[2]), $traits),
            TraitScore::share(ScoredTrait::SkirtCut, $this->formShare($skirt), self::SKIRT['cut']),
        ]);
    }

    /** No less than the points of skirt(), and found by lightness alone, without looking at it in the water. */
    public function mostOfSkirt(InventorySkirt $skirt): int
    {
        $shares = [
            'base' => $this->rules->colourAtMost(Slot::SkirtBase, $skirt->base),
            'opacity' => $this->rules->share(Slot::SkirtOpacity, $skirt->see()->value),
            'strands' => $this->rules->share(Slot::SkirtMaterial, $skirt->material->value),
            'cut' => $this->formShare($skirt),
        ];
        $most = array_sum(array_diff_key(self::SKIRT, $shares));
        foreach ($shares as $trait => $share) {
            $most += TraitScore::pointsOf($share, self::SKIRT[$trait]);
        }

        return $most;
    }

    /** The part of it that the scene decides. */
    public function skirtForGoal(InventorySkirt $skirt): ScoreBreakdown
    {
        $share = $this->skirtWorth($skirt) * $this->vision->meets($this->brief->wanted->skirt, $this->viewed->skirtBase($skirt));

        return new ScoreBreakdown([TraitScore::share(ScoredTrait::SkirtGoal, $share, self::SKIRT['goal'])]);
    }

    /** Where none is advised, all a skirt does well counts only as far as any rule votes for one. */
    private function skirtWorth(InventorySkirt $skirt): float
    {
        return null === $this->brief->build->skirt ? $this->formShare($skirt) : 1.0;
    }

    private function formShare(InventorySkirt $skirt): float
    {
        $form = Trim::LongTail === $skirt->trim ? SkirtForm::LongTail : SkirtForm::Trimmed;

        return $this->rules->share(Slot::SkirtForm, $form->value);
    }

    public function trailer(?InventoryTrailer $trailer): ScoreBreakdown
    {
        $advised = $this->brief->build->trailer;
        if (null === $trailer) {
            $share = null === $advised ? 1.0 : $this->rules->share(Slot::TrailerFitted, 'no');

            return new ScoreBreakdown([TraitScore::share(ScoredTrait::Trailer, $share, array_sum(self::TRAILER))]);
        }
        $worth = null === $advised ? $this->rules->share(Slot::TrailerFitted, 'yes') : 1.0;
        $score = static fn (
            ScoredTrait $trait,
            float $share,
            string $of,
        ): TraitScore => TraitScore::share($trait, $worth * $share, self::TRAILER[$of]);

        return new ScoreBreakdown([
            $score(ScoredTrait::TrailerStyle, $this->rules->share(Slot::TrailerStyle, $trailer->style->value), 'style'),
            $score(ScoredTrait::TrailerLength, self::nearLength($trailer->length, $advised?->length), 'length'),
            $this->colour(ScoredTrait::TrailerBase, Slot::TrailerBase, $trailer->base, self::TRAILER['base'], $worth),
            $score(ScoredTrait::TrailerAccents, $this->rules->accents($advised->accents ?? [], $trailer->accents), 'accents'),
            $score(ScoredTrait::TrailerBelly, $this->rules->accents($advised->belly ?? [], $trailer->belly), 'belly'),
            $score(
                ScoredTrait::TrailerBellyShape,
                $this->rules->share(Slot::TrailerBellyShape, $trailer->bellyShape->value),
                'belly_shape',
            ),
            $score(ScoredTrait::TrailerSurface, $this->rules->share(Slot::TrailerSurface, $trailer->surface->value), 'surface'),
            $score(ScoredTrait::TrailerOpacity, $this->rules->share(Slot::TrailerOpacity, $trailer->see()->value), 'opacity'),
        ]);
    }

    /** No less than the points of trailer(), and found without comparing colors. */
    public function mostOfTrailer(InventoryTrailer $trailer): int
    {
        $style = $this->rules->share(Slot::TrailerStyle, $trailer->style->value);
        $length = self::nearLength($trailer->length, $this->brief->build->trailer?->length);

        return array_sum(self::TRAILER) - self::TRAILER['style'] - self::TRAILER['length']
            + TraitScore::pointsOf($style, self::TRAILER['style'])
            + TraitScore::pointsOf($length, self::TRAILER['length']);
    }

    public function hook(?InventoryHook $hook): ScoreBreakdown
    {
        $advised = true === $this->brief->build->trailerHook?->fit;
        $share = match (true) {
            null === $hook => $advised ? $this->rules->share(Slot::HookFitted, 'no') : 1.0,
            $advised => $this->rules->hook($hook->size),
            default => $this->rules->share(Slot::HookFitted, 'yes'),
        };

        return new ScoreBreakdown([TraitScore::share(ScoredTrait::Hook, $share, self::HOOK)]);
    }

    public function pair(?InventorySkirt $skirt, ?InventoryTrailer $trailer): ScoreBreakdown
    {
        return new ScoreBreakdown([TraitScore::share(ScoredTrait::Pair, $this->pairShare($skirt, $trailer), self::PAIR)]);
    }

    /** How skirt and trailer read beside each other at the judging distance; null where there is nothing to pair. */
    public function pairReads(?InventorySkirt $skirt, ?InventoryTrailer $trailer): ?Separation
    {
        return null === $skirt || null === $trailer ? null : Separation::at($this->apart($skirt, $trailer));
    }

    public function bladeOffSkirt(?InventorySkirt $skirt, InventoryBlade $blade): ScoreBreakdown
    {
        return new ScoreBreakdown([
            TraitScore::share(ScoredTrait::BladeOffSkirt, $this->bladeOffSkirtShare($skirt, $blade), self::BLADE_OFF_SKIRT),
        ]);
    }

    /** Everything a build is worth, trait by trait. */
    public function measure(Composition $build): ScoreBreakdown
    {
        $kind = $this->reading->lure;

        return $this->head($build->head)->and(
            null === $build->rear
                ? ScoreBreakdown::none()
                : $this->rear($build->rear)->and($this->bladeOffSkirt($build->skirt, $build->rear)),
            $kind->hasTandem() ? $this->front($build->front) : ScoreBreakdown::none(),
            $this->skirt($build->skirt),
            $this->trailer($build->trailer),
            $this->pair($build->skirt, $build->trailer),
            $kind->takesTrailerHook() ? $this->hook($build->hook) : ScoreBreakdown::none(),
        );
    }

    /** What a build of this lure could come to. */
    public function most(): int
    {
        $kind = $this->reading->lure;

        return array_sum([...array_values(self::HEAD), ...array_values(self::SKIRT), ...array_values(self::TRAILER), self::PAIR])
            + ($kind->hasBlade() ? array_sum(self::REAR) + self::BLADE_OFF_SKIRT : 0)
            + ($kind->hasTandem() ? self::LAYOUT + array_sum(self::FRONT) : 0)
            + ($kind->takesTrailerHook() ? self::HOOK : 0);
    }

    /** Half for the belly, half for the eye. */
    private function face(InventoryHead $head): float
    {
        $advised = $this->brief->build->head;
        $belly = $this->rules->accents(array_filter([$advised->belly]), array_filter([$head->belly]));

        return ($belly + ($head->eye === $advised->eye ? 1.0 : 0.0)) / 2;
    }

    /** How far a skirt with a trailer reads as wanted, 0 to 1. */
    public function pairShare(?InventorySkirt $skirt, ?InventoryTrailer $trailer): float
    {
        if (null === $skirt || null === $trailer) {
            return null === $this->brief->build->skirt || null === $this->brief->build->trailer ? 1.0 : 0.0;
        }

        return $this->vision->pairing($this->apart($skirt, $trailer));
    }

    private function apart(InventorySkirt $skirt, InventoryTrailer $trailer): float
    {
        return $this->vision->apart(
            $this->viewed->skirtBase($skirt),
            $this->viewed->trailer($trailer, $this->vision->pairsBases()),
        );
    }

    /** How far a blade stands off the skirt, or keeps to it, as wanted, 0 to 1. */
    public function bladeOffSkirtShare(?InventorySkirt $skirt, InventoryBlade $blade): float
    {
        return null === $skirt ? 1.0 : $this->vision->bladeOffSkirt($this->viewed->skirtBase($skirt), $this->viewed->blade($blade));
    }

    private function colour(ScoredTrait $trait, Slot $slot, PartColour $colour, int $of, float $worth = 1.0): TraitScore
    {
        return TraitScore::share($trait, $worth * $this->rules->colour($slot, $colour)[0], $of);
    }

    private static function nearSize(BladeSize $size, ?BladeSize $advised): float
    {
        return null === $advised ? 0.0 : 1 - self::PER_NUMBER * abs($size->number - $advised->number);
    }

    private static function nearLength(Length $length, ?Length $advised): float
    {
        return null === $advised ? 1.0 : 1 - abs($length->inInches() - $advised->inInches()) / self::LENGTH_LOST_IN;
    }
}
