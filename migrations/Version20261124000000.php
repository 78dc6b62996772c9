<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Waters, readings, the desk and the settings. */
final class Version20261124000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE water (id VARCHAR(36) NOT NULL, deleted_at DATETIME DEFAULT NULL, name VARCHAR(120) NOT NULL, tint '
                .'VARCHAR(20) NOT NULL, red_crawfish BOOLEAN NOT NULL, forage VARCHAR(20) DEFAULT NULL, note VARCHAR(1000) NOT NULL, '
                    .'PRIMARY KEY (id))',
        );
        $this->addSql(
            'CREATE TABLE kept_reading (id VARCHAR(36) NOT NULL, deleted_at DATETIME DEFAULT NULL, taken_at DATETIME NOT NULL, reading '
                .'CLOB NOT NULL, note VARCHAR(1000) NOT NULL, water_id VARCHAR(36) DEFAULT NULL, PRIMARY KEY (id), CONSTRAINT '
                    .'FK_88E0E1077721C36E FOREIGN KEY (water_id) REFERENCES water (id) ON UPDATE NO ACTION NOT DEFERRABLE INITIALLY '
                        .'IMMEDIATE)',
        );
        $this->addSql('CREATE INDEX IDX_88E0E1077721C36E ON kept_reading (water_id)');
        $this->addSql('CREATE INDEX kept_reading_taken ON kept_reading (taken_at)');
        $this->addSql(
            'CREATE TABLE desk (id VARCHAR(10) NOT NULL, reading CLOB NOT NULL, water_id VARCHAR(36) DEFAULT NULL, PRIMARY KEY (id), '
                .'CONSTRAINT FK_56E24667721C36E FOREIGN KEY (water_id) REFERENCES water (id) ON UPDATE NO ACTION NOT DEFERRABLE '
                    .'INITIALLY IMMEDIATE)',
        );
        $this->addSql('CREATE INDEX IDX_56E24667721C36E ON desk (water_id)');
        $this->addSql('CREATE TABLE settings (id VARCHAR(10) NOT NULL, choices CLOB NOT NULL, PRIMARY KEY (id))');
    }

    public function down(Schema $schema): void
    {
        foreach (['kept_reading', 'desk', 'settings', 'water'] as $table) {
            $this->addSql("DROP TABLE $table");
        }
    }
}
