<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The direction of the house does not turn round: each room may use only the rooms before it, in the core and around it. */
final class LayeringTest
{
    /** All of the core, in the order of the flow: a room may use those before it, so that there is no circle. */
    public const ROOMS = [
        'Measure', 'Statistics', 'Carry', 'Sun',
        'Lure', 'Reading', 'Water', 'Material', 'Vision', 'Inventory', 'Rulebook', 'Scoring', 'BuildSheet',
        'Logbook', 'Trip', 'Practice',
    ];
    /** Around it: what each layer may use beside the core, itself and packages. */
    private const LAYERS = [
        'Contract' => [],
        'Persistence' => ['Contract'],
        'Format' => ['Contract'],
        'Device' => ['Contract'],
        'Serving' => [],
        'UseCase' => ['Contract', 'Persistence', 'Format', 'Device'],
        'Http' => ['Contract', 'Format', 'Device', 'UseCase'],
        'Cli' => ['Contract', 'Serving', 'Format', 'Device', 'UseCase', 'Benchmark', 'Persistence'],
        'Benchmark' => ['Contract', 'UseCase'],
    ];

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
        foreach (self::ROOMS as $place => $room) {
            $later = \array_slice(self::ROOMS, $place + 1);
            if ([] === $later) {
                continue;
            }
            yield $room => PHPat::rule()
                ->classes(Selector::inNamespace("Kontrast\\$room"))
                ->shouldNot()->dependOn()
                ->classes(...array_map(static fn (string $name) => Selector::inNamespace("Kontrast\\$name"), $later))
                ->because('the flow runs from the reading to the verdict and not back');
        }
    }

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function layersUseOnlyTheLayersBelowThem(): iterable
    {
        foreach (self::LAYERS as $layer => $below) {
            $others = array_diff(array_keys(self::LAYERS), [$layer], $below);
            yield $layer => PHPat::rule()
                ->classes(Selector::inNamespace("App\\$layer"))
                ->shouldNot()->dependOn()
                ->classes(...array_map(static fn (string $name) => Selector::inNamespace("App\\$name"), array_values($others)))
                ->because('it runs Http, Cli → UseCase → Persistence, Format, Device → Contract → core');
        }
    }

    #[TestRule]
    public function onlyPersistenceKnowsTheDatabase(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App'))
            ->excluding(
                Selector::inNamespace('App\Persistence'),
                Selector::inNamespace('App\Benchmark'),
                Selector::inNamespace('App\Migrations'),
                Selector::classname('App\Http\Listener\ProblemListener'),
            )
            ->shouldNot()->dependOn()
            ->classes(Selector::inNamespace('Doctrine\ORM'), Selector::inNamespace('Doctrine\DBAL'))
            ->because('everyone else asks a repository; the listener only puts the database’s refusals into words');
    }
}
