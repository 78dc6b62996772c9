<?php

declare(strict_types=1);

namespace Kontrast\BuildSheet;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Inventory\NearestColour;
use Kontrast\Inventory\PartColour;
use Kontrast\Inventory\PartKind;
use Kontrast\Lure\BellyShape;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Reading\Arm;
use Kontrast\Reading\LureKind;

/** How a build is put together, step by step, in the order of the trade (A1 to A3). */
final class BuildSteps
{
    private const POINTS = 'Keep hook points covered until the step that needs them.';

    /** @return list<BuildStep> */
    public static function of(Composition $build): array
    {
        return [
            self::layOut($build),
            ...self::marker($build),
            ...match ($build->kind) {
                LureKind::Spinnerbait => self::wire($build),
                LureKind::BladedJig => self::plate($build),
                default => [],
            },
            ...self::skirt($build),
            ...self::trailer($build),
            ...self::hook($build),
            self::check($build),
        ];
    }

    private static function layOut(Composition $build): BuildStep
    {
        $parts = array_map(static fn ($part): string => $part->name(), $build->parts());
        $hardware = array_map(
            static fn (Hardware $hardware): string => \sprintf(
                '%d × %s, %s',
                $hardware->count,
                PartKind::Collar === $hardware->kind ? 'cable tie' : $hardware->kind->value,
                $hardware->size,
            ),
            Hardware::of($build),
        );

        return new BuildStep(
            Task::LayOut,
            'Everything on a light cloth, in the order it goes on.',
            [...$parts, ...$hardware],
            cautions: [
                'Eye protection on before the first tool is picked up.',
                self::POINTS,
                ...(HeadMaterial::Lead === $build->head->material ? ['A lead head: wash your hands afterwards, keep it from food and '
                    .'children; some waters ban small lead tackle, local rules decide.'] : []),
            ],
            facts: ['C1', ...(HeadMaterial::Lead === $build->head->material ? ['C2'] : [])],
        );
    }

    /** @return list<BuildStep> */
    private static function marker(Composition $build): array
    {
        $dark = array_values(array_filter($build->blades(), static fn ($blade): bool => $blade->darkened));

        return [] === $dark ? [] : [new BuildStep(
            Task::Marker,
            'Black permanent marker over both faces of the blade; let it dry and go over it once more, until it no longer glares.',
            array_map(static fn ($blade): string => $blade->name, $dark),
            'black permanent marker',
            'In very clear water bright metal is too much; dulled, the blade still turns.',
            ['B8', 'C6'],
            ['Markers give off fumes: fresh air, no flame.'],
        )];
    }

