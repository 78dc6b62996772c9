<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\NearestColour;
use Kontrast\Inventory\PartColour;
use Kontrast\Lure\Blade;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Head;
use Kontrast\Measure\Length;
use Kontrast\Rulebook\PartGoal;
use Kontrast\Vision\Separation;

/** Says in words why a trait of a build got the points it got. The numbers are BuildScorer's. */
final readonly class ScoreExplainer
{
    private const NONE = 'none';
    private const DARKENED = 'darkened';

    public function __construct(private BuildScorer $scorer)
    {
    }

    /** What the build has, beside what is advised; colours and finishes by the trade's words. */
    public function because(ScoredTrait $trait, Composition $build): string
    {
        $advised = $this->scorer->brief->build;
        $wanted = $this->scorer->brief->wanted;
        $rear = $advised->rearBlade();
        $front = $advised->frontBlade();

        return match ($trait) {
            ScoredTrait::HeadWeight => "{$build->head->weight->said()}; {$advised->head->weight->said()} advised, "
                ."{$advised->head->range->said()} would work",
            ScoredTrait::HeadColour => self::colours($build->head->partColour, $advised->head->colour),
            ScoredTrait::HeadFace => self::beside(
                self::face($build->head->inWords()),
                self::face($advised->head),
            ),
            ScoredTrait::BladeFinish => self::beside(self::finishOf($build->rear), self::finishAdvised($rear)),
            ScoredTrait::BladeShape => self::beside($build->rear?->shape->label(), $rear?->shape->label()),
            ScoredTrait::BladeSize => self::beside(self::number($build->rear?->size), self::number($rear?->size)),
            ScoredTrait::BladeGoal => self::goal($wanted->blade),
            ScoredTrait::BladeLayout => self::beside(null === $build->front ? 'single' : 'tandem', null === $front ? 'single' : 'tandem'),
            ScoredTrait::FrontFinish => self::beside($build->front?->finish()->label(), $front?->finish->label()),
            ScoredTrait::FrontSize => self::beside(self::number($build->front?->size), self::number($front?->size)),
            ScoredTrait::BladeOffSkirt => 'how much blade and skirt differ, by the model',
            ScoredTrait::Skirt => null === $advised->skirt ? 'no skirt, as advised' : 'no skirt; one is advised',
            ScoredTrait::SkirtBase => self::colours($build->skirt?->base, $advised->skirt?->base),
            ScoredTrait::SkirtAccents => self::accents($build->skirt->accents ?? [], $advised->skirt->accents ?? []),
            ScoredTrait::SkirtBelly => self::accents($build->skirt->belly ?? [], $advised->skirt->belly ?? []),
            ScoredTrait::SkirtPattern => self::beside($build->skirt?->strands->label(), $advised->skirt?->strands->label()),
            ScoredTrait::SkirtOpacity => self::beside($build->skirt?->see()->label(), $advised->skirt?->opacity->label()),
            ScoredTrait::SkirtStrands => self::beside($build->skirt?->material->label(), $advised->skirt?->material->label()),
            ScoredTrait::SkirtCut => self::beside($build->skirt?->trim->label(), $advised->skirt?->trim->label()),
            ScoredTrait::SkirtGoal => self::goal($wanted->skirt),
            ScoredTrait::Trailer => null === $advised->trailer ? 'no trailer, as advised' : 'no trailer; one is advised',
            ScoredTrait::TrailerStyle => self::beside($build->trailer?->style->label(), $advised->trailer?->style->label()),
            ScoredTrait::TrailerLength => self::beside(self::inches($build->trailer?->length), self::inches($advised->trailer?->length)),
            ScoredTrait::TrailerBase => self::colours($build->trailer?->base, $advised->trailer?->base),
            ScoredTrait::TrailerAccents => self::accents($build->trailer->accents ?? [], $advised->trailer->accents ?? []),
            ScoredTrait::TrailerBelly => self::accents($build->trailer->belly ?? [], $advised->trailer->belly ?? []),
            ScoredTrait::TrailerBellyShape => self::beside($build->trailer?->bellyShape->label(), $advised->trailer?->bellyShape->label()),
            ScoredTrait::TrailerSurface => self::beside($build->trailer?->surface->label(), $advised->trailer?->surface->label()),
            ScoredTrait::TrailerOpacity => self::beside($build->trailer?->see()->label(), $advised->trailer?->opacity->label()),
            ScoredTrait::Pair => $this->pair($build),
            ScoredTrait::Hook => self::beside(
                $build->hook?->size->label(),
                true === $advised->trailerHook?->fit ? $advised->trailerHook->size->label() : null,
            ),
        };
    }

    private static function face(Head $head): string
    {
        return (null === $head->belly ? 'one color' : $head->belly->label().' belly').($head->eye ? ' with an eye' : ', no eye');
    }

    private function pair(Composition $build): string
    {
        $reads = $this->scorer->pairReads($build->skirt, $build->trailer);
        if (null === $reads) {
            return 'nothing to pair';
        }
        $wanted = array_map(static fn (Separation $reads): string => $reads->label(), $this->scorer->brief->wanted->reads);

        return "they look like {$reads->label()}; wanted: ".implode(' or ', $wanted);
    }

    /** "white; green pumpkin advised" */
    private static function colours(?PartColour $colour, ?Colour $advised): string
    {
        return self::beside(null === $colour ? null : NearestColour::nearest($colour->colour)->label(), $advised?->label());
    }

    private static function goal(PartGoal $goal): string
    {
        return match ($goal) {
            PartGoal::LeastContrast => 'how little it stands out from the water, by the model',
            PartGoal::LikeForage => 'how closely it matches the forage, by the model',
            PartGoal::FarthestSeen => 'how far it is visible, by the model',
            PartGoal::Darkest => 'how dark it is against the water, by the model',
        };
    }

    private static function finishOf(?InventoryBlade $blade): ?string
    {
        return null === $blade ? null : ($blade->darkened ? self::DARKENED.' ' : '').$blade->finish()->label();
    }

    private static function finishAdvised(?Blade $blade): ?string
    {
        return null === $blade ? null : ($blade->darkened ? self::DARKENED.' ' : '').$blade->finish->label();
    }

    private static function number(?BladeSize $size): ?string
    {
        return null === $size ? null : '#'.$size->number;
    }

    private static function inches(?Length $length): ?string
    {
        return $length?->said();
    }

    private static function beside(?string $is, ?string $advised): string
    {
        $is ??= self::NONE;
        $advised ??= self::NONE;

        return $is === $advised ? "$is, as advised" : "$is; $advised advised";
    }

    /**
     * @param list<PartColour> $owned
     * @param list<Colour>     $advised
     */
    private static function accents(array $owned, array $advised): string
    {
        $owns = array_map(static fn (PartColour $colour): string => NearestColour::nearest($colour->colour)->label(), $owned);
        $wants = array_map(static fn (Colour $colour): string => $colour->label(), $advised);

        return self::beside([] === $owns ? null : implode(' and ', $owns), [] === $wants ? null : implode(' and ', $wants));
    }
}
