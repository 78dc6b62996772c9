<?php

declare(strict_types=1);

namespace Kontrast\Bench;

use Kontrast\Bin\ColourWords;
use Kontrast\Bin\Composition;
use Kontrast\Bin\Dye;
use Kontrast\Bin\OwnedBlade;
use Kontrast\Bin\OwnedHead;
use Kontrast\Bin\OwnedHook;
use Kontrast\Bin\OwnedSkirt;
use Kontrast\Bin\OwnedTrailer;
use Kontrast\Eye\Gaze;
use Kontrast\Eye\Reads;
use Kontrast\Eye\ReducedPart;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\SkirtForm;
use Kontrast\Lure\Trim;
use Kontrast\Material\Part;
use Kontrast\Measure\Length;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Aim;
use Kontrast\Rulebook\Brief;
use Kontrast\Rulebook\Slot;
use Kontrast\Water\ClearerThanWater;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;

/**
 * Measures owned parts against what one advice wants: each part by itself, skirt with trailer, and blade with skirt. All that a
 * build is worth is the sum of these, which is what lets a search be exact without trying every build. The weights of the
 * traits are chosen; docs/bench.md lists them.
 */
final class Yardstick
{
    private const HEAD = ['weight' => 8000, 'colour' => 4000];
    private const REAR = ['finish' => 8000, 'shape' => 4000, 'size' => 2000, 'aim' => 4000];
    private const FRONT = ['finish' => 2000, 'size' => 2000];
    private const LAYOUT = 2000;
    private const SKIRT = ['base' => 10000, 'accents' => 4000, 'opacity' => 2000, 'strands' => 2000, 'cut' => 2000, 'aim' => 4000];
    private const TRAILER = ['style' => 6000, 'length' => 5000, 'base' => 7000, 'accents' => 2000, 'surface' => 1000, 'opacity' => 1000];
    public const PAIR = 12000;
    public const BLADE_OFF_SKIRT = 3000;
    private const HOOK = 3000;
    /** A blade a number off loses this share of its mark for size; a trailer two inches off all of its for length. (Chosen.) */
    private const PER_NUMBER = 0.3;
    private const LENGTH_LOST_IN = 2.0;
    private const DULLED = 'darkened';

    public readonly Gaze $gaze;
    public readonly EyeSay $eye;
    private readonly TradeSay $trade;
    /** @var \WeakMap<object, non-empty-list<ReducedPart>> by part */
    private readonly \WeakMap $reduced;

    /** @throws ClearerThanWater */
    public function __construct(public readonly Reading $reading, public readonly Brief $brief)
    {
        $this->gaze = new Gaze(Scene::of($reading, Direction::Side));
        $this->eye = new EyeSay($this->gaze, $brief->wanted, $reading);
        $this->trade = new TradeSay($brief);
        $this->reduced = new \WeakMap();
    }

    public function head(OwnedHead $head): Marks
    {
        $advised = $this->brief->build->head;

        return new Marks([
            Mark::share('head.weight', $this->trade->weight($head->weight), self::HEAD['weight'], "{$head->weight->words()}; {$advised->weight->words()} advised, {$advised->range->words()} would serve"),
            $this->coloured('head.colour', Slot::HeadColour, $head->dye, self::HEAD['colour']),
        ]);
    }

    public function rear(OwnedBlade $blade): Marks
    {
        $rear = \array_slice($this->brief->build->blades, -1)[0] ?? null;
        $finish = $blade->finish()->value;
        $dulled = (true === $rear?->darkened) === $blade->darkened;
        [$part] = $this->reducedBlade($blade);

        return new Marks([
            Mark::share('blade.finish', $this->trade->share(Slot::Finish, $finish) * ($dulled ? 1.0 : 0.5), self::REAR['finish'], self::beside(($blade->darkened ? self::DULLED.' ' : '').$finish, ((true === $rear?->darkened) ? self::DULLED.' ' : '').($rear?->finish->value ?? 'none'))),
            Mark::share('blade.shape', $this->trade->share(Slot::MainShape, $blade->shape->value), self::REAR['shape'], self::beside($blade->shape->value, $rear?->shape->value ?? 'none')),
            Mark::share('blade.size', self::near($blade->size, $rear?->size), self::REAR['size'], self::beside('#'.$blade->size->number, null === $rear ? 'none' : '#'.$rear->size->number)),
            Mark::share('blade.aim', $this->eye->aim($this->brief->wanted->blade, $part), self::REAR['aim'], self::aimWords($this->brief->wanted->blade)),
        ]);
    }

