<?php

declare(strict_types=1);

namespace Kontrast\BuildSheet;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Inventory\NearestColour;
use Kontrast\Inventory\PartColour;
use Kontrast\Lure\Arm;
use Kontrast\Lure\BellyShape;
use Kontrast\Lure\BladeMount;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Measure\Said;

/** How a build is put together, step by step, in the order of the trade (A1 to A3). */
final class BuildSteps
{
    private const POINTS = 'Keep the hook point covered until you need it.';

    /** @return list<BuildStep> */
    public static function write(Composition $build): array
    {
        return [
            self::layOut($build),
            ...self::marker($build),
            ...match ($build->kind->bladeMount()) {
                BladeMount::Wire => self::wire($build),
                BladeMount::Snap => self::plate($build),
                BladeMount::None => [],
            },
            ...self::skirt($build),
            ...self::trailer($build),
            ...self::hook($build),
            self::check($build),
            self::boatside($build),
        ];
    }

    private static function layOut(Composition $build): BuildStep
    {
        $parts = array_map(static fn ($part): string => $part->name(), $build->parts());
        $hardware = array_map(
            static fn (Hardware $hardware): string => \sprintf(
                '%d × %s, %s',
                $hardware->count,
                $hardware->kind->label(),
                Hardware::said($hardware->size),
            ),
            Hardware::count($build),
        );

        $isPainted = [] !== array_filter($build->blades(), static fn ($blade): bool => null !== $blade->finish()->paint());

        return new BuildStep(
            Task::LayOut,
            'Lay everything on a light-colored towel in the order you will use it. A lure that was bought is a kit: pull its skirt off '
                .'first.'.($isPainted ? ' Touch up worn paint on the blade with a permanent marker.' : ''),
            [...$parts, ...$hardware],
            cautions: [
                'Put on eye protection before you pick up a tool.',
                self::POINTS,
                ...(HeadMaterial::Lead === $build->head->material ? ['This head is lead: wash your hands afterward and keep it away '
                    .'from food and children. Some waters ban small lead tackle: check local rules.'] : []),
            ],
            facts: ['A6', ...($isPainted ? ['A7'] : []), 'C1', ...(HeadMaterial::Lead === $build->head->material ? ['C2'] : [])],
        );
    }

    /** @return list<BuildStep> */
    private static function marker(Composition $build): array
    {
        $dark = array_values(array_filter($build->blades(), static fn ($blade): bool => $blade->darkened));

        return [] === $dark ? [] : [new BuildStep(
            Task::Marker,
            'Color both sides of the blade with a black permanent marker. Let it dry, then add a second coat until the glare is gone.',
            array_map(static fn ($blade): string => $blade->name, $dark),
            'black permanent marker',
            'In very clear water bright metal is too much. A darkened blade still turns and vibrates.',
            ['B8', 'C6'],
            ['Markers give off fumes: work in fresh air, away from flames.'],
        )];
    }

