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

    /** Raised with every change of its ticks, so that another device sees there was one. */
    #[ORM\Column(type: Types::INTEGER, options: ['default' => 0])]
    private int $ticks = 0;

    /** What the shelf shows, as JSON: {form, of: which plan it was made for, entry}; null where that is not known. */
    #[ORM\Column(type: Types::TEXT, nullable: true)]
    private ?string $shelf = null;

    /** @param array<string, mixed> $entry what the shelf shows of it */
    public function __construct(
        #[ORM\Column(type: Types::TEXT)]
        private string $plan,
        array $entry,
        int $form,
    ) {
        $this->showing($entry, $form);
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

    public function ticks(): int
    {
        return $this->ticks;
    }

    public function edits(): int
    {
        return $this->edits;
    }

    public function changed(): \DateTimeImmutable
    {
        return $this->changed;
    }

    /**
     * What the shelf shows, if it was made for the plan as it stands, in this form.
     *
     * @return array<string, mixed>|null
     */
    public function shelfEntry(int $form): ?array
    {
        $kept = null === $this->shelf ? null : json_decode($this->shelf, true, 64);
        if (!\is_array($kept) || ($kept['form'] ?? null) !== $form || ($kept['of'] ?? null) !== self::mark($this->plan)) {
            return null;
        }

        /** @var array<string, mixed>|null $entry */
        $entry = \is_array($kept['entry'] ?? null) ? $kept['entry'] : null;

        return $entry;
    }

    /** @param array<string, mixed> $entry what the shelf shows of the new plan */
    public function become(string $plan, int $edits, array $entry, int $form): void
    {
        $this->plan = $plan;
        $this->showing($entry, $form);
        $this->edits = $edits;
        $this->changed = new \DateTimeImmutable();
    }

    /** @param array<string, mixed> $entry */
    private function showing(array $entry, int $form): void
    {
        $this->shelf = json_encode(
            ['form' => $form, 'of' => self::mark($this->plan), 'entry' => $entry],
            \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    /** Tells one plan from another. */
    private static function mark(string $plan): string
    {
        return hash('xxh128', $plan);
    }
}
