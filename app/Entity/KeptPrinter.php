<?php

/* A printer with one paper in it, for every notebook of the shelf. */

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
class KeptPrinter
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 60)]
        public readonly string $name,
        #[ORM\Id]
        #[ORM\Column(length: 12)]
        public readonly string $paper,
        /** mm it leaves white along its edges. */
        #[ORM\Column(length: 12)]
        public readonly string $margin,
        /** What a ruler read, in mm by the name of each figure, as JSON. */
        #[ORM\Column(type: Types::TEXT)]
        public readonly string $reading,
        /** mm the worst figure of the sheet that proves it was off; null where it was not proved yet. */
        #[ORM\Column(length: 12, nullable: true)]
        public readonly ?string $proof = null,
    ) {
    }
}
