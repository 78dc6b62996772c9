<?php

declare(strict_types=1);

namespace App\Http;

use App\Contract\Stored\Ability;
use App\Contract\Stored\Address;
use App\Http\Controller\ShelfController;
use App\UseCase\Shelf;
use Symfony\Bundle\FrameworkBundle\Routing\RouteLoaderInterface;
use Symfony\Component\Routing\Route;
use Symfony\Component\Routing\RouteCollection;

/**
 * The addresses of everything that is stored. What a kind cannot do has no route: the router answers 405 where it can do something else.
 */
final readonly class ShelfRoutes implements RouteLoaderInterface
{
    public function __construct(private Shelf $shelf)
    {
    }

    /** The name of the route to one of a kind. */
    public static function one(string $name): string
    {
        return "one of $name";
    }

    public function load(): RouteCollection
    {
        $routes = new RouteCollection();
        foreach ($this->shelf->addresses() as $address) {
            foreach ($address->can as $ability) {
                [$path, $method] = self::place($address, $ability);
                $route = new Route(
                    "/api/$address->name$path",
                    ['_controller' => ShelfController::class.'::'.lcfirst($ability->name), 'name' => $address->name],
                    options: ['address' => $address, 'ability' => $ability],
                    methods: [$method],
                );
                $name = Ability::Show === $ability ? self::one($address->name) : "$ability->name of $address->name";
                // Behind those that are words: /api/trips/plan is no trip.
                $routes->add($name, $route, -1);
            }
        }

        return $routes;
    }

    /** @return array{string, string} the path below that of the kind, and the method */
    private static function place(Address $address, Ability $ability): array
    {
        $one = $address->isOne ? '' : '/{id}';

        return match ($ability) {
            Ability::List => ['', 'GET'],
            Ability::Add => ['', 'POST'],
            Ability::Show => [$one, 'GET'],
            Ability::Change => [$one, 'PUT'],
            Ability::Replace => ['', 'PUT'],
            Ability::Delete => [$one, 'DELETE'],
            Ability::Restore => ["$one/restore", 'POST'],
        };
    }
}
