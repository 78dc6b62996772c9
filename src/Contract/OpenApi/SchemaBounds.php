<?php

declare(strict_types=1);

namespace App\Contract\OpenApi;

use App\Contract\Constraint\Bound;
use OpenApi\Attributes\Schema;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Validator\Constraints\All;
use Symfony\Component\Validator\Constraints\Count;
use Symfony\Component\Validator\Constraints\Length;
use Symfony\Component\Validator\Constraints\Regex;
use Symfony\Component\Validator\Constraints\Unique;

/** Writes into the schemas what the types say and the validator allows, so that neither stands there twice. */
final readonly class SchemaBounds
{
    public function __construct(private SchemaTypes $types, private string $contractDir)
    {
    }

    /**
     * @param array<mixed> $schemas by component
     *
     * @return array<mixed>
     */
    public function applied(array $schemas): array
    {
        foreach ($this->documents() as $name => $class) {
            $schemas[$name] = $this->types->applied(\is_array($schemas[$name] ?? null) ? $schemas[$name] : [], $class);
            foreach ($class->getProperties() as $property) {
                $schema = $schemas[$name];
                $properties = \is_array($schema['properties'] ?? null) ? $schema['properties'] : [];
                if (\is_array($properties[$property->name] ?? null)) {
                    $properties[$property->name] = self::bounded($properties[$property->name], $property);
                    $schema['properties'] = $properties;
                    $schemas[$name] = $schema;
                }
            }
        }

        return $schemas;
    }

    /**
     * @param array<mixed> $schema
     *
     * @return array<mixed>
     */
    private static function bounded(array $schema, \ReflectionProperty $property): array
    {
        foreach ($property->getAttributes() as $attribute) {
            if (!class_exists($attribute->getName()) || str_starts_with($attribute->getName(), 'OpenApi\\')) {
                continue;
            }
            $constraint = $attribute->newInstance();
            $schema = match (true) {
                $constraint instanceof Bound => [...$schema, ...$constraint->schema()],
                $constraint instanceof All => self::ofEach($schema, $constraint),
                $constraint instanceof Count => [
                    ...$schema,
                    ...(null === $constraint->min ? [] : ['minItems' => $constraint->min]),
                    ...(null === $constraint->max ? [] : ['maxItems' => $constraint->max]),
                ],
                $constraint instanceof Length => [...$schema, 'maxLength' => $constraint->max],
                $constraint instanceof Unique => [...$schema, 'uniqueItems' => true],
                $constraint instanceof Regex => [...$schema, 'pattern' => self::plain($constraint->pattern ?? '')],
                default => $schema,
            };
        }

        return $schema;
    }

    /**
     * @param array<mixed> $schema
     *
     * @return array<mixed>
     */
    private static function ofEach(array $schema, All $all): array
    {
        $key = isset($schema['items']) ? 'items' : 'additionalProperties';
        foreach (\is_array($all->constraints) ? $all->constraints : [] as $constraint) {
            if ($constraint instanceof Bound && \is_array($schema[$key] ?? null)) {
                $schema[$key] = [...$schema[$key], ...$constraint->schema()];
            }
        }

        return $schema;
    }

    /** A pattern without PHP's delimiters and flags. */
    private static function plain(string $pattern): string
    {
        return preg_replace('~^(.)(.*)\1[a-zA-Z]*$~s', '$2', $pattern) ?? $pattern;
    }

    /** @return iterable<string, \ReflectionClass<object>> by component */
    private function documents(): iterable
    {
        foreach (Finder::create()->files()->name('*Document.php')->in($this->contractDir)->sortByName() as $file) {
            $class = 'App\\Contract\\'.strtr(substr($file->getRelativePathname(), 0, -4), '/', '\\');
            if (!class_exists($class)) {
                continue;
            }
            $reflection = new \ReflectionClass($class);
            $schema = ($reflection->getAttributes(Schema::class)[0] ?? null)?->newInstance();
            if (\is_string($schema?->schema)) {
                yield $schema->schema => $reflection;
            }
        }
    }
}
