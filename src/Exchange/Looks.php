<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Api\Document\LookDocument;
use App\Api\Document\LookRequestDocument;
use App\Api\Document\SceneDocument;
use Kontrast\Eye\Fading;
use Kontrast\Eye\Gaze;
use Kontrast\Eye\Pair;
use Kontrast\Eye\ReducedPart;
use Kontrast\Water\ClearerThanWater;
use Kontrast\Water\Scene;

/** Answers looks, and puts what the optics refuse into the words of a fault. */
final readonly class Looks
{
    public function __construct(private Documents $documents)
    {
    }

    /**
     * @return array<string, mixed> a look document
     *
     * @throws InvalidDocument
     */
    public function look(LookRequestDocument $request): array
    {
        $gaze = new Gaze(self::sceneOf($request));
        $parts = [];
        foreach ($request->toParts() as $part) {
            $parts[$part->id] = ReducedPart::of($part, $gaze);
        }
        $pairs = array_map(static fn (array $pair): Pair => Pair::of($parts[$pair[0]], $parts[$pair[1]]), $request->toPairs());

        return $this->documents->toArray(LookDocument::of($gaze, array_values($parts), $pairs));
    }

    /**
     * @return array<string, mixed> a scene document
     *
     * @throws InvalidDocument
     */
    public function scene(LookRequestDocument $request): array
    {
        $fading = Fading::of(self::sceneOf($request), $request->reading->toReading()->visibility, $request->toParts(), $request->toPairs());

        return $this->documents->toArray(SceneDocument::of($fading));
    }

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
    public static function inWater(callable $work, string $field): mixed
    {
        try {
            return $work();
        } catch (ClearerThanWater $error) {
            throw InvalidDocument::fault($field, $error->getMessage());
        }
    }

    private static function sceneOf(LookRequestDocument $request): Scene
    {
        return self::inWater(static fn (): Scene => Scene::of($request->reading->toReading(), $request->from), 'reading.visibility_in');
    }
}