    /** @return list<BuildStep> */
    private static function wire(Composition $build): array
    {
        if (null === $build->rear) {
            return [];
        }
        $cut = 'Cut wire ends are sharp and can fly: point them away from yourself and others. Pliers can slip.';
        $steps = [];
        if (null !== $build->front) {
            $steps = [
                new BuildStep(
                    Task::FirstBead,
                    'Slide the first bead down the upper arm until it touches the bend.',
                    ['bead, '.Hardware::said(Hardware::BEAD)],
                    why: 'It keeps the clevis from sliding into the bend and jamming.',
                    facts: ['A1', 'A2'],
                ),
                new BuildStep(
                    Task::FrontBlade,
                    'Hook the blade onto the clevis, then slide the clevis onto the wire so that the blade swings freely.',
                    ['clevis, '.Hardware::CLEVIS, $build->front->name],
                    facts: ['A1', 'A5'],
                    cautions: ['Blade edges can cut: hold the blade by its flat sides.'],
                ),
                new BuildStep(
                    Task::SecondBead,
                    'Slide the second bead on behind the clevis.',
                    ['bead, '.Hardware::said(Hardware::BEAD)],
                    why: 'The clevis spins between the two beads.',
                    facts: ['A1'],
                ),
                new BuildStep(
                    Task::Spacer,
                    'Slide the spacer tube on.',
                    ['spacer, '.Hardware::said(Hardware::SPACER)],
                    why: 'It keeps the front blade away from the rear blade.',
                    facts: ['A1'],
                ),
                new BuildStep(
                    Task::ThirdBead,
                    'Slide the third bead on. Leave enough wire behind it for the loop.',
                    ['bead, '.Hardware::said(Hardware::BEAD)],
                    facts: ['A1'],
                ),
            ];
        }

        return [
            ...$steps,
            new BuildStep(
                Task::FormLoop,
                'Bend the end of the wire around the pliers into a small loop. Leave it open just enough for the swivel to pass. Cut '
                    .'off the extra wire.',
                ['wire, '.Said::mark(Hardware::WIRE_IN.' in')],
                'round-nose pliers and a wire cutter',
                null,
                ['A1', 'C1'],
                [$cut],
            ),
            new BuildStep(
                Task::RearBlade,
                'Put the blade on its swivel, then hang the swivel in the loop.',
                ['swivel', $build->rear->name],
                why: Arm::Short === $build->head->arm ? 'A short arm carries one big blade, for slow rolling and dropping.' : null,
                facts: ['A1', ...(Arm::Short === $build->head->arm ? ['B11'] : [])],
                cautions: ['Blade edges can cut: hold the blade by its flat sides.'],
            ),
            new BuildStep(
                Task::CloseLoop,
                'Squeeze the loop shut. Blow on the blade: it should spin without touching anything.',
                [],
                'pliers',
                null,
                ['A1', 'C1'],
                ['Pliers can slip: keep your fingers clear of the jaws.'],
            ),
        ];
    }

    /** @return list<BuildStep> */
    private static function plate(Composition $build): array
    {
        return null === $build->rear ? [] : [
            new BuildStep(
                Task::Plate,
                'Snap the blade onto the eye of the head. It should knock against the head when you shake it.',
                [$build->rear->name],
                'pliers',
                null,
                ['C1'],
                ['Blade edges can cut: hold the blade by its flat sides.'],
            ),
        ];
    }

