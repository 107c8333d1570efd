<?php

/* A step of the desk that has been done. Its key changes with its words, so that no tick outlives its counts. */

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

#[ORM\Entity]
class TickedStep
{
    /** Of one notebook; 1,000 pages of 20 steps. */
    public const MOST = 20_000;

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
        /** A tick that was taken back is remembered, so that one made earlier on another device does not bring it back. */
        #[ORM\Column(type: Types::BOOLEAN, options: ['default' => true])]
        public readonly bool $done = true,
        /** When it was made, in ms since 1970 by this machine's clock: the later one of two counts. */
        #[ORM\Column(type: Types::BIGINT, options: ['default' => 0])]
        public readonly int $moment = 0,
        /** Names the change that made it so, as its device does: sent again, it is the same one. */
        #[ORM\Column(length: 36, options: ['default' => ''])]
        public readonly string $change = '',
    ) {
    }

    /** Whether a page's drawing and step could have these names: small letters, figures, hyphens and strokes. */
    public static function isNamed(string $drawing, string $step): bool
    {
        return 1 === preg_match('#^[a-z0-9][a-z0-9/-]{0,59}$#D', $drawing) && 1 === preg_match('/^[a-z0-9]{1,20}$/D', $step);
    }
}
