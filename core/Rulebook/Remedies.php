<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\Arm;
use Kontrast\Lure\BellyShape;
use Kontrast\Lure\Keeper;
use Kontrast\Lure\Line;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Measure\Weight;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;

/** What goes wrong on the water and the one thing to change, for the lure as it was advised (L7, Z5). */
final readonly class Remedies
{
    /** Weights in which heads are made, in ounces. From memory of common catalogs (common practice, no source). */
    private const WEIGHTS_OZ = [0.1875, 0.25, 0.3125, 0.375, 0.5, 0.625, 0.75, 1.0, 1.25, 1.5];

    private function __construct(private Assembly $lure)
    {
    }

    /** @return list<Remedy> one for each thing that can go wrong, in the order of Symptom */
    public static function collect(Assembly $lure): array
    {
        $remedies = new self($lure);

        return array_map($remedies->remedy(...), Symptom::cases());
    }

    private function remedy(Symptom $symptom): Remedy
    {
        [$change, $because, $facts, $changes] = match ($symptom) {
            Symptom::Follows => $this->follows(),
            Symptom::Misses => [$this->lighter(), 'A lighter head falls slower and is easier to catch.', ['L7'], $this->byWeight(-1)],
            Symptom::NoHookup => $this->noHookup(),
            Symptom::PullsOff => $this->pullsOff(),
            Symptom::Rolls => $this->rolls(),
            Symptom::Snags => $this->snags(),
            Symptom::Slides => $this->slides(),
            Symptom::TooDeep => [
                $this->lighter().' Or a faster reel, about 8:1.',
                'Less weight or more speed keeps a lure up.',
                ['L7', 'Z5'],
                $this->byWeight(-1),
            ],
            Symptom::TooHigh => [
                $this->heavier().' Or a slower reel.',
                'More weight or less speed keeps a lure down.',
                ['Z5', 'R2'],
                $this->byWeight(1),
            ],
        };

        return new Remedy($symptom, $change, $because, $facts, $changes);
    }

    /** @return array{string, string, list<string>, RemedyChange} */
    private function follows(): array
    {
        $second = $this->lure->hasTrailer() ? $this->lure->decision->on(Slot::TrailerBase)?->second() : null;
        $blade = $this->lure->decision->on(Slot::Finish)?->second();

        return match (true) {
            null !== $second => [
                "Change the trailer to {$this->words($second)}.",
                'The trailer first: it is most of what they see.',
                ['L7', 'L2'],
                RemedyChange::Trailer,
            ],
            $this->lure->hasTrailer() => [
                'Change the trailer: its shine, then its shape.',
                'The trailer first: it is most of what they see.',
                ['L7', 'L2'],
                RemedyChange::Trailer,
            ],
            null !== $blade => [
                "Change the blade to {$this->words($blade)}.",
                'There is no trailer to change, so the blade is next.',
                ['L7', 'L2'],
                RemedyChange::Blade,
            ],
            Slot::Finish->belongsTo($this->lure->decision->reading->lure) => [
                'Change the blade: its finish, then its shape.',
                'There is no trailer to change, so the blade is next.',
                ['L7', 'L2'],
                RemedyChange::Blade,
            ],
            default => ['Change the lure.', 'There is no trailer and no blade to change.', ['L7', 'L2'], RemedyChange::Lure],
        };
    }

    /** @return array{string, string, list<string>, RemedyChange} */
    private function slides(): array
    {
        return match (true) {
            !$this->lure->hasTrailer() => [
                'Push the skirt’s collar back up and tie it with a cable tie.',
                'There is no trailer on it: what slides is the skirt, and heat and fish split its rubber band.',
                ['L7', 'A3'],
                RemedyChange::Skirt,
            ],
            Keeper::ScrewLock === $this->lure->build()->head->keeper => [
                'Use a fresh trailer, or a tougher plastic.',
                'A screw lock holds what is whole; what has torn no longer grips.',
                ['L7', 'T11'],
                RemedyChange::Trailer,
            ],
            default => [
                'Change to a head whose keeper has more points, or a screw lock.',
                'A plain barb lets go, and a screw lock stands repeated skipping.',
                ['L7', 'T11'],
                RemedyChange::Head,
            ],
        };
    }

    /** @return array{string, string, list<string>, RemedyChange} */
    private function noHookup(): array
    {
        $reading = $this->lure->decision->reading;

        return match (true) {
            !$reading->lure->takesTrailerHook(), Arm::Short === $reading->arm => [
                $this->lure->hasTrailer() ? 'Use a shorter trailer, or cut ‹1/2 in|half an inch› off this one.' : 'Trim the skirt shorter.',
                'This lure takes no trailer hook, so make the lure end closer to its hook.',
                ['L7', 'T8'],
                $this->lure->hasTrailer() ? RemedyChange::Trailer : RemedyChange::Skirt,
            ],
            $this->lure->decision->isTrue(Slot::HookFitted) => [
                ($this->lure->hasTrailer() ? 'Use a shorter trailer' : 'Trim the skirt shorter').'; the trailer hook is already on.',
                'Fish that hit behind the hooks then reach them.',
                ['L7', 'H1'],
                $this->lure->hasTrailer() ? RemedyChange::Trailer : RemedyChange::Skirt,
            ],
            default => ['Add a trailer hook.', 'It catches short strikes.', ['L7', 'H1'], RemedyChange::Hook],
        };
    }

    /** @return array{string, string, list<string>, RemedyChange} */
    private function pullsOff(): array
    {
        return match ($this->lure->tackle()->line) {
            Line::Monofilament => ['Use a softer rod; you already have monofilament on.', 'Stretch keeps the hook from tearing '
                .'out.', ['L7', 'Z7'], RemedyChange::Tackle],
            Line::Fluorocarbon, Line::Braid => [
                'Change to monofilament.',
                'A little stretch keeps the hook from tearing out.',
                ['L7', 'Z6'],
                RemedyChange::Tackle,
            ],
        };
    }

    /** @return array{string, string, list<string>, RemedyChange} */
    private function rolls(): array
    {
        $shape = $this->lure->hasTrailer() ? $this->lure->decision->pick(Slot::TrailerBellyShape, BellyShape::class) : null;

        return match (true) {
            !$this->lure->hasTrailer() => [
                'Slow down, or add a wide-based trailer.',
                'A wide base keeps the lure upright.',
                ['L7', 'T9'],
                RemedyChange::Trailer,
            ],
            BellyShape::Wide === $shape => [
                'Slow down, and thread the trailer straight.',
                'The base is already wide; a crooked trailer makes a lure roll.',
                ['L7', 'T9'],
                RemedyChange::Retrieve,
            ],
            default => ['Change to a wide-based trailer.', 'A wide base keeps the lure upright.', ['L7', 'T9'], RemedyChange::Trailer],
        };
    }

    /** @return array{string, string, list<string>, RemedyChange} */
    private function snags(): array
    {
        $reading = $this->lure->decision->reading;

        return match (true) {
            $this->lure->decision->isTrue(Slot::HookFitted) => [
                'Take the trailer hook off.',
                'A second hook catches the cover.',
                ['L7', 'H1'],
                RemedyChange::Hook,
            ],
            $reading->lure->hasPlate() && \in_array($reading->cover, [Cover::Wood, Cover::FloodedBrush], true) => [
                'Change to a jig.',
                'A jig comes through wood better than a bladed jig.',
                ['L7', 'D6'],
                RemedyChange::Lure,
            ],
            !$reading->lure->isWound() || CoverDensity::Heavy === $reading->coverDensity => [
                'Use a stiffer weed guard and stronger line.',
                'Heavy cover calls for a heavier rig.',
                ['L7', 'Z9'],
                RemedyChange::Tackle,
            ],
            default => [
                $this->lighter(),
                'A lighter head rides over the cover instead of digging in.',
                ['L7', 'R3'],
                $this->byWeight(-1),
            ],
        };
    }

    private function lighter(): string
    {
        $lighter = array_values(array_filter(self::WEIGHTS_OZ, fn (float $ounces): bool => $ounces < $this->ounces()));

        return [] === $lighter
            ? 'Reel faster; there is no lighter head.'
            : 'A lighter head: '.Weight::ounces($lighter[\count($lighter) - 1])->said().'.';
    }

    private function heavier(): string
    {
        $heavier = array_values(array_filter(self::WEIGHTS_OZ, fn (float $ounces): bool => $ounces > $this->ounces()));

        return [] === $heavier
            ? 'Reel slower; there is no heavier head.'
            : 'A heavier head: '.Weight::ounces($heavier[0])->said()
                .($this->hasBusyTrailer() ? ', or a paddle tail, which lifts less.' : '.');
    }

    /** Another head where there is one, else another speed. */
    private function byWeight(int $way): RemedyChange
    {
        $others = array_filter(self::WEIGHTS_OZ, fn (float $ounces): bool => ($ounces <=> $this->ounces()) === $way);

        return [] === $others ? RemedyChange::Retrieve : RemedyChange::Head;
    }

    private function hasBusyTrailer(): bool
    {
        return $this->lure->hasTrailer() && TrailerStyle::Craw === $this->lure->decision->pick(Slot::TrailerStyle, TrailerStyle::class);
    }

    private function ounces(): float
    {
        return round($this->lure->one(Slot::Weight, Weight::class)->inOunces(), 4);
    }

    private function words(Value $value): string
    {
        return str_replace('_', ' ', $value->key);
    }
}