    /** @return list<BuildStep> */
    private static function wire(Composition $build): array
    {
        if (null === $build->rear) {
            return [];
        }
        $cut = 'Cut wire and its ends are sharp and fly: point them away from you and from others. Pliers slip.';
        $steps = [];
        if (null !== $build->front) {
            $steps = [
                new BuildStep(
                    Task::FirstBead,
                    'Slide it down the upper arm until it lies against the bend.',
                    ['bead, '.Hardware::BEAD],
                    why: 'It keeps the clevis from sliding down into the bend and binding there.',
                    facts: ['A1', 'A2'],
                ),
                new BuildStep(
                    Task::FrontBlade,
                    'Hang the blade in the clevis, then slide the clevis on, open side down, so that the blade swings free.',
                    ['clevis, '.Hardware::CLEVIS, $build->front->name],
                    facts: ['A1', 'A5'],
                    cautions: ['Blade edges cut: hold it by its faces.'],
                ),
                new BuildStep(
                    Task::SecondBead,
                    'Slide it on behind the clevis.',
                    ['bead, '.Hardware::BEAD],
                    why: 'The clevis turns between two beads.',
                    facts: ['A1'],
                ),
                new BuildStep(
                    Task::Spacer,
                    'Slide the tube on.',
                    ['spacer, '.Hardware::SPACER],
                    why: 'It holds the front blade off the rear one.',
                    facts: ['A1'],
                ),
                new BuildStep(
                    Task::ThirdBead,
                    'Slide it on; some wire for the loop is left past it.',
                    ['bead, '.Hardware::BEAD],
                    facts: ['A1'],
                ),
            ];
        }

        return [
            ...$steps,
            new BuildStep(
                Task::FormLoop,
                'Bend the end of the wire round the pliers into a small loop, and leave it open by a gap the swivel passes through. Cut '
                    .'off what stands over.',
                ['wire, '.Hardware::WIRE_IN.' in'],
                'round-nose pliers and a cutter',
                null,
                ['A1', 'C1'],
                [$cut],
            ),
            new BuildStep(
                Task::RearBlade,
                'Blade on its swivel, swivel into the loop.',
                ['swivel', $build->rear->name],
                why: Arm::Short === $build->head->arm ? 'A short arm carries one big blade, for slow rolling and for dropping.' : null,
                facts: ['A1', ...(Arm::Short === $build->head->arm ? ['B11'] : [])],
                cautions: ['Blade edges cut: hold it by its faces.'],
            ),
            new BuildStep(
                Task::CloseLoop,
                'Squeeze the loop shut. Spin the blade with a breath: it has to turn without touching anything.',
                [],
                'pliers',
                null,
                ['A1', 'C1'],
                ['Pliers slip: keep fingers off the line of the squeeze.'],
            ),
        ];
    }

    /** @return list<BuildStep> */
    private static function plate(Composition $build): array
    {
        return null === $build->rear ? [] : [
            new BuildStep(
                Task::Plate,
                'Snap the plate to the eye of the head. It has to knock against the head when you wag it.',
                [$build->rear->name],
                'pliers',
                null,
                ['C1'],
                ['The plate has edges: hold it by its faces.'],
            ),
        ];
    }

    /** @return list<BuildStep> */
    private static function skirt(Composition $build): array
    {
        if (null === $build->skirt) {
            return [];
        }
        $jig = LureKind::Jig === $build->kind || LureKind::SwimJig === $build->kind;

        return [
            new BuildStep(
                Task::Skirt,
                'Wet the collar and push the skirt over the hook up to the head, strands to the rear; '
                    .([] === $build->skirt->belly ? 'spread them evenly.' : 'turn it so that the back is up and the belly down.'),
                [$build->skirt->name],
                why: self::skirtWhy($build->skirt),
                cautions: ['The point passes by your fingers: cover it with a cork or a bit of tube.'],
                facts: [LureKind::Spinnerbait === $build->kind ? 'A1' : 'A3', 'C1', ...([] === $build->skirt->belly ? [] : ['K1'])],
            ),
            Trim::LongTail === $build->skirt->trim
                ? new BuildStep(
                    Task::Trim,
                    'Leave the long strands as they are.',
                    [],
                    why: 'A long-tail skirt swims by itself and needs no trailer.',
                    facts: ['S16'],
                )
                : new BuildStep(
                    Task::Trim,
                    'Gather the strands straight back and cut them {trim} behind the collar, at the bend of the last hook.',
                    [],
                    'scissors',
                    'Longer strands keep the water from the trailer; shorter ones flare and pulse.',
                    ['S15'],
                    ['Cut away from the hand that holds the strands.'],
                ),
            new BuildStep(Task::Tie, $jig
                ? 'Put the cable tie over the collar, its lock under the weed guard and no strand in it; draw it tight, cut the end '
                    .'flush, and take the rubber collar off.'
                : 'Put the cable tie over the collar, its lock below and no strand in it; draw it tight, cut the end flush, and take '
                    .'the rubber collar off.', ['cable tie, '.Hardware::TIE], 'small cutter', 'Heat and fish split rubber; the tie stays.'
                    .(SkirtMaterial::LivingRubber === $build->skirt->material ? ' Rubber tied with wire flares more still.' : ''),
                ['A3', ...(SkirtMaterial::LivingRubber === $build->skirt->material ? ['A5'] : [])],
                ['The cut end of a tie scratches: cut it flush.']),
        ];
    }

