<?php

/* A kind asked about its settings: which there are, which are asked for, what a spread of it has. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Copies;
use AmpleMargin\Spread\Setting\ChecksField;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\LinesField;
use AmpleMargin\Spread\Setting\Settings;

/** @internal to Spread */
final class KindSettings
{
    use Copies;

    /**
     * @param \Closure(): list<Field>     $fields   of its form, asked for once
     * @param array<array-key, mixed>     $defaults where the person gives none
     * @param list<string>|null           $asks     settings of its form it asks for; null for all of them
     * @param array<string, string|\Closure(mixed): array<string, mixed>> $formerly older plans' name → its name now, or what it says
     * @param TakesDates|string|null      $takes    what of the known dates is written into it, or the setting that says so
     * @param list<Field>                 $own      of the kind, behind those of its form
     * @param list<Field>|null            $all      made when they are first asked for; nothing else here changes
     */
    public function __construct(
        private readonly \Closure $fields,
        public readonly array $defaults = [],
        private readonly ?array $asks = null,
        private readonly array $formerly = [],
        private readonly TakesDates|string|null $takes = null,
        private readonly array $own = [],
        private ?array $all = null,
    ) {
    }

    /** @param array<array-key, mixed> $settings where the person gives none, and the words before them say none */
    public function unlessSaid(array $settings): self
    {
        return $this->but(['defaults' => $settings + $this->defaults]);
    }

    /** @param list<string> $names of fields of its form: only these */
    public function asking(array $names): self
    {
        return $this->but(['asks' => $names]);
    }

    /** @param array<string, string|\Closure(mixed): array<string, mixed>> $names old → new, or what a value of it says now */
    public function formerly(array $names): self
    {
        return $this->but(['formerly' => $names]);
    }

    /** @param TakesDates|string $takes or the setting that says so, a choice */
    public function taking(TakesDates|string $takes): self
    {
        // What always takes the same is not asked for it.
        $own = \is_string($takes) ? $this->own : array_values(array_filter(
            $this->own,
            static fn (Field $field): bool => TakesDates::SETTING !== $field->name,
        ));

        return $this->but(['takes' => $takes, 'own' => $own, 'all' => null]);
    }

    public function withOwn(Field $field): self
    {
        return $this->but(['own' => [...$this->own, $field], 'all' => null]);
    }

    /** @return list<Field> a person is asked for, in this order */
    public function fields(): array
    {
        $asks = null === $this->asks ? null : [...array_column($this->own, 'name'), ...$this->asks];

        return array_values(array_filter(
            $this->all(),
            static fn (Field $field): bool => $field->isAsked() && (null === $asks || \in_array($field->name, $asks, true)),
        ));
    }

    /** @return list<Field> of its form, and its own */
    public function all(): array
    {
        return $this->all ??= [...($this->fields)(), ...$this->own];
    }

    /** @param array<array-key, mixed> $values what the person said */
    public function of(array $values): Settings
    {
        return new Settings($this->now($values), $this->all());
    }

    /**
     * Every setting as it is: what the person said, under the names it has today, over what the kind has.
     *
     * @param array<array-key, mixed> $values what the person said
     *
     * @return array<array-key, mixed>
     */
    public function now(array $values): array
    {
        foreach ($this->formerly as $old => $new) {
            if (isset($values[$old])) {
                $values += $new instanceof \Closure ? $new($values[$old]) : [$new => $values[$old]];
            }
        }

        return array_replace($this->defaults, $values);
    }

    /**
     * What of the known dates is written into a spread of it; null for nothing.
     *
     * @param array<array-key, mixed> $values of the spread
     */
    public function takesIn(array $values): ?TakesDates
    {
        if (!\is_string($this->takes)) {
            return $this->takes;
        }

        // A page of a person's own that holds no months has no such setting.
        return \in_array($this->takes, array_column($this->all(), 'name'), true)
            ? TakesDates::tryFrom($this->of($values)->choice($this->takes))
            : null;
    }

    /** The setting whose lines are done one by one, such as goals. @param string|null $but one that is none of them */
    public function doneOneByOne(?string $but): ?string
    {
        foreach ($this->fields() as $field) {
            if ($field instanceof LinesField && $field->isDoneOneByOne() && $field->name !== $but) {
                return $field->name;
            }
        }

        return null;
    }

    /**
     * What was answered of a line of a setting, under its new words.
     *
     * @param array<array-key, mixed> $values of the spread
     *
     * @return array<string, mixed>
     */
    public function answeredOf(array $values, string $setting, string $was, string $now): array
    {
        $changed = [];
        foreach ($this->all() as $field) {
            $answered = $values[$field->name] ?? null;
            $answered = $answered instanceof \stdClass ? get_object_vars($answered) : $answered;
            if ($field instanceof ChecksField && $field->of === $setting && \is_array($answered) && isset($answered[$was])) {
                $changed[$field->name] = array_diff_key($answered, [$was => true]) + [$now => $answered[$was]];
            }
        }

        return $changed;
    }

    /** A setting where a person is asked for it; null where not. */
    public function named(string $setting): ?string
    {
        return \in_array($setting, array_column($this->fields(), 'name'), true) ? $setting : null;
    }
}
