<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Outings are kept: stints in them, events in those, pictures beside events, and trials. */
final class Version20261129000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE outing (id VARCHAR(36) NOT NULL, started_at DATETIME NOT NULL, ended_at DATETIME DEFAULT NULL, '
            .'notes INTEGER NOT NULL, note VARCHAR(2000) NOT NULL, deleted_at DATETIME DEFAULT NULL, version INTEGER DEFAULT '
            .'1 NOT NULL, document CLOB NOT NULL, shape INTEGER NOT NULL, water_id VARCHAR(36) DEFAULT NULL, trip_id '
            .'VARCHAR(36) DEFAULT NULL, PRIMARY KEY (id), CONSTRAINT FK_F2A106257721C36E FOREIGN KEY (water_id) REFERENCES '
            .'water (id) NOT DEFERRABLE INITIALLY IMMEDIATE, CONSTRAINT FK_F2A10625A5BC2E0E FOREIGN KEY (trip_id) REFERENCES '
            .'trip (id) NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX outing_started ON outing (started_at, id)');
        $this->addSql('CREATE INDEX IDX_F2A106257721C36E ON outing (water_id)');
        $this->addSql('CREATE INDEX IDX_F2A10625A5BC2E0E ON outing (trip_id)');
        $this->addSql('CREATE TABLE stint (id VARCHAR(36) NOT NULL, angler VARCHAR(10) NOT NULL, started_at DATETIME NOT NULL, '
            .'ended_at DATETIME DEFAULT NULL, levels CLOB NOT NULL, document CLOB NOT NULL, shape INTEGER NOT NULL, outing_id '
            .'VARCHAR(36) NOT NULL, PRIMARY KEY (id), CONSTRAINT FK_771D596AAF4C7531 FOREIGN KEY (outing_id) REFERENCES '
            .'outing (id) ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_771D596AAF4C7531 ON stint (outing_id)');
        $this->addSql('CREATE TABLE event_photo (id VARCHAR(36) NOT NULL, jpeg CLOB NOT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE TABLE outing_event (id VARCHAR(36) NOT NULL, happened_at DATETIME NOT NULL, kind VARCHAR(20) NOT NULL, '
            .'angler VARCHAR(10) NOT NULL, length_in DOUBLE PRECISION DEFAULT NULL, details CLOB NOT NULL, taken CLOB NOT '
            .'NULL, photo_id VARCHAR(36) DEFAULT NULL, stint_id VARCHAR(36) NOT NULL, PRIMARY KEY (id), CONSTRAINT '
            .'FK_2A205EC07E9E4C8C FOREIGN KEY (photo_id) REFERENCES event_photo (id) NOT DEFERRABLE INITIALLY IMMEDIATE, '
            .'CONSTRAINT FK_2A205EC02B7E0175 FOREIGN KEY (stint_id) REFERENCES stint (id) ON DELETE CASCADE NOT DEFERRABLE '
            .'INITIALLY IMMEDIATE)');
        $this->addSql('CREATE UNIQUE INDEX UNIQ_2A205EC07E9E4C8C ON outing_event (photo_id)');
        $this->addSql('CREATE INDEX IDX_2A205EC02B7E0175 ON outing_event (stint_id)');
        $this->addSql('CREATE TABLE trial (id VARCHAR(36) NOT NULL, begun_at DATETIME NOT NULL, name VARCHAR(120) NOT NULL, deleted_at '
            .'DATETIME DEFAULT NULL, version INTEGER DEFAULT 1 NOT NULL, document CLOB NOT NULL, shape INTEGER NOT NULL, '
            .'PRIMARY KEY (id))');
        $this->addSql('CREATE INDEX trial_begun ON trial (begun_at, id)');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Restore a backup made before it instead.');
    }
}
