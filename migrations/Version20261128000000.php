<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Trips are kept, and a water knows where it is and by which clock people live there. */
final class Version20261128000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE water ADD COLUMN latitude DOUBLE PRECISION DEFAULT NULL');
        $this->addSql('ALTER TABLE water ADD COLUMN longitude DOUBLE PRECISION DEFAULT NULL');
        $this->addSql('ALTER TABLE water ADD COLUMN time_zone VARCHAR(60) DEFAULT NULL');
        $this->addSql('CREATE TABLE trip (id VARCHAR(36) NOT NULL, name VARCHAR(120) NOT NULL, note VARCHAR(2000) NOT NULL, '
            .'date VARCHAR(10) NOT NULL, water_id VARCHAR(36) DEFAULT NULL, deleted_at DATETIME DEFAULT NULL, '
            .'version INTEGER DEFAULT 1 NOT NULL, document CLOB NOT NULL, shape INTEGER NOT NULL, PRIMARY KEY (id), '
            .'CONSTRAINT FK_7656F53B7721C36E FOREIGN KEY (water_id) REFERENCES water (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_7656F53B7721C36E ON trip (water_id)');
        $this->addSql('CREATE INDEX trip_date ON trip (date, id)');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Restore a backup made before it instead.');
    }
}
