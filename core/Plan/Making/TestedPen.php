<?php

/* A pen as it was seen on this paper: what was found on the test page, one row of it. */

declare(strict_types=1);

namespace AmpleMargin\Plan\Making;

use AmpleMargin\Colour\Colour;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Values;

final class TestedPen
{
    public const MOST = 200;

    /** Minutes it may dry: a day. */
    public const LONGEST = 1440;

    /**
     * @param string|null   $colour  #rrggbb, where it is one of the book's palette
     * @param Ghost|null    $ghosts  null where nobody looked
     * @param bool|null     $bleeds  null where nobody looked
     * @param bool|null     $feathers the same
     * @param int|null      $dries   minutes; null where nobody waited
     * @param bool          $layered whether two layers were tried
     * @param list<PenUse>  $uses    what it is used for
     */
    public function __construct(
        public readonly string $id,
        public readonly string $name,
        public readonly PenSort $sort,
        public readonly ?string $colour = null,
        public readonly ?Ghost $ghosts = null,
        public readonly ?bool $bleeds = null,
        public readonly ?bool $feathers = null,
        public readonly ?int $dries = null,
        public readonly bool $layered = false,
        public readonly array $uses = [],
    ) {
    }

    /** Whether it was tried on this paper at all. */
    public function isTested(): bool
    {
        return null !== $this->ghosts || null !== $this->bleeds || null !== $this->dries;
    }

    /** @throws PlanProblem naming the field */
    public static function read(Values $values, ?string $id = null): self
    {
        $name = trim($values->text('name', '', 80));
        if ('' === $name) {
            throw PlanProblem::at($values->path('name'), 'Say which pen it is: what stands on it, or where it lies.');
        }
        $colour = $values->has('colour') ? strtolower($values->text('colour', null, 7)) : null;
        if (null !== $colour && null === Colour::read($colour)) {
            throw PlanProblem::at($values->path('colour'), "“{$colour}” is not a colour: write it as #1f5fa8.");
        }
        $uses = array_map(
            static fn (string $use): PenUse => PenUse::tryFrom($use)
                ?? throw PlanProblem::at($values->path('uses'), "“{$use}” is not what a pen is for: lines, bands, writing or decoration."),
            $values->words('uses', 4),
        );

        return new self(
            null !== $id && !$values->has('id') ? $id : PlanReader::id($values),
            $name,
            $values->choice('sort', PenSort::class, PenSort::Fineliner),
            $colour,
            $values->has('ghosts') ? $values->choice('ghosts', Ghost::class) : null,
            $values->has('bleeds') ? $values->flag('bleeds', false) : null,
            $values->has('feathers') ? $values->flag('feathers', false) : null,
            $values->has('dries') ? $values->count('dries', 0, self::LONGEST) : null,
            $values->flag('layered', false),
            array_values(array_filter(PenUse::cases(), static fn (PenUse $use): bool => \in_array($use, $uses, true))),
        );
    }

    /** @return array<string, mixed> */
    public function written(): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'sort' => $this->sort->value] + array_filter([
            'colour' => $this->colour,
            'ghosts' => $this->ghosts?->value,
            'bleeds' => $this->bleeds,
            'feathers' => $this->feathers,
            'dries' => $this->dries,
            'layered' => $this->layered ? true : null,
            'uses' => [] === $this->uses ? null : array_column($this->uses, 'value'),
        ], static fn (mixed $said): bool => null !== $said);
    }
}
