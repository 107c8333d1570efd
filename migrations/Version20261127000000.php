<?php

declare(strict_types=1);

namespace Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261127000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Printers are kept by name and paper, as their calibration sheets were read.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE kept_printer (name VARCHAR(60) NOT NULL, paper VARCHAR(12) NOT NULL, margin VARCHAR(12) NOT NULL, '
            .'reading CLOB NOT NULL, proof VARCHAR(12) DEFAULT NULL, PRIMARY KEY (name, paper))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE kept_printer');
    }
}
