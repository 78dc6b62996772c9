<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A pass phrase, the devices that signed in with it, how often a wrong one came, and what phones without a connection handed back. */
final class Version20261130000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE pass_phrase (id VARCHAR(10) NOT NULL, set_at DATETIME NOT NULL, hash VARCHAR(255) NOT NULL, '
            .'PRIMARY KEY (id))');
        $this->addSql('CREATE TABLE session (id VARCHAR(36) NOT NULL, signed_in_at DATETIME NOT NULL, last_used_at DATETIME NOT NULL, '
            .'token_hash VARCHAR(64) NOT NULL, address VARCHAR(45) NOT NULL, device VARCHAR(255) NOT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE UNIQUE INDEX session_token ON session (token_hash)');
        $this->addSql('CREATE TABLE sign_in_attempts (failures INTEGER NOT NULL, last_at DATETIME NOT NULL, place VARCHAR(45) NOT NULL, '
            .'PRIMARY KEY (place))');
        $this->addSql('CREATE TABLE handed_back (outing VARCHAR(36) NOT NULL, version INTEGER NOT NULL, document CLOB NOT NULL, '
            .'PRIMARY KEY (outing))');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Restore a backup made before it instead.');
    }
}
