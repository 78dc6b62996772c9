<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Measure\Length;
use Kontrast\Reading\Reading;
use Kontrast\Vision\PersonEye;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;
use Kontrast\Water\WaterSolver;

/** A water as it is met, drawn from the surface down: nothing in it says in words how far one sees. */
final readonly class WaterColumn
{
    /** Colors down a picture. */
    private const ROWS = 9;
    /** A picture reaches so deep at least, feet: the one that shows where a stick is gone, and not only just. (Chosen.) */
    private const REACHES = [2, 3, 5, 8, 12, 18, 27];
    private const BEYOND = 1.25;

    /** @param list<string> $colours as a person sees the water at depths from the surface to the bottom of the picture, "#rrggbb" */
    private function __construct(public Length $reach, public array $colours)
    {
    }

    /** @param float $luck 0 to 1: how far down the picture the stick is gone is no hint */
    public static function of(Reading $reading, float $luck): self
    {
        $needed = $reading->visibility->inInches() / 12 * self::BEYOND;
        $enough = array_values(array_filter(self::REACHES, static fn (int $feet): bool => $feet >= $needed));
        $reach = Length::feet([] === $enough ? ceil($needed) : $enough[min(\count($enough) - 1, (int) floor(2 * $luck))]);
        $water = WaterSolver::solve($reading);
        $eye = PersonEye::in(Scene::at($water, $reading->visibility->times(1 / self::ROWS), Direction::Side));
        $colours = [];
        for ($row = 0; $row < self::ROWS; ++$row) {
            $colours[] = $eye->see(Scene::at($water, $reach->times($row / (self::ROWS - 1)), Direction::Side)->background)->toHex();
        }

        return new self($reach, $colours);
    }
}
