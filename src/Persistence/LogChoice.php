<?php

declare(strict_types=1);

namespace App\Persistence;

use Doctrine\DBAL\Exception;
use Doctrine\ORM\EntityManagerInterface;
use Kontrast\Rulebook\SchoolQuestion;

/**
 * The questions on which the logbook votes. Asked before every advice, so straight from the column; where there is no database yet, as on
 * the command line of a fresh machine, there is no log to have a say either.
 */
final readonly class LogChoice
{
    public function __construct(private EntityManagerInterface $entities, private string $databaseFile)
    {
    }

    /** @return list<SchoolQuestion> */
    public function questions(): array
    {
        if (!is_file($this->databaseFile)) {
            return [];
        }
        try {
            $json = $this->entities->getConnection()->fetchOne(
                "SELECT json_extract(document, '$.log_says') FROM settings WHERE json_valid(document)",
            );
        } catch (Exception) {
            return [];
        }
        $chosen = \is_string($json) ? json_decode($json, true) : [];

        return array_values(array_filter(
            SchoolQuestion::cases(),
            static fn (SchoolQuestion $question): bool => \is_array($chosen) && \in_array($question->value, $chosen, true),
        ));
    }
}