    /** @return list<BuildStep> */
    private static function skirt(Composition $build): array
    {
        if (null === $build->skirt) {
            return [];
        }
        $jig = !$build->kind->hasBlade();

        return [
            new BuildStep(
                Task::Skirt,
                'Wet the collar and push the skirt over the hook up to the head, strands pointing back; '
                    .([] === $build->skirt->belly ? 'spread the strands evenly.' : 'turn it so that the back is up and the belly is down.'),
                [$build->skirt->name],
                why: self::skirtWhy($build->skirt),
                cautions: ['The hook point passes close to your fingers: cover it with a cork or a piece of tubing.'],
                facts: [$build->kind->hasWire() ? 'A1' : 'A3', 'C1', ...([] === $build->skirt->belly ? [] : ['K1'])],
            ),
            Trim::LongTail === $build->skirt->trim
                ? new BuildStep(
                    Task::Trim,
                    'Do not trim: leave the long strands as they are.',
                    [],
                    why: 'A long-tail skirt needs no trailer.',
                    facts: ['S16'],
                )
                : new BuildStep(
                    Task::Trim,
                    'Pull the strands straight back and cut them {trim} behind the collar, at the bend of the rearmost hook.',
                    [],
                    'scissors',
                    'Longer strands block the water from the trailer. Shorter ones flare and pulse.',
                    ['S15'],
                    ['Cut away from the hand holding the strands.'],
                ),
            new BuildStep(
                Task::Tie,
                'Put a small cable tie, ‹4 in|four inches› long, over the collar, with its lock '
                    .($jig ? 'under the weed guard' : 'on the bottom')
                    .' and no strands caught in it. Pull it tight, cut the end flush, and remove the rubber collar.',
                ['cable tie, '.Hardware::TIE],
                'small cutter',
                'Rubber collars split from heat and from fish. A cable tie lasts.'
                    .(SkirtMaterial::LivingRubber === $build->skirt->material ? ' Rubber strands tied with wire flare even more.' : ''),
                ['A3', ...(SkirtMaterial::LivingRubber === $build->skirt->material ? ['A5'] : [])],
                ['The cut end of a cable tie scratches: cut it flush.'],
            ),
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
                'Push the hook point into the center of the nose, bring it out where the bend will sit, and slide the plastic up to the '
                    .'keeper so that it hangs straight. '.self::turned($trailer),
                [$trailer->name],
                null,
                self::trailerWhy($trailer),
                ['T11', ...self::trailerFacts($trailer)],
                ['The hook point comes out toward your thumb: keep your thumb clear.'],
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
            TrailerStyle::SingleTailGrub, TrailerStyle::Ringworm => 'Turn it so that the tail curls away from the hook bend.',
            TrailerStyle::TwinTailGrub => 'Thread it upright, or on its side to make the tails flap like a fish’s tail.',
            TrailerStyle::Craw, TrailerStyle::Chunk => 'Keep the flat side down.',
            TrailerStyle::PaddleTail, TrailerStyle::ForkTail => 'Keep the back up and the belly down.',
        };
    }

    private static function trailerWhy(InventoryTrailer $trailer): ?string
    {
        return match (true) {
            BellyShape::Wide === $trailer->bellyShape => 'A wide base keeps the lure from rolling over.',
            BellyShape::Flat === $trailer->bellyShape => 'A flat belly skips under docks and trees.',
            \in_array($trailer->style, [TrailerStyle::SingleTailGrub, TrailerStyle::Ringworm], true) => 'A tail that curls toward the hook '
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
                'Slip its big eye over the point and the barb of the main hook, with its own point the same way as the main hook: up. It '
                    .'should end where the skirt ends.',
                [$build->hook->name],
                'pliers',
                'The arm that keeps a spinnerbait off snags also shields its hook, so a second one behind it catches short strikes. One '
                    .'that reaches past the skirt is too large.',
                ['H2', 'H3', 'H4', 'C1'],
                ['There are now two hook points near your hand. Some waters limit the number of hooks: check local rules.'],
            ),
            new BuildStep(
                Task::Stop,
                'Push a disc or a bit of tubing onto the main hook behind it. The trailer hook should swing freely and not slide off.',
                ['a stop: a disc or a bit of tubing'],
                facts: ['H3', 'C1'],
                cautions: ['Push away from both points.'],
            ),
        ];
    }

    /** What only the water shows (L11). */
    private static function boatside(Composition $build): BuildStep
    {
        return new BuildStep(
            Task::Boatside,
            'Hold it in the water beside you and look at it. Pull it a rod’s length: it should run straight'
                .($build->kind->hasBlade() ? ', and you should feel the blade thump.' : '.'),
            [],
            why: 'What is crooked or fouled shows here, not after an hour of casting.',
            facts: ['L11'],
        );
    }

    private static function check(Composition $build): BuildStep
    {
        return new BuildStep(Task::Check, $build->kind->hasWire()
            ? 'Check that the arms line up with the hook, the blades spin freely, the skirt is even and the trailer is straight. Then '
                .'cover the hook points.'
            : 'Check that the skirt is even, the trailer is straight and nothing is loose. Then cover the hook '
                .'point.', [], facts: ['C1'], cautions: ['Pick '
                .'up cut wire and cable tie ends so that nobody steps on '
                    .'them.', ...(HeadMaterial::Lead === $build->head->material ? ['Wash your hands.'] : [])]);
    }
}
