<?php

declare(strict_types=1);

namespace App\Contract\OpenApi;

/** The JSON Schemas that other programs rely on, each with all it refers to. */
final class PublishedSchemas
{
    /** File names by component. */
    private const PUBLISHED = [
        'Reading' => 'reading', 'Advice' => 'advice', 'Logbook' => 'logbook', 'LookRequest' => 'look-request', 'Look' => 'look',
        'ChartRequest' => 'chart-request', 'Chart' => 'chart', 'PracticeQuestion' => 'practice',
        'Parts' => 'parts',
        'Composition' => 'composition', 'Backup' => 'backup', 'TripRequest' => 'trip', 'TripPlan' => 'trip-plan',
        'Outing' => 'outing', 'Analysis' => 'analysis', 'TripPack' => 'trip-pack',
    ];

    /**
     * @param array<string, mixed> $openApi
     *
     * @return array<string, array<string, mixed>> by file name
     */
    public static function extract(array $openApi): array
    {
        $components = $openApi['components'] ?? null;
        $schemas = \is_array($components) ? ($components['schemas'] ?? null) : null;
        \assert(\is_array($schemas));
        $definitions = self::toDefinitions($schemas);
        \assert(\is_array($definitions));
        $files = [];
        foreach (self::PUBLISHED as $component => $name) {
            $files[$name] = [
                '$schema' => 'https://json-schema.org/draft/2020-12/schema',
                'title' => $component,
                '$ref' => '#/$defs/'.$component,
                '$defs' => array_intersect_key($definitions, array_flip(self::needed($component, $schemas))),
            ];
        }

        return $files;
    }

    /**
     * The component and all it refers to.
     *
     * @param array<mixed> $schemas
     *
     * @return list<string>
     */
    private static function needed(string $component, array $schemas): array
    {
        $needed = [];
        $open = [$component];
        while (null !== $next = array_pop($open)) {
            if (!\in_array($next, $needed, true)) {
                $needed[] = $next;
                preg_match_all(
                    '~#/components/schemas/(\w+)~',
                    (string) json_encode($schemas[$next] ?? [], \JSON_UNESCAPED_SLASHES),
                    $found,
                );
                $open = [...$open, ...$found[1]];
            }
        }

        return $needed;
    }

    private static function toDefinitions(mixed $node): mixed
    {
        return match (true) {
            \is_array($node) => array_map(self::toDefinitions(...), $node),
            \is_string($node) => str_replace('#/components/schemas/', '#/$defs/', $node),
            default => $node,
        };
    }
}
