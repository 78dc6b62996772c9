<?php

declare(strict_types=1);

namespace App\Migrations;

use App\Contract\Stored\StoredAs;
use App\Persistence\Upgrade\Upgrades;
use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;
use Symfony\Component\Uid\Uuid;

/**
 * Columns for what is searched, sorted, summed or judged; the rest a document with the number of its shape. What a batch drew refers to
 * its parts by a
 * foreign key. Every row that can be edited counts its versions.
 */
final class Version20261126000000 extends AbstractMigration
{
    /** Shapes as they were before: what cannot be read now keeps this number, and is shown as needing attention. */
    private const OLD_SHAPE = 1;
    private const PART_SHAPE = 2;
    /** Minor units of money as of this migration. */
    private const MINOR_UNITS = 10_000;

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE water ADD COLUMN version INTEGER DEFAULT 1 NOT NULL');
        $this->addSql('CREATE TABLE set_aside (id VARCHAR(36) NOT NULL, kind VARCHAR(20) NOT NULL, title VARCHAR(120) NOT NULL, '
            .'reason VARCHAR(1000) NOT NULL, document CLOB NOT NULL, PRIMARY KEY (id))');
        $this->parts();
        $this->records();
        $this->readings();
        $this->currentReading();
        $this->settings();
        $this->builds();
        foreach (['made', 'kept_reading', 'desk', 'old_settings', 'old_saved_build', 'bin_part'] as $table) {
            $this->addSql("DROP TABLE $table");
        }
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Restore a backup made before it instead.');
    }

    private function parts(): void
    {
        $this->addSql('CREATE TABLE inventory_part (id VARCHAR(36) NOT NULL, kind VARCHAR(20) NOT NULL, name VARCHAR(120) NOT NULL, '
            .'count INTEGER NOT NULL, low_at INTEGER DEFAULT NULL, box VARCHAR(60) NOT NULL, cost INTEGER DEFAULT NULL, lures '
                .'VARCHAR(80) NOT NULL, '
            .'deleted_at DATETIME DEFAULT NULL, version INTEGER DEFAULT 1 NOT NULL, document CLOB NOT NULL, shape INTEGER NOT NULL, '
                .'PRIMARY KEY (id))');
        $this->addSql('CREATE INDEX inventory_part_kind ON inventory_part (kind, name, id)');
        foreach ($this->connection->fetchAllAssociative('SELECT * FROM bin_part') as $row) {
            $traits = self::decoded($row['traits']);
            $cost = $traits['cost'] ?? null;
            $lures = $traits['lures'] ?? [];
            $this->insert('inventory_part', [
                ...array_intersect_key($row, ['id' => 0, 'kind' => 0, 'name' => 0, 'count' => 0, 'deleted_at' => 0, 'version' => 0]),
                'low_at' => \is_int($traits['low_at'] ?? null) ? $traits['low_at'] : null,
                'box' => \is_string($traits['box'] ?? null) ? $traits['box'] : '',
                'cost' => \is_int($cost) || \is_float($cost) ? (int) round($cost * self::MINOR_UNITS) : null,
                'lures' => implode(' ', array_filter(\is_array($lures) ? $lures : [], \is_string(...))),
                ...self::document($row['traits'], StoredAs::Part),
            ]);
        }
    }

    private function records(): void
    {
        $this->addSql('CREATE TABLE built_record (id VARCHAR(36) NOT NULL, undone_at DATETIME DEFAULT NULL, cost INTEGER NOT NULL, '
            .'price INTEGER DEFAULT NULL, built_at DATETIME NOT NULL, what VARCHAR(1000) NOT NULL, count INTEGER NOT NULL, '
            .'version INTEGER DEFAULT 1 NOT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE INDEX built_record_built ON built_record (built_at, id)');
        $this->addSql('CREATE TABLE built_record_part (id VARCHAR(36) NOT NULL, name VARCHAR(120) NOT NULL, count INTEGER NOT NULL, '
            .'record_id VARCHAR(36) NOT NULL, part_id VARCHAR(36) DEFAULT NULL, PRIMARY KEY (id), '
            .'CONSTRAINT FK_AAF097624DFD750C FOREIGN KEY (record_id) REFERENCES built_record (id) ON DELETE CASCADE NOT DEFERRABLE '
                .'INITIALLY IMMEDIATE, '
            .'CONSTRAINT FK_AAF097624CE34BEC FOREIGN KEY (part_id) REFERENCES inventory_part (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_AAF097624DFD750C ON built_record_part (record_id)');
        $this->addSql('CREATE INDEX IDX_AAF097624CE34BEC ON built_record_part (part_id)');
        $names = $this->connection->fetchAllKeyValue('SELECT id, name FROM bin_part');
        foreach ($this->connection->fetchAllAssociative('SELECT * FROM made') as $row) {
            $this->insert('built_record', [
                'id' => $row['id'],
                'undone_at' => $row['undone_at'],
                'cost' => self::minor($row['cost']),
                'price' => null === $row['price'] ? null : self::minor($row['price']),
                'built_at' => $row['made_at'],
                'what' => $row['what'],
                'count' => $row['count'],
            ]);
            foreach (self::decoded($row['drawn']) as $partId => $count) {
                $this->insert('built_record_part', [
                    'id' => Uuid::v7()->toRfc4122(),
                    'record_id' => $row['id'],
                    'part_id' => isset($names[$partId]) ? $partId : null,
                    'name' => $names[$partId] ?? 'a part that is no longer stored',
                    'count' => \is_int($count) ? $count : 0,
                ]);
            }
        }
    }

    private function readings(): void
    {
        $this->addSql('CREATE TABLE saved_reading (id VARCHAR(36) NOT NULL, taken_at DATETIME NOT NULL, lure VARCHAR(20) NOT NULL, '
            .'note VARCHAR(1000) NOT NULL, deleted_at DATETIME DEFAULT NULL, version INTEGER DEFAULT 1 NOT NULL, document CLOB NOT NULL, '
            .'shape INTEGER NOT NULL, water_id VARCHAR(36) DEFAULT NULL, PRIMARY KEY (id), '
            .'CONSTRAINT FK_4B1B33D67721C36E FOREIGN KEY (water_id) REFERENCES water (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX saved_reading_taken ON saved_reading (taken_at, id)');
        $this->addSql('CREATE INDEX IDX_4B1B33D67721C36E ON saved_reading (water_id)');
        foreach ($this->connection->fetchAllAssociative('SELECT * FROM kept_reading') as $row) {
            $this->insert('saved_reading', [
                ...array_intersect_key($row, ['id' => 0, 'taken_at' => 0, 'note' => 0, 'deleted_at' => 0, 'water_id' => 0]),
                'lure' => self::lure($row['reading']),
                ...self::document($row['reading']),
            ]);
        }
    }

    private function currentReading(): void
    {
        $this->addSql('CREATE TABLE current_reading (id VARCHAR(10) NOT NULL, version INTEGER DEFAULT 1 NOT NULL, document CLOB NOT NULL, '
            .'shape INTEGER NOT NULL, water_id VARCHAR(36) DEFAULT NULL, PRIMARY KEY (id), '
            .'CONSTRAINT FK_6B1779C47721C36E FOREIGN KEY (water_id) REFERENCES water (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_6B1779C47721C36E ON current_reading (water_id)');
        foreach ($this->connection->fetchAllAssociative('SELECT * FROM desk') as $row) {
            $this->insert('current_reading', [
                'id' => $row['id'],
                'water_id' => $row['water_id'],
                ...self::document($row['reading']),
            ]);
        }
    }

    private function settings(): void
    {
        $this->addSql('ALTER TABLE settings RENAME TO old_settings');
        $this->addSql('CREATE TABLE settings (id VARCHAR(10) NOT NULL, version INTEGER DEFAULT 1 NOT NULL, document CLOB NOT NULL, '
            .'shape INTEGER NOT NULL, PRIMARY KEY (id))');
        foreach ($this->connection->fetchAllAssociative('SELECT * FROM settings') as $row) {
            $this->insert('settings', ['id' => $row['id'], ...self::document($row['choices'])]);
        }
    }

    private function builds(): void
    {
        $this->addSql('ALTER TABLE saved_build RENAME TO old_saved_build');
        $this->addSql('CREATE TABLE saved_build (id VARCHAR(36) NOT NULL, name VARCHAR(120) NOT NULL, note VARCHAR(2000) NOT NULL, '
            .'lure VARCHAR(20) NOT NULL, photo CLOB DEFAULT NULL, deleted_at DATETIME DEFAULT NULL, version INTEGER DEFAULT 1 NOT NULL, '
            .'document CLOB NOT NULL, shape INTEGER NOT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE INDEX saved_build_name ON saved_build (name, id)');
        foreach ($this->connection->fetchAllAssociative('SELECT * FROM saved_build') as $row) {
            $this->insert('saved_build', [
                ...array_intersect_key($row, ['id' => 0, 'name' => 0, 'note' => 0, 'photo' => 0, 'deleted_at' => 0, 'version' => 0]),
                'lure' => self::lure($row['composition']),
                ...self::document($row['composition']),
            ]);
        }
    }

    /** @param array<string, mixed> $values by column */
    private function insert(string $table, array $values): void
    {
        $columns = implode(', ', array_keys($values));
        $places = implode(', ', array_fill(0, \count($values), '?'));
        $this->addSql("INSERT INTO $table ($columns) VALUES ($places)", array_values($values));
    }

    /**
     * The document brought to the shape of this version; one that cannot be read stays exactly as it is, in the shape it had.
     *
     * @return array{document: mixed, shape: int}
     */
    private static function document(mixed $json, ?StoredAs $name = null): array
    {
        $document = \is_string($json) ? json_decode($json, true) : null;
        if (!\is_array($document)) {
            return ['document' => $json, 'shape' => self::OLD_SHAPE];
        }
        $document = (object) $document;
        if (null !== $name) {
            Upgrades::run($name, $document, self::OLD_SHAPE, self::PART_SHAPE);
        }
        $options = \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR;

        return [
            'document' => json_encode($document, $options),
            'shape' => null === $name ? self::OLD_SHAPE : self::PART_SHAPE,
        ];
    }

    /** @return array<mixed> empty where it cannot be read */
    private static function decoded(mixed $json): array
    {
        $data = \is_string($json) ? json_decode($json, true) : null;

        return \is_array($data) ? $data : [];
    }

    private static function lure(mixed $json): string
    {
        $lure = self::decoded($json)['lure'] ?? null;

        return \is_string($lure) && \in_array($lure, ['jig', 'swim_jig', 'spinnerbait', 'bladed_jig'], true) ? $lure : 'jig';
    }

    private static function minor(mixed $amount): int
    {
        return (int) round((is_numeric($amount) ? (float) $amount : 0.0) * self::MINOR_UNITS);
    }
}
