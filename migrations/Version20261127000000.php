<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What is on the bench is kept by the server: until now each browser kept its own. */
final class Version20261127000000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE workbench (id VARCHAR(10) NOT NULL, version INTEGER DEFAULT 1 NOT NULL, document CLOB NOT NULL, '
            .'shape INTEGER NOT NULL, PRIMARY KEY (id))');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Restore a backup made before it instead.');
    }
}
