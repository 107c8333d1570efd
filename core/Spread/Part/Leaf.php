<?php

/* A region that is filled: by what, with which settings, and under which name. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Spread\Filling;
use AmpleMargin\Spread\Setting\Field;

final class Leaf implements Piece
{
    /**
     * @param array<string, mixed> $settings the kind's own
     * @param list<string>         $open     settings the person is asked for
     * @param string|null          $name     written in it; null for the spread's title
     * @param bool                 $once     on the first page only
     */
    private function __construct(
        public readonly Filling $filling,
        public readonly array $settings = [],
        public readonly array $open = [],
        public readonly ?string $name = null,
        public readonly bool $once = false,
    ) {
    }

    public static function of(Filling $filling, ?string $name = null): self
    {
        return new self($filling, name: $name);
    }

    /** @param array<string, mixed> $settings */
    public function with(array $settings): self
    {
        return new self($this->filling, $settings + $this->settings, $this->open, $this->name, $this->once);
    }

    /** Settings a person is asked for; the others are as the kind has them. */
    public function asking(string ...$names): self
    {
        return new self($this->filling, $this->settings, array_values($names), $this->name, $this->once);
    }

    /** On the first page only; where it stood, the next ones stay free. */
    public function once(): self
    {
        return new self($this->filling, $this->settings, $this->open, $this->name, true);
    }

    /** @return list<Field> a person is asked for */
    public function fields(): array
    {
        $fields = array_column($this->filling->fields(), null, 'name');

        return array_values(array_filter(array_map(static fn (string $name): ?Field => $fields[$name] ?? null, $this->open)));
    }

    public function tall(Asker $asker, int $wide): int
    {
        return $this->filling->tall($asker->of($this), $wide);
    }

    public function narrowest(Asker $asker): int
    {
        return $this->filling->narrowest($asker->of($this));
    }

    public function place(Asker $asker, Region $region): array
    {
        $asked = $asker->of($this);
        if ($region->wide < $this->filling->narrowest($asked)) {
            throw NoRoom::across($this, $this->filling->narrowest($asked), $region);
        }
        if ($region->tall < $this->filling->least($asked, $region->wide)) {
            throw NoRoom::down($this, $this->filling->least($asked, $region->wide), $region);
        }

        return [new PlacedLeaf($this, $region)];
    }
}
