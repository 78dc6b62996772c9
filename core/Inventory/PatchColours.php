<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Lure\Colour;
use Kontrast\Material\Lab;
use Kontrast\Material\Srgb;

/**
 * The colours of a patch of a picture, such as a skirt with its accents, and how much of it each takes: pixels are clustered in CIELAB
 * (k-means: Lloyd 1982; first centres by the farthest point: Gonzalez 1985), and clusters that one calls by one word are one.
 */
final readonly class PatchColours
{
    public const MOST = 4;
    /** More clusters than colours at first: light and shade of one colour may be two. (Chosen.) */
    private const CENTRES = 8;
    private const ROUNDS = 20;
    /** Light and shade of one strand differ in lightness most: it counts by half. (Chosen.) */
    private const LIGHTNESS = 0.5;
    /** Clusters nearer to each other than this, with lightness by half, are one colour. (Chosen.) */
    private const LEAST_APART = 10.0;
    /** Of the pixels of a colour by their lightness, from which share to which they are lit. (Chosen.) */
    private const LIT = [0.6, 0.9];
    /** Less of a patch than this is its edge, or a glint. (Chosen.) */
    private const LEAST_SHARE = 0.05;

    /**
     * @param non-empty-list<Srgb> $pixels with the light taken out
     *
     * @return non-empty-list<PatchColour> up to four, the largest first; their shares add up to 1
     */
    public static function find(array $pixels): array
    {
        $points = array_map(self::point(...), $pixels);
        $of = self::clusters($points);
        $groups = [];
        foreach ($of as $i => $cluster) {
            $groups[$cluster][] = $i;
        }
        $groups = self::merged(array_values($groups), $points, $pixels);
        usort($groups, static fn (array $a, array $b): int => \count($b) <=> \count($a));
        $least = self::LEAST_SHARE * \count($pixels);
        $kept = \array_slice(array_filter($groups, static fn (array $group): bool => \count($group) >= $least), 0, self::MOST);
        $kept = [] === $kept ? [$groups[0] ?? [0]] : $kept;
        $all = array_sum(array_map(\count(...), $kept));

        return array_map(
            static fn (array $group): PatchColour => new PatchColour(self::lit($group, $points, $pixels), \count($group) / $all),
            $kept,
        );
    }

    private static function point(Srgb $pixel): Lab
    {
        $lab = $pixel->toLab();

        return new Lab(self::LIGHTNESS * $lab->l, $lab->a, $lab->b);
    }

    /**
     * @param non-empty-list<Lab>  $points
     *
     * @return list<int> the cluster of each
     */
    private static function clusters(array $points): array
    {
        $centres = self::farthest($points);
        $of = [];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $before = $of;
            $of = array_map(static fn (Lab $point): int => self::nearest($point, $centres), $points);
            if ($of === $before) {
                break;
            }
            foreach ($centres as $k => $centre) {
                $own = array_keys($of, $k, true);
                $centres[$k] = [] === $own ? $centre : self::centre($own, $points);
            }
        }

        return $of;
    }

    /**
     * @param non-empty-list<Lab>  $points
     *
     * @return non-empty-list<Lab> each as far as can be from those before it, the first from the middle of all
     */
    private static function farthest(array $points): array
    {
        $centres = [self::centre(array_keys($points), $points)];
        $away = array_fill(0, \count($points), \INF);
        while (\count($centres) < self::CENTRES) {
            $last = $centres[\count($centres) - 1];
            foreach ($points as $i => $point) {
                $away[$i] = min($away[$i], $point->distance($last));
            }
            $most = (int) array_search(max($away), $away, true);
            $centres[] = $points[$most];
        }

        return $centres;
    }

    /** @param non-empty-list<Lab> $centres */
    private static function nearest(Lab $point, array $centres): int
    {
        $nearest = 0;
        foreach ($centres as $k => $centre) {
            if ($point->distance($centre) < $point->distance($centres[$nearest])) {
                $nearest = $k;
            }
        }

        return $nearest;
    }

    /**
     * Makes one of any two that look or are called alike, as long as there are such.
     *
     * @param list<non-empty-list<int>> $groups
     * @param non-empty-list<Lab>       $points
     * @param non-empty-list<Srgb>      $pixels
     *
     * @return list<non-empty-list<int>>
     */
    private static function merged(array $groups, array $points, array $pixels): array
    {
        while (null !== ($pair = self::alike($groups, $points, $pixels))) {
            [$a, $b] = $pair;
            $groups[$a] = [...$groups[$a], ...$groups[$b]];
            unset($groups[$b]);
            $groups = array_values($groups);
        }

        return $groups;
    }

    /**
     * @param list<non-empty-list<int>> $groups
     * @param non-empty-list<Lab>       $points
     * @param non-empty-list<Srgb>      $pixels
     *
     * @return array{int, int}|null
     */
    private static function alike(array $groups, array $points, array $pixels): ?array
    {
        $centres = array_map(static fn (array $group): Lab => self::centre($group, $points), $groups);
        $words = array_map(static fn (array $group): Colour => NearestColour::nearest(self::lit($group, $points, $pixels)), $groups);
        foreach ($groups as $a => $_) {
            for ($b = $a + 1; $b < \count($groups); ++$b) {
                if ($words[$a] === $words[$b] || $centres[$a]->distance($centres[$b]) < self::LEAST_APART) {
                    return [$a, $b];
                }
            }
        }

        return null;
    }

    /**
     * @param non-empty-list<int>  $of
     * @param non-empty-list<Lab>  $points
     */
    private static function centre(array $of, array $points): Lab
    {
        $own = array_map(static fn (int $i): Lab => $points[$i], $of);
        $mean = static fn (string $axis): float => array_sum(array_column($own, $axis)) / \count($own);

        return new Lab($mean('l'), $mean('a'), $mean('b'));
    }

    /**
     * The colour of what is lit, neither in shade nor glinting, averaged as amounts of light.
     *
     * @param non-empty-list<int>  $of
     * @param non-empty-list<Lab>  $points
     * @param non-empty-list<Srgb> $pixels
     */
    private static function lit(array $of, array $points, array $pixels): Srgb
    {
        usort($of, static fn (int $a, int $b): int => $points[$a]->l <=> $points[$b]->l);
        [$from, $to] = array_map(static fn (float $share): int => (int) floor($share * \count($of)), self::LIT);

        return Srgb::mean(array_map(static fn (int $i): Srgb => $pixels[$of[$i]], range($from, max($from, $to - 1))));
    }
}
