<?php

/*
 * Leaves that are cut, so that what lies behind them stays in sight: doors, a window, a short leaf, tabs. A cut arranges pages
 * around their partings: it says which pages there are, where on each its parting stands, and what the knife takes away.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Drawing\Finding;
use AmpleMargin\Plan\Side;
use AmpleMargin\Spread\Page\OwnPeriod;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\Settings;

abstract class Cut
{
    /** Millimetres from the binding at which every cut stops: a leaf cut free of its sewn partner comes loose. From memory. */
    public const BINDING = 3;

    /**
     * @param array<array-key, mixed> $said its settings
     * @param array<string, string>   $open settings a person is asked for: each under its own name
     */
    final private function __construct(protected readonly array $said, public readonly array $open)
    {
    }

    /** @param array<array-key, mixed> $said its settings */
    final public static function of(array $said = []): static
    {
        return new static($said, []);
    }

    /** Settings a person is asked for; the others are as the kind has them. */
    final public function open(string ...$names): static
    {
        return new static($this->said, array_combine($names, $names));
    }

    /**
     * With other settings.
     *
     * @param array<array-key, mixed> $said null puts one back to its default
     */
    final public function set(array $said): static
    {
        $all = array_filter(array_replace($this->said, $said), static fn (mixed $value): bool => null !== $value);

        return new static($all, $this->open);
    }

    /** With what the person said of its open settings in its own, so that it can stand alone. */
    final public function settled(Asker $asker): static
    {
        return new static($asker->page->settings->over($this->said, $this->opened()), []);
    }

    /** @return list<Field> a person is asked for */
    final public function fields(): array
    {
        $open = $this->opened();
        $asked = array_filter($this->known(), static fn (Field $field): bool => isset($open[$field->name]));

        return array_values(array_map(static fn (Field $field): Field => $field->on($field->name, $open), $asked));
    }

    /** Whether its pages are shared by months, of which there may be others than the book's. */
    public function isOfTime(): bool
    {
        return false;
    }

    /** @return list<Field> all it can be asked for, its time where its pages are shared by months */
    final public function known(): array
    {
        return [...$this->all(), ...($this->isOfTime() ? array_values(OwnPeriod::ofMonths()) : [])];
    }

    /** @return array<string, string> settings a person is asked for; what it has of its own time, it keeps */
    private function opened(): array
    {
        $time = $this->isOfTime() ? array_diff(OwnPeriod::OF_MONTHS, array_keys($this->said)) : [];

        return $this->open + array_combine($time, $time);
    }

    /** @return array<array-key, mixed> its settings as they are written */
    final public function written(): array
    {
        return $this->said;
    }

    /** The word a plan file has for it. */
    abstract public static function word(): string;

    /** Its name in a list: "Doors". */
    abstract public static function name(): string;

    /** What it is for, in a line. */
    abstract public static function purpose(): string;

    /** @return list<Field> all it can be asked for */
    abstract public function all(): array;

    /** @return non-empty-list<string> what each of its partings is for: "The strip", "A face" */
    abstract public function roles(): array;

    /** Which of them is the page that is cut, from 0. */
    abstract public function main(): int;

    /** How many of them there must be. */
    abstract public function least(): int;

    /** The side its first page is on. @param int $partings it has */
    abstract public function starts(int $partings): Side;

    /**
     * Every page of it, in order.
     *
     * @param non-empty-list<Portion> $partings
     *
     * @return non-empty-list<CutPage>
     *
     * @throws NoRoom where a strip, a window or a tab does not leave enough of the page
     */
    abstract public function pages(array $partings, Request $request): array;

    /** @return list<Finding> what can be cut and had better not */
    public function findings(Request $request): array
    {
        return [];
    }

    /** The page a parting is shown on while it is divided: the first one it stands on. @param int $pages in all */
    abstract public function shownOn(int $parting, int $pages): int;

    final protected function settings(Request $request): Settings
    {
        return new Settings($request->settings->over($this->said, $this->opened()), $this->known());
    }
}
