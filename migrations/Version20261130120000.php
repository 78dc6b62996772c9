<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Names that the angler gave to colors. */
final class Version20261130120000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE colour_name (id VARCHAR(36) NOT NULL, name VARCHAR(120) NOT NULL, deleted_at DATETIME DEFAULT NULL, '
            .'version INTEGER DEFAULT 1 NOT NULL, document CLOB NOT NULL, shape INTEGER NOT NULL, PRIMARY KEY (id))');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Restore a backup made before it instead.');
    }
}
