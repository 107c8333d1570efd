<?php

/* A region that is filled: by what, with which settings, and under which name. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Counting\Plural;
use AmpleMargin\Spread\Page\OwnPeriod;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Setting\Field;

final class FilledPart implements Portion
{
    /** @var array<class-string, array<array-key, Field>> */
    private static array $known = [];

    /**
     * @param array<array-key, mixed> $settings the kind's own
     * @param array<string, string>   $open     settings the person is asked for: what the page calls it → what its filling does
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

    /** @param array<array-key, mixed> $settings */
    public function with(array $settings): self
    {
        return new self($this->filling, $settings + $this->settings, $this->open, $this->name, $this->once);
    }

    /**
     * Settings a person is asked for; the others are as the kind has them. What other parts are asked for under the same name is
     * asked once, for all of them; `open(lists: 'items')` asks for it under a name of its own.
     */
    public function open(string ...$names): self
    {
        $open = [];
        foreach ($names as $as => $name) {
            $open[\is_string($as) ? $as : $name] = $name;
        }

        return new self($this->filling, $this->settings, $open, $this->name, $this->once);
    }

    public function asking(array $names): self
    {
        return $this->open(...array_values(array_intersect($names, array_keys($this->known()))));
    }

    /** On the first page only; where it stood, the next ones stay free. */
    public function once(): self
    {
        return new self($this->filling, $this->settings, $this->open, $this->name, true);
    }

    /** @return array<array-key, Field> all that what fills it can be asked for, by name */
    public function known(): array
    {
        return self::askedOf($this->filling);
    }

    /**
     * All that a filling can be asked for: its own, and its time where it may be shaped like it.
     *
     * @return array<array-key, Field> by name; a class of fillings says the same each time
     */
    public static function askedOf(Filling $filling): array
    {
        return self::$known[$filling::class] ??= array_column($filling->fields(), null, 'name')
            + ($filling instanceof OfTime ? OwnPeriod::fields() : []);
    }

    /** @return array<array-key, Field> of them those that mean something as it is filled */
    public function meant(): array
    {
        return array_diff_key($this->known(), array_diff_key(OwnPeriod::fields(), array_flip([...$this->ownTime(), ...$this->open])));
    }

    /** @return array<string, string> settings the page is asked for, its time among them: what the page calls it → what its filling does */
    public function opened(): array
    {
        // What it has of its own, it keeps.
        $time = array_filter($this->ownTime(), fn (string $name): bool => !\array_key_exists($name, $this->settings));

        return $this->open + array_combine($time, $time);
    }

    /** @return list<string> */
    private function ownTime(): array
    {
        return $this->filling instanceof OfTime ? $this->filling->shapedBy($this->settings) : [];
    }

    /** Rows above what fills it that its name takes: one, unless it has none, or what fills it writes it itself. */
    public function namedAbove(): int
    {
        return null === $this->name || isset($this->known()[PartName::SETTING]) || $this->filling instanceof HeadsPage ? 0 : 1;
    }

    /** @return list<Field> a person is asked for */
    public function fields(): array
    {
        $fields = [];
        foreach ($this->opened() as $as => $name) {
            $field = $this->known()[$name] ?? null;
            if (null !== $field) {
                $fields[] = $field->on($as, $this->opened());
            }
        }

        return $fields;
    }

    public function leaves(): array
    {
        return [$this];
    }

    public function part(int $i): ?Portion
    {
        return null;
    }

    public function withPart(int $i, Portion $part): Portion
    {
        throw new \LogicException('What is filled has no parts.');
    }

    public function deep(): int
    {
        return 0;
    }

    public function each(\Closure $as): self
    {
        return $as($this);
    }

    public function settled(Asker $asker): self
    {
        $settings = $asker->page->settings->over($this->settings, $this->opened());

        return new self($this->filling, $settings, [], $this->name, $this->once);
    }

    public function tall(Asker $asker, int $wide): int
    {
        return $this->namedAbove() + $this->filling->tall($asker->of($this), $wide);
    }

    public function narrowest(Asker $asker): int
    {
        return $this->filling->narrowest($asker->of($this));
    }

    public function place(Asker $asker, Region $region, string $path = ''): array
    {
        $asked = $asker->of($this);
        [$wide, $tall] = [$this->filling->narrowest($asked), $this->namedAbove() + $this->filling->least($asked, $region->wide)];
        $says = match (true) {
            $region->wide < $wide => $this->saying('needs', 'need').' '.Plural::boxes($wide)." across; the part has $region->wide.",
            $region->tall < $tall => $this->saying('needs', 'need').' '.Plural::boxes($tall)." down; the part has $region->tall.",
            default => null,
        };

        return [new PlacedLeaf($this, $region, $path, $says)];
    }

    public function divisions(Asker $asker, Region $region, string $path = ''): array
    {
        return [];
    }

    /**
     * Its name, and what fills it, at the head of a sentence, with a verb: "The lines need", "“Why” (the lines) needs".
     *
     * @param string $one  of the verb
     * @param string $many of it
     */
    public function saying(string $one, string $many): string
    {
        $filling = mb_strtolower($this->filling->name());
        // What is named by what was done to it is no thing that needs something.
        $filling = 'glued in' === $filling ? 'piece that is glued in' : $filling;
        if (null !== $this->name) {
            return "“{$this->name}” (the $filling) $one";
        }
        $isPlural = str_ends_with((string) preg_replace('/ (of|on|in) .*/', '', $filling), 's');

        return "The $filling ".($isPlural ? $many : $one);
    }

    /**
     * Settings of its filling as the page calls them; null where the person is not asked for one of them.
     *
     * @param array<string, mixed> $settings
     *
     * @return array<string, mixed>|null
     */
    public function asAsked(array $settings): ?array
    {
        $called = array_flip($this->opened());
        $asked = [];
        foreach ($settings as $name => $value) {
            if (!isset($called[$name])) {
                return null;
            }
            $asked[$called[$name]] = $value;
        }

        return $asked;
    }

    /** @param array<array-key, mixed> $settings over its own; null puts one back to its default */
    public function set(array $settings): self
    {
        $all = array_filter(array_replace($this->settings, $settings), static fn (mixed $value): bool => null !== $value);

        return new self($this->filling, $all, $this->open, $this->name, $this->once);
    }

    /** Under another name. @param string|null $name null for none */
    public function named(?string $name): self
    {
        return new self($this->filling, $this->settings, $this->open, $name, $this->once);
    }

    /** Filled with something else; settings the two have in common stay. */
    public function filledWith(Filling $filling): self
    {
        $known = self::askedOf($filling);

        return new self($filling, array_intersect_key($this->settings, $known), array_filter(
            $this->open,
            static fn (string $name): bool => isset($known[$name]),
        ), $this->name, $this->once);
    }
}
