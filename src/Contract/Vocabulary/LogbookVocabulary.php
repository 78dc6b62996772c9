<?php

declare(strict_types=1);

namespace App\Contract\Vocabulary;

use Kontrast\Logbook\Angler;
use Kontrast\Logbook\EventKind;
use Kontrast\Logbook\Factor;
use Kontrast\Logbook\Moment;
use Kontrast\Logbook\SunBand;
use Kontrast\Logbook\TrialOutcome;
use Kontrast\Reading\ClarityBand;

/** The words of the logbook as a TypeScript module of its own: only its screens load it. */
final class LogbookVocabulary
{
    private const ENUMS = [
        'EventKind' => EventKind::class, 'Angler' => Angler::class, 'Factor' => Factor::class, 'Moment' => Moment::class,
        'SunBand' => SunBand::class, 'ClarityBand' => ClarityBand::class, 'TrialOutcome' => TrialOutcome::class,
    ];

    public function typeScript(): string
    {
        $lines = ['// Made by ./kontrast schema from the enumerations of the core. Change those, not this.', ''];
        foreach (self::ENUMS as $name => $enum) {
            $values = array_map(static fn (\BackedEnum $case): string => $case->value, $enum::cases());
            $constant = strtoupper((string) preg_replace('/(?<!^)[A-Z]/', '_$0', $name));
            $lines[] = \sprintf('export const %sS = %s as const', $constant, self::json($values));
            $lines[] = \sprintf('export type %s = (typeof %sS)[number]', $name, $constant);
        }
        $labeled = ['FACTOR_LABELS' => Factor::cases(), 'MOMENT_LABELS' => Moment::cases(), 'SUN_BAND_LABELS' => SunBand::cases()];
        foreach ($labeled as $name => $cases) {
            $labels = [];
            foreach ($cases as $case) {
                $labels[$case->value] = $case->label();
            }
            $lines[] = \sprintf('export const %s: Record<string, string> = %s', $name, self::json($labels));
        }

        return implode("\n", $lines)."\n";
    }

    /** @param array<mixed> $value */
    private static function json(array $value): string
    {
        return json_encode($value, \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR);
    }
}
