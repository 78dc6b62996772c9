<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\ReadingBuilder;
use Kontrast\Water\ClearerThanWater;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Makes up waters whose visibility is to be told by eye, the same ones for the same seed. */
final readonly class Waters
{
    /** Clearer than this nobody guesses by a stick, inches. (Chosen.) */
    private const MOST_IN = 110.0;
    private const LEAST_IN = 4.0;

    public function __construct(private Engine $engine)
    {
    }

    /** @return list<array{id: string, reading: Reading, column: WaterColumn}> */
    public function draw(int $seed, int $count): array
    {
        $dice = new Randomizer(new Xoshiro256StarStar($seed));
        $drawn = [];
        while (\count($drawn) < $count) {
            $draft = new ReadingBuilder($dice, $this->engine->book, false, []);
            $draft->number('visibility_in', self::LEAST_IN, self::MOST_IN);
            $reading = $draft->reading();
            try {
                $column = WaterColumn::of($reading, $dice->getInt(0, 999) / 1000);
            } catch (ClearerThanWater) {
                continue;
            }
            $drawn[] = ['id' => "$seed-".(\count($drawn) + 1), 'reading' => $reading, 'column' => $column];
        }

        return $drawn;
    }
}
