<?php

declare(strict_types=1);

namespace App\Migrations;

use App\Contract\Stored\StoredAs;
use App\Persistence\Upgrade\Upgrades;
use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The water of a stint is what somebody saw there. What was stored before keeps its values, which nobody has confirmed. */
final class Version20261130150000 extends AbstractMigration
{
    /** Of an outing: what cannot be read keeps its old one, and is shown as needing attention. */
    private const OLD_SHAPE = 1;
    private const SHAPE = 2;
    private const AS_STORED = \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR;

    public function up(Schema $schema): void
    {
        foreach (['stint' => StoredAs::Stint, 'outing' => StoredAs::Box] as $table => $name) {
            $rows = $this->connection->iterateKeyValue("SELECT id, document FROM $table WHERE shape = ".self::OLD_SHAPE);
            foreach ($rows as $id => $json) {
                $document = \is_string($json) ? json_decode($json) : null;
                if ($document instanceof \stdClass) {
                    Upgrades::run($name, $document, self::OLD_SHAPE, self::SHAPE);
                    $json = json_encode($document, self::AS_STORED);
                    $this->addSql("UPDATE $table SET document = ?, shape = ? WHERE id = ?", [$json, self::SHAPE, $id]);
                }
            }
        }
        $this->handedBack();
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Restore a backup made before it instead.');
    }

    /** What a phone said last of an outing is held against what is stored, and has to say it in the same fields. */
    private function handedBack(): void
    {
        foreach ($this->connection->iterateKeyValue('SELECT outing, document FROM handed_back') as $id => $json) {
            $outing = \is_string($json) ? json_decode($json) : null;
            $stints = $outing instanceof \stdClass && \is_array($outing->stints ?? null) ? $outing->stints : [];
            foreach ($stints as $stint) {
                if ($stint instanceof \stdClass) {
                    Upgrades::run(StoredAs::Stint, $stint, self::OLD_SHAPE, self::SHAPE);
                    $stint->assumed = [];
                }
            }
            if ([] !== $stints) {
                $this->addSql('UPDATE handed_back SET document = ? WHERE outing = ?', [json_encode($outing, self::AS_STORED), $id]);
            }
        }
    }
}
