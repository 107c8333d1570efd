<?php

/* A notebook on the shelf: its plan as one document, so that an edit is whole or not at all. */

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

#[ORM\Entity]
class Notebook
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public readonly string $id;

    /** Doctrine raises it with every change and refuses a change made against an older one. */
    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    private int $version = 1;

    /** How many edits are in force; those after it were taken back and can be put again. */
    #[ORM\Column(type: Types::INTEGER)]
    private int $edits = 0;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
    private \DateTimeImmutable $changed;

    public function __construct(
        #[ORM\Column(type: Types::TEXT)]
        private string $plan,
    ) {
        $this->id = Uuid::v7()->toRfc4122();
        $this->changed = new \DateTimeImmutable();
    }

    /** The plan as JSON. */
    public function plan(): string
    {
        return $this->plan;
    }

    public function version(): int
    {
        return $this->version;
    }

    public function edits(): int
    {
        return $this->edits;
    }

    public function changed(): \DateTimeImmutable
    {
        return $this->changed;
    }

    public function become(string $plan, int $edits): void
    {
        $this->plan = $plan;
        $this->edits = $edits;
        $this->changed = new \DateTimeImmutable();
    }
}
