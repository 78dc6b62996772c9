<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Contract\Reader\UnitsInUse;
use Doctrine\DBAL\Exception;
use Doctrine\ORM\EntityManagerInterface;
use Kontrast\Measure\Units;
use Kontrast\Rulebook\SchoolQuestion;
use Kontrast\Rulebook\Slot;

/**
 * What the angler chose once for every advice. Asked before each of them, so straight from the column; where there is no database yet, as
 * on the command line of a fresh machine, nothing was chosen either.
 */
final readonly class ChoicesOfAdvice implements UnitsInUse
{
    public function __construct(private EntityManagerInterface $entities, private string $databaseFile)
    {
    }

    /**
     * @return array{list<SchoolQuestion>, list<array{Slot, string}>, list<string>} the questions on which the log votes, the picks that are
     *                                                                             trusted, and the rules that are not believed
     */
    public function read(): array
    {
        [$says, $trusted, $doubted] = array_map(
            static fn (mixed $json): array => \is_string($json) ? (array) json_decode($json, true) : [],
            $this->chosen('log_says', 'trusted', 'doubted'),
        );

        return [
            array_values(array_filter(
                SchoolQuestion::cases(),
                static fn (SchoolQuestion $question): bool => \in_array($question->value, $says, true),
            )),
            self::picks($trusted),
            array_values(array_filter($doubted, is_string(...))),
        ];
    }

    public function units(): Units
    {
        [$units] = $this->chosen('units');

        return Units::tryFrom(\is_string($units) ? $units : '') ?? Units::Us;
    }

    /** @return list<mixed> what the settings have in each of these fields; null where nothing was chosen */
    private function chosen(string ...$fields): array
    {
        $nothing = array_fill(0, \count($fields), null);
        if (!is_file($this->databaseFile)) {
            return $nothing;
        }
        $columns = implode(', ', array_map(static fn (string $field): string => "json_extract(document, '$.$field')", $fields));
        try {
            $row = $this->entities->getConnection()->fetchNumeric("SELECT $columns FROM settings WHERE json_valid(document)");
        } catch (Exception) {
            return $nothing;
        }

        return false === $row ? $nothing : $row;
    }

    /**
     * @param array<mixed> $trusted
     *
     * @return list<array{Slot, string}>
     */
    private static function picks(array $trusted): array
    {
        $picks = [];
        foreach ($trusted as $one) {
            $pick = \is_array($one) && \is_string($one['pick'] ?? null) ? Slot::tryFrom($one['pick']) : null;
            if (null !== $pick && \is_string($one['value'] ?? null)) {
                $picks[] = [$pick, $one['value']];
            }
        }

        return $picks;
    }
}