    public function front(?OwnedBlade $blade): Marks
    {
        $advised = 2 === \count($this->brief->build->blades) ? $this->brief->build->blades[0] : null;
        $wanted = null === $advised ? 'single' : 'tandem';
        $is = null === $blade ? 'single' : 'tandem';
        $alike = (null === $advised) === (null === $blade);

        return new Marks([
            Mark::share('blade.layout', $alike ? 1.0 : $this->trade->share(Slot::BladeLayout, $is), self::LAYOUT, self::beside($is, $wanted)),
            Mark::share('front.finish', null === $advised || null === $blade ? ($alike ? 1.0 : 0.0) : $this->trade->share(Slot::FrontFinish, $blade->finish()->value), self::FRONT['finish'], self::beside($blade?->finish()->value ?? 'none', $advised?->finish->value ?? 'none')),
            Mark::share('front.size', null === $advised || null === $blade ? ($alike ? 1.0 : 0.0) : self::near($blade->size, $advised->size), self::FRONT['size'], self::beside(null === $blade ? 'none' : '#'.$blade->size->number, null === $advised ? 'none' : '#'.$advised->size->number)),
        ]);
    }

    public function skirt(?OwnedSkirt $skirt): Marks
    {
        $advised = $this->brief->build->skirt;
        $form = (null === $skirt ? SkirtForm::None : (Trim::LongTail === $skirt->trim ? SkirtForm::LongTail : SkirtForm::Trimmed))->value;
        $share = $this->trade->share(Slot::SkirtForm, $form);
        if (null === $skirt) {
            return new Marks([Mark::share('skirt', null === $advised ? 1.0 : $share, array_sum(self::SKIRT), null === $advised ? 'no skirt, as advised' : 'no skirt; one is advised')]);
        }
        // Where none is advised, all a skirt does well counts only as far as anybody speaks for one.
        $worth = null === $advised ? $share : 1.0;

        return new Marks([
            $this->coloured('skirt.base', Slot::SkirtBase, $skirt->base, self::SKIRT['base'], $worth),
            Mark::share('skirt.accents', $worth * $this->trade->accents($advised->accents ?? [], $skirt->accents), self::SKIRT['accents'], self::accents($skirt->accents, $advised->accents ?? [])),
            Mark::share('skirt.opacity', $worth * $this->trade->share(Slot::SkirtOpacity, $skirt->see()->value), self::SKIRT['opacity'], self::beside($skirt->see()->value, $advised?->opacity->value ?? 'none')),
            Mark::share('skirt.strands', $worth * $this->trade->share(Slot::SkirtMaterial, $skirt->material->value), self::SKIRT['strands'], self::beside($skirt->material->value, $advised?->material->value ?? 'none')),
            Mark::share('skirt.cut', $share, self::SKIRT['cut'], self::beside($skirt->trim->value, $advised?->trim->value ?? 'none')),
            Mark::share('skirt.aim', $worth * $this->eye->aim($this->brief->wanted->skirt, $this->reducedSkirt($skirt)[0]), self::SKIRT['aim'], self::aimWords($this->brief->wanted->skirt)),
        ]);
    }

