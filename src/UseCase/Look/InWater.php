<?php

declare(strict_types=1);

namespace App\UseCase\Look;

use App\Contract\Error\InvalidDocument;
use Kontrast\Water\ClearerThanWater;

/** Puts what the optics refuse into the words of a fault. */
final class InWater
{
    /**
     * Runs what solves a water, and names the field where the water cannot be.
     *
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     *
     * @throws InvalidDocument
     */
    public static function run(callable $work, string $field): mixed
    {
        try {
            return $work();
        } catch (ClearerThanWater $error) {
            throw InvalidDocument::fault($field, $error->getMessage(), 'clearer_than_water');
        }
    }
}
