<?php

declare(strict_types=1);

namespace Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

final class Version20261124000000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Notebooks, their edits and the steps ticked.';
    }

    /** SQLite changes its journal mode only outside a transaction. */
    public function isTransactional(): bool
    {
        return false;
    }

    public function up(Schema $schema): void
    {
        // The journal mode is a property of the file: set once, kept for good.
        $this->addSql('PRAGMA journal_mode = WAL');
        $this->addSql('CREATE TABLE notebook (id VARCHAR(36) NOT NULL, version INTEGER DEFAULT 1 NOT NULL, edits INTEGER NOT NULL, changed DATETIME NOT NULL, plan CLOB NOT NULL, PRIMARY KEY (id))');
        $this->addSql('CREATE TABLE edit (number INTEGER NOT NULL, said VARCHAR(500) NOT NULL, notebook_id VARCHAR(36) NOT NULL, "before" BLOB NOT NULL, "after" BLOB NOT NULL, PRIMARY KEY (notebook_id, number), FOREIGN KEY (notebook_id) REFERENCES notebook (id) ON UPDATE NO ACTION ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_8135DE1AF74303D6 ON edit (notebook_id)');
        $this->addSql('CREATE TABLE ticked_step (notebook_id VARCHAR(36) NOT NULL, drawing VARCHAR(60) NOT NULL, step VARCHAR(20) NOT NULL, at DATETIME NOT NULL, PRIMARY KEY (notebook_id, drawing, step), FOREIGN KEY (notebook_id) REFERENCES notebook (id) ON UPDATE NO ACTION ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE)');
        $this->addSql('CREATE INDEX IDX_72B4E99FF74303D6 ON ticked_step (notebook_id)');
    }
}
