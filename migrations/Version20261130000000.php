<?php

declare(strict_types=1);

namespace Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261130000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What was worked out of a book is kept beside it.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE worked_out (program VARCHAR(32) NOT NULL, packed BLOB NOT NULL, notebook_id VARCHAR(36) NOT NULL, '
            .'PRIMARY KEY (notebook_id), CONSTRAINT FK_WORKED_OUT FOREIGN KEY (notebook_id) REFERENCES notebook (id) ON DELETE CASCADE '
            .'NOT DEFERRABLE INITIALLY IMMEDIATE)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE worked_out');
    }
}