    public function trailer(?OwnedTrailer $trailer): Marks
    {
        $advised = $this->brief->build->trailer;
        if (null === $trailer) {
            return new Marks([Mark::share('trailer', null === $advised ? 1.0 : $this->trade->share(Slot::TrailerFitted, 'no'), array_sum(self::TRAILER), null === $advised ? 'no trailer, as advised' : 'no trailer; one is advised')]);
        }
        $worth = null === $advised ? $this->trade->share(Slot::TrailerFitted, 'yes') : 1.0;

        return new Marks([
            Mark::share('trailer.style', $worth * $this->trade->share(Slot::TrailerStyle, $trailer->style->value), self::TRAILER['style'], self::beside($trailer->style->value, $advised?->style->value ?? 'none')),
            Mark::share('trailer.length', $worth * self::longAs($trailer->length, $advised?->length), self::TRAILER['length'], self::beside(self::inches($trailer->length), null === $advised ? 'none' : self::inches($advised->length))),
            $this->coloured('trailer.base', Slot::TrailerBase, $trailer->base, self::TRAILER['base'], $worth),
            Mark::share('trailer.accents', $worth * $this->trade->accents($advised->accents ?? [], $trailer->accents), self::TRAILER['accents'], self::accents($trailer->accents, $advised->accents ?? [])),
            Mark::share('trailer.surface', $worth * $this->trade->share(Slot::TrailerSurface, $trailer->surface->value), self::TRAILER['surface'], self::beside($trailer->surface->value, $advised?->surface->value ?? 'none')),
            Mark::share('trailer.opacity', $worth * $this->trade->share(Slot::TrailerOpacity, $trailer->see()->value), self::TRAILER['opacity'], self::beside($trailer->see()->value, $advised?->opacity->value ?? 'none')),
        ]);
    }

    public function hook(?OwnedHook $hook): Marks
    {
        $advised = true === $this->brief->build->trailerHook?->fit ? $this->brief->build->trailerHook->size : null;
        $share = match (true) {
            null === $hook && null === $advised => 1.0,
            null === $hook => $this->trade->share(Slot::HookFitted, 'no'),
            null === $advised => $this->trade->share(Slot::HookFitted, 'yes'),
            default => $this->trade->hook($hook->size),
        };

        return new Marks([Mark::share('hook', $share, self::HOOK, self::beside($hook?->size->words() ?? 'none', $advised?->words() ?? 'none'))]);
    }

    /**
     * A skirt with each of many trailers, in thousandths of a point: the one figure a search needs of each pair.
     *
     * @param list<OwnedTrailer|null> $trailers
     *
     * @return list<int>
     */
    public function pairPoints(?OwnedSkirt $skirt, array $trailers): array
    {
        $nothing = (int) round($this->pairShare(null, null) * self::PAIR);
        if (null === $skirt) {
            return array_fill(0, \count($trailers), $nothing);
        }
        $base = $this->reducedSkirt($skirt)[0];
        $points = [];
        foreach ($trailers as $trailer) {
            $points[] = null === $trailer ? $nothing : (int) round($this->eye->pairing($this->eye->apart($base, $this->reducedTrailer($trailer))) * self::PAIR);
        }

        return $points;
    }

    public function pair(?OwnedSkirt $skirt, ?OwnedTrailer $trailer): Marks
    {
        $because = null === $skirt || null === $trailer
            ? 'there is nothing to pair'
            : 'they read as '.Reads::at($this->apart($skirt, $trailer))->value.'; wanted: '.implode(' or ', array_map(static fn (Reads $reads): string => $reads->value, $this->brief->wanted->reads));

        return new Marks([Mark::share('pair', $this->pairShare($skirt, $trailer), self::PAIR, $because)]);
    }

    public function bladeOffSkirtPoints(?OwnedSkirt $skirt, OwnedBlade $blade): int
    {
        return (int) round($this->bladeOffSkirtShare($skirt, $blade) * self::BLADE_OFF_SKIRT);
    }

    public function bladeOffSkirt(?OwnedSkirt $skirt, OwnedBlade $blade): Marks
    {
        return new Marks([Mark::share('blade.off_skirt', $this->bladeOffSkirtShare($skirt, $blade), self::BLADE_OFF_SKIRT, 'how the blade stands beside the skirt, by the model')]);
    }

