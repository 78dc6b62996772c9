<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The direction of the house does not turn round: each room of the core may use only the rooms before it, and nothing outside. */
final class LayeringTest
{
    /** In the order of the flow. */
    private const ROOMS = ['Measure', 'Reading', 'Lure', 'Water', 'Material', 'Vision', 'Inventory', 'Rulebook', 'Scoring', 'BuildSheet'];

    #[TestRule]
    public function theCoreKnowsNothingOutsideItself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Kontrast'))
            ->canOnly()->dependOn()
            ->classes(Selector::inNamespace('Kontrast'))
            ->because('the trade and the model have no framework, no database and no clock');
    }

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function roomsUseOnlyTheRoomsBeforeThem(): iterable
    {
        foreach (self::ROOMS as $place => $capacity) {
            $later = \array_slice(self::ROOMS, $place + 1);
            if ([] === $later) {
                continue;
            }
            yield $capacity => PHPat::rule()
                ->classes(Selector::inNamespace("Kontrast\\$capacity"))
                ->shouldNot()->dependOn()
                ->classes(...array_map(static fn (string $name) => Selector::inNamespace("Kontrast\\$name"), $later))
                ->because('the flow runs from the reading to the verdict and not back');
        }
    }

    #[TestRule]
    public function controllersLeaveTheStoreToTheKeeper(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Api'))
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Doctrine\ORM'))
            ->because('a controller is thin');
    }
}
