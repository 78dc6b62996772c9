<?php

declare(strict_types=1);

namespace App\Contract\OpenApi;

/**
 * Where null is allowed an enumeration has to list it, once; an exclusive minimum is a number; no choice is named twice; an open object is
 * open; a value of any kind has no type: the generator does all of it otherwise.
 */
final class SchemaTidy
{
    /**
     * @param array<mixed> $node
     *
     * @return array<mixed>
     */
    public static function tidy(array $node): array
    {
        if (\in_array('mixed', (array) ($node['type'] ?? null), true)) {
            unset($node['type']);
        }
        $allowsNull = \is_array($node['type'] ?? null) && \in_array('null', $node['type'], true);
        if ($allowsNull && \is_array($node['enum'] ?? null) && !\in_array(null, $node['enum'], true)) {
            $node['enum'][] = null;
        }
        if (\is_array($node['oneOf'] ?? null)) {
            $node['oneOf'] = array_values(array_unique($node['oneOf'], \SORT_REGULAR));
        }
        if ([] === ($node['additionalProperties'] ?? null)) {
            $node['additionalProperties'] = true;
        }
        if (true === ($node['exclusiveMinimum'] ?? null)) {
            $node['exclusiveMinimum'] = $node['minimum'] ?? 0;
            unset($node['minimum']);
        }

        return array_map(static fn (mixed $child): mixed => \is_array($child) ? self::tidy($child) : $child, $node);
    }
}
