<?php

declare(strict_types=1);

namespace Tests\core\Rulebook\Table;

use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Slot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Readings with the answers that the trade's facts imply, written from the facts and not from the rules. Common practice, no
 * source. The name of each names its facts. An answer is a pick and its value; several accents are joined with "+", "" is none.
 */
abstract class ReadingTableTestCase extends TestCase
{
    /** @return iterable<string, array{Reading, array<string, string>}> */
    abstract public static function readings(): iterable;

    /** @param array<string, string> $answers */
    #[DataProvider('readings')]
    public function testTheFactsImply(Reading $reading, array $answers): void
    {
        static $engine = null;
        $engine ??= Engine::standard();
        \assert($engine instanceof Engine);
        $assembly = new Assembly($engine->decide($reading));
        $given = [];
        foreach (array_keys($answers) as $pick) {
            $given[$pick] = implode('+', $assembly->keys(Slot::from($pick)));
        }
        self::assertSame($answers, $given);
    }
}
