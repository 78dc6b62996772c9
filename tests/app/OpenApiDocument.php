<?php

declare(strict_types=1);

namespace Tests\app;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;

/** Holds live answers against the published OpenAPI document, read by an independent JSON Schema validator. */
final class OpenApiDocument
{
    /** @var array<string, mixed> */
    public readonly array $document;
    private readonly Validator $validator;
    private readonly \stdClass $components;

    public function __construct()
    {
        $json = (string) file_get_contents(__DIR__.'/../../docs/openapi.json');
        /** @var array<string, mixed> $document */
        $document = json_decode($json, true, 128, \JSON_THROW_ON_ERROR);
        $this->document = $document;
        $this->validator = new Validator();
        $decoded = json_decode($json, false, 128, \JSON_THROW_ON_ERROR);
        \assert($decoded instanceof \stdClass && $decoded->components instanceof \stdClass);
        $this->components = $decoded->components;
    }

    /** The answer is one the operation names, of the media type and the shape it names. */
    public function assertAnswers(string $method, string $path, int $status, string $contentType, string $body): void
    {
        $response = $this->response($method, $path, $status);
        Assert::assertNotNull($response, "$method $path answers $status, which the document does not name.");
        $media = trim(explode(';', $contentType)[0]);
        $content = $response['content'] ?? null;
        if (!\is_array($content)) {
            Assert::assertSame('', $body, "$method $path answers $status with a body the document does not name.");

            return;
        }
        Assert::assertArrayHasKey($media, $content, "$method $path answers $status as $media.");
        if (!str_contains($media, 'json') || 'application/x-ndjson' === $media) {
            return;
        }
        // References of the schema start at the root, so the components go along with it.
        $entry = $content[$media];
        $schema = json_decode((string) json_encode(\is_array($entry) ? $entry['schema'] ?? null : null), false, 128, \JSON_THROW_ON_ERROR);
        \assert($schema instanceof \stdClass);
        $schema->components = $this->components;
        $result = $this->validator->validate(json_decode($body), $schema);
        $error = $result->error();
        $says = null === $error ? '' : (string) json_encode((new ErrorFormatter())->format($error), \JSON_PRETTY_PRINT);
        Assert::assertTrue($result->isValid(), "$method $path $status: $says");
    }

    /** @return list<mixed> the words a property of a component may be, itself or one of a list; empty where it is not an enumeration */
    public function words(string $component, string $property): array
    {
        $at = "/components/schemas/$component/properties/$property";
        $words = $this->at("$at/enum") ?? $this->at("$at/items/enum");

        return \is_array($words) ? array_values(array_filter($words, static fn (mixed $word): bool => null !== $word)) : [];
    }

    /** @return array<mixed>|null */
    private function response(string $method, string $path, int $status): ?array
    {
        $response = $this->at($this->pointer($method, $path, $status));

        return \is_array($response) ? $response : null;
    }

    /** Where the answer stands, a reference followed. */
    private function pointer(string $method, string $path, int $status): string
    {
        $pointer = '/paths/'.strtr($path, ['~' => '~0', '/' => '~1']).'/'.strtolower($method).'/responses/'.$status;
        $response = $this->at($pointer);
        $reference = \is_array($response) ? ($response['$ref'] ?? null) : null;

        return \is_string($reference) ? substr($reference, 1) : $pointer;
    }

    private function at(string $pointer): mixed
    {
        $node = $this->document;
        foreach (explode('/', substr($pointer, 1)) as $step) {
            $node = \is_array($node) ? ($node[strtr($step, ['~1' => '/', '~0' => '~'])] ?? null) : null;
        }

        return $node;
    }
}