    /** Everything a build is worth, trait by trait. */
    public function measure(Composition $build): Marks
    {
        return $this->head($build->head)->and(
            null === $build->rear ? Marks::none() : $this->rear($build->rear)->and($this->bladeOffSkirt($build->skirt, $build->rear)),
            LureKind::Spinnerbait === $this->reading->lure ? $this->front($build->front) : Marks::none(),
            $this->skirt($build->skirt),
            $this->trailer($build->trailer),
            $this->pair($build->skirt, $build->trailer),
            LureKind::Spinnerbait === $this->reading->lure ? $this->hook($build->hook) : Marks::none(),
        );
    }

    private function pairShare(?OwnedSkirt $skirt, ?OwnedTrailer $trailer): float
    {
        if (null === $skirt || null === $trailer) {
            return null === $this->brief->build->skirt || null === $this->brief->build->trailer ? 1.0 : 0.0;
        }

        return $this->eye->pairing($this->apart($skirt, $trailer));
    }

    private function apart(OwnedSkirt $skirt, OwnedTrailer $trailer): float
    {
        return $this->eye->apart($this->reducedSkirt($skirt)[0], $this->reducedTrailer($trailer));
    }

    private function bladeOffSkirtShare(?OwnedSkirt $skirt, OwnedBlade $blade): float
    {
        return null === $skirt ? 1.0 : $this->eye->bladeOffSkirt($this->reducedSkirt($skirt)[0], $this->reducedBlade($blade)[0]);
    }

    private function coloured(string $trait, Slot $slot, Dye $dye, int $of, float $worth = 1.0): Mark
    {
        [$share, $word] = $this->trade->colour($slot, $dye);

        return Mark::share($trait, $worth * $share, $of, null === $word ? 'nobody speaks for a colour like this' : 'taken for '.$word->value);
    }

    /** @return non-empty-list<ReducedPart> */
    private function reducedSkirt(OwnedSkirt $skirt): array
    {
        return $this->remember($skirt, $skirt->parts(...));
    }

    /** @return non-empty-list<ReducedPart> */
    private function reducedTrailer(OwnedTrailer $trailer): array
    {
        return $this->remember($trailer, $trailer->parts(...));
    }

    /** @return non-empty-list<ReducedPart> */
    private function reducedBlade(OwnedBlade $blade): array
    {
        return $this->remember($blade, static fn (): array => [$blade->part('blade.rear')]);
    }

    /**
     * @param callable(): non-empty-list<Part> $parts
     *
     * @return non-empty-list<ReducedPart>
     */
    private function remember(object $owned, callable $parts): array
    {
        return $this->reduced[$owned] ??= array_map($this->eye->reduce(...), $parts());
    }

    private static function aimWords(Aim $aim): string
    {
        return match ($aim) {
            Aim::LeastContrast => 'how little it stands off the water, by the model',
            Aim::LikeForage => 'how like the food it reads, by the model',
            Aim::FarthestSeen => 'how plainly it shows from afar, by the model',
            Aim::Darkest => 'how dark it is against the water, by the model',
        };
    }

    private static function near(BladeSize $size, ?BladeSize $advised): float
    {
        return null === $advised ? 0.0 : 1 - self::PER_NUMBER * abs($size->number - $advised->number);
    }

    private static function longAs(Length $length, ?Length $advised): float
    {
        return null === $advised ? 1.0 : 1 - abs($length->inInches() - $advised->inInches()) / self::LENGTH_LOST_IN;
    }

    private static function inches(Length $length): string
    {
        return round($length->inInches(), 2).' in';
    }

    private static function beside(string $is, string $advised): string
    {
        return $is === $advised ? "$is, as advised" : "$is; $advised advised";
    }

    /**
     * @param list<Dye>          $owned
     * @param list<\BackedEnum> $advised
     */
    private static function accents(array $owned, array $advised): string
    {
        $words = [] === $advised ? 'none' : implode(' and ', array_map(static fn (\BackedEnum $colour): string => (string) $colour->value, $advised));

        return self::beside([] === $owned ? 'none' : implode(' and ', array_map(static fn (Dye $dye): string => ColourWords::nearest($dye->colour)->value, $owned)), $words);
    }
}