    /** @return list<BuildStep> */
    private static function trailer(Composition $build): array
    {
        $trailer = $build->trailer;
        if (null === $trailer) {
            return [];
        }

        return [
            new BuildStep(
                Task::Trailer,
                'Push the point into the middle of the nose, out where the bend will lie, and slide the plastic up to the keeper so '
                    .'that it hangs straight. '.self::turned($trailer),
                [$trailer->name],
                null,
                self::trailerWhy($trailer),
                ['T11', ...self::trailerFacts($trailer)],
                ['The point comes out towards your thumb: keep it clear.'],
            ),
        ];
    }

    private static function skirtWhy(InventorySkirt $skirt): ?string
    {
        $label = static fn (PartColour $colour): string => NearestColour::nearest($colour->colour)->label();
        $belly = implode(' and ', array_map($label, $skirt->belly));

        return '' === $belly ? null : "A split skirt: {$label($skirt->base)} back over $belly.";
    }

    private static function turned(InventoryTrailer $trailer): string
    {
        return match ($trailer->style) {
            TrailerStyle::SingleTailGrub, TrailerStyle::Ringworm => 'The curl of the tail faces away from the bend of the hook.',
            TrailerStyle::TwinTailGrub => 'Upright, or on its side: then the tails flap like a fish’s.',
            TrailerStyle::Craw, TrailerStyle::Chunk => 'Flat side down.',
            TrailerStyle::PaddleTail, TrailerStyle::ForkTail => 'Back up, belly down.',
        };
    }

    private static function trailerWhy(InventoryTrailer $trailer): ?string
    {
        return match (true) {
            BellyShape::Wide === $trailer->bellyShape => 'A wide base keeps the lure from rolling over.',
            BellyShape::Flat === $trailer->bellyShape => 'A flat belly skips under docks and trees.',
            \in_array($trailer->style, [TrailerStyle::SingleTailGrub, TrailerStyle::Ringworm], true) => 'A tail that curls into the hook '
                .'wraps around it.',
            default => null,
        };
    }

    /** @return list<string> */
    private static function trailerFacts(InventoryTrailer $trailer): array
    {
        return match ($trailer->style) {
            TrailerStyle::SingleTailGrub, TrailerStyle::Ringworm => ['T5'],
            TrailerStyle::TwinTailGrub => ['T4'],
            TrailerStyle::Craw => ['T1', 'K2'],
            default => BellyShape::Wide === $trailer->bellyShape ? ['T9', 'K2'] : [],
        };
    }

    /** @return list<BuildStep> */
    private static function hook(Composition $build): array
    {
        return null === $build->hook ? [] : [
            new BuildStep(
                Task::Hook,
                'A bit of tubing over its eye, then slip it over the barb of the main hook, point up like that one. It has to swing '
                    .'free and must not slide off; it ends where the skirt ends.',
                [$build->hook->name, 'a stop or a bit of tubing'],
                'pliers',
                'A hook past the skirt is too large.',
                ['H2', 'H3', 'C1'],
                ['Now two points are near your hand. Some waters limit the number of hooks: local rules decide.'],
            ),
        ];
    }

    private static function check(Composition $build): BuildStep
    {
        return new BuildStep(Task::Check, LureKind::Spinnerbait === $build->kind
            ? 'Arms in one plane with the hook, blades turning free, skirt even, trailer straight. Then cover the points.'
            : 'Skirt even, trailer straight, nothing loose. Then cover the points.', [], facts: ['C1'], cautions: ['Put offcuts of wire '
                .'and ties where nobody steps on them.', ...(HeadMaterial::Lead === $build->head->material ? ['Wash your hands.'] : [])]);
    }
}
