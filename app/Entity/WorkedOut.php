<?php

/* What was worked out of a notebook's books, so that an edit works out only what it changes. Lost, nothing is lost but time. */

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
class WorkedOut
{
    public function __construct(
        #[ORM\Id]
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Notebook $notebook,
        /** Names the program that worked it out: another one may come to something else. */
        #[ORM\Column(length: 32)]
        public readonly string $program,
        #[ORM\Column(type: Types::BLOB)]
        public readonly mixed $packed,
    ) {
    }
}
