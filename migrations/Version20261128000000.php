<?php

declare(strict_types=1);

namespace Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261128000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Devices are paired; ticks of several devices are merged by when they were made, and a tick taken back is remembered.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE device (hash VARCHAR(64) NOT NULL, id VARCHAR(16) NOT NULL, name VARCHAR(40) NOT NULL, '
            .'made INTEGER NOT NULL, seen INTEGER NOT NULL, PRIMARY KEY (hash))');
        $this->addSql('CREATE TABLE pairing (id INTEGER NOT NULL, code VARCHAR(64) NOT NULL, ends INTEGER NOT NULL, tries INTEGER NOT NULL, '
            .'PRIMARY KEY (id))');
        $this->addSql('ALTER TABLE ticked_step ADD COLUMN done BOOLEAN DEFAULT 1 NOT NULL');
        $this->addSql('ALTER TABLE ticked_step ADD COLUMN moment BIGINT DEFAULT 0 NOT NULL');
        $this->addSql("ALTER TABLE ticked_step ADD COLUMN change VARCHAR(36) DEFAULT '' NOT NULL");
        $this->addSql('ALTER TABLE notebook ADD COLUMN ticks INTEGER DEFAULT 0 NOT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE device');
        $this->addSql('DROP TABLE pairing');
        $this->addSql('DELETE FROM ticked_step WHERE NOT done');
        foreach (['done', 'moment', 'change'] as $column) {
            $this->addSql("ALTER TABLE ticked_step DROP COLUMN $column");
        }
        $this->addSql('ALTER TABLE notebook DROP COLUMN ticks');
    }
}
