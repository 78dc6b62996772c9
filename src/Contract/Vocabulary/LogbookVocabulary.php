<?php

declare(strict_types=1);

namespace App\Contract\Vocabulary;

use App\Contract\Outing\StintDocument;
use Kontrast\Logbook\Angler;
use Kontrast\Logbook\EventKind;
use Kontrast\Logbook\Factor;
use Kontrast\Logbook\FishedColumns;
use Kontrast\Logbook\Followed;
use Kontrast\Logbook\SunBand;
use Kontrast\Logbook\WagerRule;
use Kontrast\Reading\ClarityBand;

/** The words of the logbook as a TypeScript module of its own: only its screens load it. */
final class LogbookVocabulary
{
    private const ENUMS = [
        'EventKind' => EventKind::class, 'Angler' => Angler::class, 'Factor' => Factor::class, 'ClarityBand' => ClarityBand::class,
    ];

    public function typeScript(): string
    {
        $lines = ['// Made by ./kontrast schema from the enumerations of the core. Change those, not this.', ''];
        foreach (self::ENUMS as $name => $enum) {
            array_push($lines, ...Vocabulary::wordsOf($name, $enum::cases()));
        }
        $bites = array_filter(EventKind::cases(), static fn (EventKind $kind): bool => $kind->isBite());
        $lines[] = 'export const BITES: readonly EventKind[] = '.Vocabulary::json(self::words($bites));
        $chosen = ['CHOSEN_FACTORS' => Factor::chosenWords(), 'FACTORS_BY_CLARITY' => self::words(FishedColumns::BY_CLARITY)];
        foreach ($chosen as $name => $factors) {
            $lines[] = \sprintf('export const %s: readonly Factor[] = %s', $name, Vocabulary::json($factors));
        }
        $labeled = ['FACTOR_LABELS' => Factor::cases(), 'SUN_BAND_LABELS' => SunBand::cases()];
        foreach ($labeled as $name => $cases) {
            $labels = [];
            foreach ($cases as $case) {
                $labels[$case->value] = $case->label();
            }
            $lines[] = \sprintf('export const %s: Record<string, string> = %s', $name, Vocabulary::json($labels));
        }

        $lines[] = 'export const TRIAL_RISKS = '.Vocabulary::json(WagerRule::RISKS).' as const';
        $lines[] = 'export const MOST_WHY = '.StintDocument::MOST_WHY;
        $lines[] = 'export const FOLLOWED_LABELS: Record<string, string> = '.Vocabulary::json(Followed::labels());

        return implode("\n", $lines)."\n";
    }

    /**
     * @param array<EventKind|Factor> $cases
     *
     * @return list<string>
     */
    private static function words(array $cases): array
    {
        return array_values(array_map(static fn (EventKind|Factor $case): string => $case->value, $cases));
    }
}
