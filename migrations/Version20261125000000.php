<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The parts owned, colours to hand, builds put away, and what was made. */
final class Version20261125000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE bin_part (id VARCHAR(36) NOT NULL, version INTEGER DEFAULT 1 NOT NULL, deleted_at DATETIME DEFAULT NULL, kind '
                .'VARCHAR(20) NOT NULL, name VARCHAR(120) NOT NULL, count INTEGER NOT NULL, traits CLOB NOT NULL, PRIMARY KEY (id))',
        );
        $this->addSql('CREATE INDEX bin_part_kind ON bin_part (kind, name)');
        $this->addSql(
            'CREATE TABLE swatch (id VARCHAR(36) NOT NULL, name VARCHAR(120) NOT NULL, hex VARCHAR(7) NOT NULL, PRIMARY KEY (id))',
        );
        $this->addSql(
            'CREATE TABLE saved_build (id VARCHAR(36) NOT NULL, version INTEGER DEFAULT 1 NOT NULL, deleted_at DATETIME DEFAULT NULL, '
                .'name VARCHAR(120) NOT NULL, note VARCHAR(2000) NOT NULL, composition CLOB NOT NULL, photo CLOB DEFAULT NULL, PRIMARY '
                    .'KEY (id))',
        );
        $this->addSql(
            'CREATE TABLE made (id VARCHAR(36) NOT NULL, undone_at DATETIME DEFAULT NULL, what VARCHAR(1000) NOT NULL, count INTEGER '
                .'NOT NULL, cost DOUBLE PRECISION NOT NULL, price DOUBLE PRECISION DEFAULT NULL, drawn CLOB NOT NULL, made_at DATETIME '
                    .'NOT NULL, PRIMARY KEY (id))',
        );
    }

    public function down(Schema $schema): void
    {
        foreach (['bin_part', 'swatch', 'saved_build', 'made'] as $table) {
            $this->addSql("DROP TABLE $table");
        }
    }
}
