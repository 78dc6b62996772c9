<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\Finish;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Reading\Cover;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Sky;

/** Which warnings a reading and its advice call for. Unlike rules they are never outvoted. */
final class Cautions
{
    private const COLD_F = 60.0;
    private const VERY_COLD_F = 50.0;

    /** @return list<Caution> the most pressing first */
    public static function for(Reading $reading, Decision $decision): array
    {
        return [
            ...self::weather($reading),
            ...self::coldWater($reading),
            ...self::night($reading),
            ...self::plants($reading),
            ...self::parts($reading, $decision),
            new Caution('C7', 'advice', 'A place to start from. The fish decide.'),
        ];
    }

    /** @return list<Caution> */
    private static function weather(Reading $reading): array
    {
        return match ($reading->sky) {
            Sky::Storm => [
                new Caution(
                    'C5',
                    'reading',
                    'Storm: do not go out. Leave the water at the first thunder and stay off for 30 minutes after the last.',
                ),
            ],
            Sky::Rain => [
                new Caution('C5', 'reading', 'At the first thunder leave the water, and stay off for 30 minutes after the last.'),
            ],
            default => [],
        };
    }

    /** @return list<Caution> */
    private static function coldWater(Reading $reading): array
    {
        $surface = $reading->surface?->inFahrenheit();

        return match (true) {
            null === $surface, $surface >= self::COLD_F => [],
            $surface < self::VERY_COLD_F => [
                new Caution(
                    'C4',
                    'reading',
                    'Water this cold takes your breath and your grip within minutes. Life jacket on, somebody told, never alone in boat '
                        .'or waders.',
                ),
            ],
            default => [
                new Caution('C4', 'reading', 'Cold water: wear a life jacket, tell somebody where you are, do not wade or boat alone.'),
            ],
        };
    }

    /** @return list<Caution> */
    private static function night(Reading $reading): array
    {
        return Sky::Night === $reading->sky
            ? [new Caution('C3', 'reading', 'Night fishing is not allowed everywhere: local rules decide. Lights on, and somebody told.')]
            : [];
    }

    /** @return list<Caution> */
    private static function plants(Reading $reading): array
    {
        return \in_array($reading->cover, [Cover::Grass, Cover::Pads], true)
            ? [new Caution('C3', 'advice', 'Weed travels on boats and tackle: clean, drain and dry before the next water. Local rules '
                .'decide.')]
            : [];
    }

    /** @return list<Caution> */
    private static function parts(Reading $reading, Decision $decision): array
    {
        $cautions = [
            new Caution('C1', 'blades', LureKind::Spinnerbait === $reading->lure
                ? 'Hooks, wire ends and blade edges: eye protection on, cut ends pointed away.'
                : 'Hooks and blade edges: eye protection on, points covered while you work.'),
        ];
        if (HeadMaterial::Lead === $decision->pick(Slot::HeadMaterial, HeadMaterial::class)) {
            $cautions[] = new Caution(
                'C2',
                'head',
                'A lead head: wash your hands, keep it from food and children, and check whether this water allows it.',
            );
        }
        if ($decision->isTrue(Slot::HookFitted)) {
            $cautions[] = new Caution('C1', 'trailer_hook', 'A second hook doubles the points near your hand.');
            $cautions[] = new Caution('C3', 'trailer_hook', 'Some waters limit the number of hooks: local rules decide.');
        }
        if ($decision->isTrue(Slot::Darkened) || self::isPainted($decision)) {
            $cautions[] = new Caution('C6', 'blades', 'Painting or marking a blade: fresh air, no flame.');
        }

        return $cautions;
    }

    private static function isPainted(Decision $decision): bool
    {
        $finish = $decision->pick(Slot::Finish, Finish::class);

        return null !== $finish && !\in_array($finish, [Finish::Silver, Finish::Gold, Finish::Copper], true);
    }
}
