<?php

declare(strict_types=1);

namespace App\Contract\OpenApi;

use OpenApi\Attributes\Schema;
use Symfony\Component\Routing\Route;

/** One endpoint as OpenAPI has it. */
final readonly class OperationDescription
{
    private const READS = ['GET', 'HEAD'];

    public function __construct(
        private Operation $operation,
        private ?Body $body,
        private Route $route,
        private string $verb,
    ) {
    }

    /** @return array<string, mixed> */
    public function describe(): array
    {
        $parameters = $this->parameters();
        $body = $this->body();

        return [
            'operationId' => $this->operation->id,
            'summary' => $this->operation->summary,
            ...([] === $parameters ? [] : ['parameters' => $parameters]),
            ...(null === $body ? [] : ['requestBody' => $body]),
            'responses' => $this->responses(null !== $body),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function parameters(): array
    {
        $parameters = [];
        foreach ($this->route->compile()->getPathVariables() as $name) {
            $parameters[] = ['name' => $name, 'in' => 'path', 'required' => true, 'schema' => ['type' => 'string']];
        }
        if (null !== $this->body && $this->body->isQuery) {
            $parameters = [...$parameters, ...QueryParameters::of($this->body->document)];
        }
        if ($this->operation->isPaged) {
            $parameters = [...$parameters, CommonParameters::ref('Limit'), CommonParameters::ref('After')];
        }
        if ($this->operation->takesVersion) {
            $parameters[] = CommonParameters::ref('IfMatch');
        }
        if ($this->operation->isCached) {
            $parameters[] = CommonParameters::ref('IfNoneMatch');
        }

        return $parameters;
    }

    /** @return array<string, mixed>|null */
    private function body(): ?array
    {
        if (null === $this->body || $this->body->isQuery) {
            return null;
        }
        $schema = self::reference($this->body->document);

        return [
            'required' => true,
            'content' => ['application/json' => ['schema' => $this->body->isList ? ['type' => 'array', 'items' => $schema] : $schema]],
        ];
    }

    /** @return array<int|string, array<string, mixed>> by status */
    private function responses(bool $hasBody): array
    {
        $codes = [400, 401, ...$this->operation->errors];
        if (!\in_array($this->verb, self::READS, true)) {
            $codes = [...$codes, 403, 415, 503];
        }
        if ($hasBody) {
            $codes = [...$codes, 413, 422];
        }
        if ($this->operation->isPaged || true === $this->body?->isQuery) {
            $codes[] = 422;
        }
        if ($this->operation->takesVersion) {
            $codes[] = 412;
        }
        if ($this->operation->isCached) {
            $codes[] = 304;
        }
        $codes = array_unique($codes);
        sort($codes);
        $responses = [(string) $this->operation->status => $this->success()];
        foreach ($codes as $code) {
            $responses[(string) $code] = CommonResponses::ref($code);
        }

        return $responses;
    }

    /** @return array<string, mixed> */
    private function success(): array
    {
        $headers = [];
        if ($this->operation->isEdited || $this->operation->isCached) {
            $headers['ETag'] = ['description' => 'The version, for If-Match or If-None-Match.', 'schema' => ['type' => 'string']];
        }
        if (201 === $this->operation->status && !$this->operation->isList) {
            $headers['Location'] = ['description' => 'The new address.', 'schema' => ['type' => 'string']];
        }
        if ($this->operation->isPaged) {
            $headers['Link'] = ['description' => 'The next page, rel="next"; left out on the last.', 'schema' => ['type' => 'string']];
        }
        $content = $this->content();

        return [
            'description' => $this->operation->summary,
            ...([] === $headers ? [] : ['headers' => $headers]),
            ...(null === $content ? [] : ['content' => $content]),
        ];
    }

    /** @return array<string, mixed>|null */
    private function content(): ?array
    {
        if (null !== $this->operation->media) {
            return [$this->operation->media => ['schema' => ['type' => 'string']]];
        }
        if ([] !== $this->operation->fields) {
            return ['application/json' => ['schema' => [
                'type' => 'object',
                'required' => array_keys($this->operation->fields),
                'properties' => array_map(static fn (string $type): array => ['type' => $type], $this->operation->fields),
            ]]];
        }
        if (null === $this->operation->answer) {
            return null;
        }
        $schema = self::reference($this->operation->answer);
        $schema = $this->operation->isList ? ['type' => 'array', 'items' => $schema] : $schema;

        return ['application/json' => ['schema' => $this->operation->isNullable ? ['oneOf' => [$schema, ['type' => 'null']]] : $schema]];
    }

    /** @return array{'$ref': string} */
    private static function reference(string $classOrName): array
    {
        $name = $classOrName;
        if (class_exists($classOrName)) {
            $schema = ((new \ReflectionClass($classOrName))->getAttributes(Schema::class)[0] ?? null)?->newInstance();
            $name = \is_string($schema?->schema) ? $schema->schema : throw new \LogicException("$classOrName has no schema.");
        }

        return ['$ref' => "#/components/schemas/$name"];
    }
}
