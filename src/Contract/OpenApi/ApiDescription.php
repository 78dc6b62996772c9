<?php

declare(strict_types=1);

namespace App\Contract\OpenApi;

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
            [$class, $method] = [...explode('::', self::controller($route)), '__invoke'];
            if (!class_exists($class) || !method_exists($class, $method)) {
                continue;
            }
            $endpoint = new \ReflectionMethod($class, $method);
            $operation = ($endpoint->getAttributes(Operation::class)[0] ?? null)?->newInstance();
            if (null === $operation) {
                continue;
            }
            foreach ($route->getMethods() as $verb) {
                $paths[$route->getPath()][strtolower($verb)] = (new OperationDescription($operation, $endpoint, $route, $verb))->describe();
            }
        }
        ksort($paths);

        return $paths;
    }

    private static function controller(Route $route): string
    {
        $controller = $route->getDefault('_controller');

        return \is_string($controller) ? $controller : '';
    }
}
