<?php

/* A kind of spread a person keeps, for every notebook of the shelf; a plan that uses it has its own copy. */

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
class KeptKind
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 40)]
        public readonly string $id,
        /** As a plan file has it. */
        #[ORM\Column(type: Types::TEXT)]
        public readonly string $kind,
    ) {
    }
}
