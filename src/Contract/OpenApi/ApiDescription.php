<?php

declare(strict_types=1);

namespace App\Contract\OpenApi;

use App\Contract\Stored\Ability;
use App\Contract\Stored\Address;
use OpenApi\Generator;
use Psr\Log\NullLogger;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Routing\Route;
use Symfony\Component\Routing\RouterInterface;

/** The OpenAPI document: schemas from the document classes and their constraints, paths from the routes and what their endpoints say. */
final readonly class ApiDescription
{
    public function __construct(private RouterInterface $router, private SchemaBounds $bounds, private string $contractDir)
    {
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $generated = (new Generator(new NullLogger()))->setVersion('3.1.0')->generate(
            Finder::create()->files()->name('*.php')->in($this->contractDir)->sortByName(),
        );
        $document = json_decode((string) $generated?->toJson(), true, 128, \JSON_THROW_ON_ERROR);
        \assert(
            \is_array($document) && \is_array($document['components'] ?? null) && \is_array($document['components']['schemas'] ?? null),
        );
        $schemas = $document['components']['schemas'];
        ksort($schemas);

        return [
            'openapi' => '3.1.0',
            'info' => $document['info'],
            'servers' => [['url' => '/']],
            // Nobody but this machine reaches it, so nobody signs in.
            'security' => [],
            'paths' => $this->paths(),
            'components' => [
                'schemas' => SchemaTidy::tidy($this->bounds->applied($schemas)),
                'responses' => CommonResponses::all(),
                'parameters' => CommonParameters::all(),
            ],
        ];
    }

    /** @return array<string, array<string, mixed>> by path and method */
    private function paths(): array
    {
        $paths = [];
        foreach ($this->router->getRouteCollection() as $route) {
            [$operation, $body] = self::endpoint($route);
            if (null === $operation) {
                continue;
            }
            foreach ($route->getMethods() as $verb) {
                $paths[$route->getPath()][strtolower($verb)] = (new OperationDescription($operation, $body, $route, $verb))->describe();
            }
        }
        foreach ($paths as &$operations) {
            ksort($operations);
        }
        ksort($paths);

        return $paths;
    }

    /** @return array{Operation|null, Body|null} what a route answers, where it is published, and the document it takes */
    private static function endpoint(Route $route): array
    {
        [$address, $ability] = [$route->getOption('address'), $route->getOption('ability')];
        if ($address instanceof Address && $ability instanceof Ability) {
            $body = ShelfOperations::body($address, $ability);

            return [ShelfOperations::describe($address, $ability), null === $body ? null : new Body($body)];
        }
        $controller = $route->getDefault('_controller');
        [$class, $method] = [...explode('::', \is_string($controller) ? $controller : ''), '__invoke'];
        if (!class_exists($class) || !method_exists($class, $method)) {
            return [null, null];
        }
        $endpoint = new \ReflectionMethod($class, $method);
        $operation = ($endpoint->getAttributes(Operation::class)[0] ?? null)?->newInstance();

        return [$operation, Body::of($endpoint)];
    }
}
