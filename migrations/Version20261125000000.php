<?php

declare(strict_types=1);

namespace Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261125000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What the shelf shows of a notebook is kept with it, and the shelf is read in the order of the last change.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE notebook ADD COLUMN shelf CLOB DEFAULT NULL');
        $this->addSql('CREATE INDEX shelf_order ON notebook (changed, id)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX shelf_order');
        $this->addSql('ALTER TABLE notebook DROP COLUMN shelf');
    }
}
