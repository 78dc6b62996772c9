<?php

declare(strict_types=1);

namespace Tests\app;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Assert;

/** Holds documents against the published schemas, read by an independent validator. */
final class Schema
{
    public static function assertValid(string $schema, string $json): void
    {
        $result = (new Validator())->validate(
            json_decode($json),
            (string) file_get_contents(__DIR__."/../../docs/schema/$schema.schema.json"),
        );
        $error = $result->error();
        Assert::assertTrue(
            $result->isValid(),
            null === $error ? '' : (string) json_encode((new ErrorFormatter())->format($error), \JSON_PRETTY_PRINT),
        );
    }

    public static function accepts(string $schema, string $json): bool
    {
        return (new Validator())->validate(
            json_decode($json),
            (string) file_get_contents(__DIR__."/../../docs/schema/$schema.schema.json"),
        )->isValid();
    }
}
