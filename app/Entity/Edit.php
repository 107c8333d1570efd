<?php

/* One edit of a notebook, with the plan before and after it, so that it can be taken back across a restart. */

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
#[ORM\UniqueConstraint(columns: ['notebook_id', 'number'])]
class Edit
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(type: Types::INTEGER)]
    private ?int $id = null;

    /** Packed: a plan is some ten kilobytes of repeating words. @var string|resource */
    #[ORM\Column(type: Types::BLOB)]
    private $before;

    /** @var string|resource */
    #[ORM\Column(type: Types::BLOB)]
    private $after;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly Notebook $notebook,
        #[ORM\Column(type: Types::INTEGER)]
        public readonly int $number,
        #[ORM\Column(length: 500)]
        public readonly string $said,
        string $before,
        string $after,
    ) {
        $this->before = (string) gzcompress($before);
        $this->after = (string) gzcompress($after);
    }

    public function id(): ?int
    {
        return $this->id;
    }

    public function before(): string
    {
        return self::unpacked($this->before);
    }

    public function after(): string
    {
        return self::unpacked($this->after);
    }

    /** @param string|resource $packed */
    private static function unpacked($packed): string
    {
        if (\is_resource($packed)) {
            rewind($packed);
            $packed = (string) stream_get_contents($packed);
        }
        $plan = gzuncompress($packed);

        return false === $plan ? throw new \RuntimeException('An edit in the database is damaged.') : $plan;
    }
}
