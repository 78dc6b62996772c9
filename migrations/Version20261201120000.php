<?php

declare(strict_types=1);

namespace App\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Answers given in practice. */
final class Version20261201120000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE practice_answer (id VARCHAR(36) NOT NULL, given_at DATETIME NOT NULL, '
            .'deleted_at DATETIME DEFAULT NULL, version INTEGER DEFAULT 1 NOT NULL, document CLOB NOT NULL, '
            .'shape INTEGER NOT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE INDEX practice_answer_given ON practice_answer (given_at, id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE practice_answer');
    }
}
