<?php

/* A step of the desk that has been done. Its key changes with its words, so that no tick outlives its counts. */

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
class TickedStep
{
    public function __construct(
        #[ORM\Id]
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Notebook $notebook,
        /** The spread's id, or the month and page part: what `/api/.../openings` calls `drawing`. */
        #[ORM\Id]
        #[ORM\Column(length: 60)]
        public readonly string $drawing,
        #[ORM\Id]
        #[ORM\Column(length: 20)]
        public readonly string $step,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $at = new \DateTimeImmutable(),
    ) {
    }
}
