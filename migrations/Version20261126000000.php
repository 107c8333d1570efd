<?php

declare(strict_types=1);

namespace Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261126000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Kinds of spread a person made are kept for every notebook of the shelf.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE kept_kind (id VARCHAR(40) NOT NULL, kind CLOB NOT NULL, PRIMARY KEY (id))');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE kept_kind');
    }
}
