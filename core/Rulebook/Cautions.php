<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\Finish;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Sky;

/** Which warnings a reading and its advice call for. Unlike rules they are never outvoted. */
final class Cautions
{
    private const COLD_F = 60.0;
    private const VERY_COLD_F = 50.0;

    /** @return list<Caution> the most pressing first */
    public static function collect(Reading $reading, Decision $decision): array
    {
        return [
            ...self::weather($reading),
            ...self::coldWater($reading),
            ...self::night($reading),
            ...self::plants($reading),
            ...self::parts($reading, $decision),
            new Caution('C7', 'advice', 'This advice is a place to start. The fish decide.'),
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
                    'Storm: do not go out. Get off the water at the first thunder and stay off until 30 minutes after the last.',
                ),
            ],
            Sky::Rain => [
                new Caution('C5', 'reading', 'Get off the water at the first thunder, and stay off until 30 minutes after the last.'),
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
                    'Water this cold takes your breath and your grip within minutes. Wear a life jacket, tell someone where you are, '
                        .'and never wade or boat alone.',
                ),
            ],
            default => [
                new Caution('C4', 'reading', 'Cold water: wear a life jacket, tell someone where you are, and do not wade or boat alone.'),
            ],
        };
    }

    /** @return list<Caution> */
    private static function night(Reading $reading): array
    {
        return Sky::Night === $reading->sky
            ? [new Caution('C3', 'reading', 'Night fishing is not allowed everywhere: check local rules. Turn your lights on and tell '
                .'someone where you are.')]
            : [];
    }

    /** @return list<Caution> */
    private static function plants(Reading $reading): array
    {
        return \in_array($reading->cover, [Cover::Grass, Cover::Pads], true)
            ? [new Caution('C3', 'advice', 'Weeds travel on boats and tackle: clean, drain and dry everything before the next water. '
                .'Check local rules.')]
            : [];
    }

    /** @return list<Caution> */
    private static function parts(Reading $reading, Decision $decision): array
    {
        $cautions = [
            new Caution('C1', 'blades', $reading->lure->hasWire()
                ? 'Hooks, wire ends and blade edges are sharp: wear eye protection and point cut ends away from you.'
                : 'Hooks and blade edges are sharp: wear eye protection and keep points covered while you work.'),
        ];
        if (HeadMaterial::Lead === $decision->pick(Slot::HeadMaterial, HeadMaterial::class)) {
            $cautions[] = new Caution(
                'C2',
                'head',
                'Lead head: wash your hands, keep it away from food and children, and check whether this water allows lead.',
            );
        }
        if ($decision->isTrue(Slot::HookFitted)) {
            $cautions[] = new Caution('C1', 'trailer_hook', 'A trailer hook puts a second hook point near your hand.');
            $cautions[] = new Caution('C3', 'trailer_hook', 'Some waters limit the number of hooks: check local rules.');
        }
        if ($decision->isTrue(Slot::Darkened) || self::isPainted($decision)) {
            $cautions[] = new Caution('C6', 'blades', 'Painting or marking a blade: work in fresh air, away from flames.');
        }

        return $cautions;
    }

    private static function isPainted(Decision $decision): bool
    {
        $finish = $decision->pick(Slot::Finish, Finish::class);

        return null !== $finish && !\in_array($finish, [Finish::Silver, Finish::Gold, Finish::Copper], true);
    }
}
