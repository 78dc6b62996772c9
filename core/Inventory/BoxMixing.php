<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

/** Watches what lies together in a storage box (T10). */
final class BoxMixing
{
    /**
     * @param list<array{box: string, name: string, plastic: Plastic}> $trailers
     *
     * @return list<array{box: string, stretchy: list<string>, others: list<string>}> boxes in which stretchy plastic lies with other soft
     *        plastic
     */
    public static function mixed(array $trailers): array
    {
        $boxes = [];
        foreach ($trailers as $trailer) {
            $box = mb_strtolower(trim($trailer['box']));
            if ('' !== $box) {
                $boxes[$box] ??= ['box' => trim($trailer['box']), 'stretchy' => [], 'others' => []];
                $boxes[$box][Plastic::Stretchy === $trailer['plastic'] ? 'stretchy' : 'others'][] = $trailer['name'];
            }
        }

        return array_values(array_filter($boxes, static fn (array $box): bool => [] !== $box['stretchy'] && [] !== $box['others']));
    }
}
