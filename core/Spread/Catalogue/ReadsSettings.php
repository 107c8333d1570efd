<?php

/* A kind asked about its settings: which there are, which are asked for, what a spread of it has. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\LinesField;
use AmpleMargin\Spread\Setting\Settings;

/** @internal to Spread */
trait ReadsSettings
{
    /** @var list<Field>|null made when they are first asked for; nothing else here changes */
    private ?array $all = null;

    /** @return list<Field> a person is asked for, in this order */
    public function fields(): array
    {
        $asks = $this->asks;

        return array_values(array_filter(
            $this->all(),
            static fn (Field $field): bool => $field->isAsked()
                && (null === $asks || \in_array($field->name, [self::HALF, Settings::TURNED, ...$asks], true)),
        ));
    }

    /**
     * What its settings take, for whoever writes a plan file: JSON Schema (draft 2020-12). A setting it does not know is allowed.
     *
     * @return array<string, mixed>
     */
    public function schema(): array
    {
        return Field::schemas($this->all());
    }

    /**
     * Names of the settings that matter while the others are what they are.
     *
     * @param array<array-key, mixed> $values what the person said
     *
     * @return list<string>
     */
    public function asked(array $values): array
    {
        $settings = $this->settings($values);

        return array_values(array_filter(array_column($this->fields(), 'name'), $settings->isAsked(...)));
    }

    /** @param array<array-key, mixed> $values what the person said */
    public function settings(array $values): Settings
    {
        foreach ($this->formerly as $old => $new) {
            if (isset($values[$old])) {
                $values += $new instanceof \Closure ? $new($values[$old]) : [$new => $values[$old]];
            }
        }

        return new Settings(array_replace($this->defaults, $values), $this->all());
    }

    /**
     * What of the known dates is written into a spread of it; null for nothing.
     *
     * @param array<array-key, mixed> $settings of the spread
     */
    public function takesIn(array $settings): ?TakesDates
    {
        if (!\is_string($this->takes)) {
            return $this->takes;
        }

        // A page of a person's own that holds no months has no such setting.
        return \in_array($this->takes, array_column($this->all(), 'name'), true)
            ? TakesDates::tryFrom($this->settings($settings)->choice($this->takes))
            : null;
    }

    /** The setting whose lines are done one by one, such as goals; null where it has none. */
    public function undone(): ?string
    {
        foreach ($this->fields() as $field) {
            if ($field instanceof LinesField && $field->isDoneOneByOne() && $field->name !== $this->themes) {
                return $field->name;
            }
        }

        return null;
    }

    /** The setting that says with which number its list begins; null where it has no numbered list. */
    public function counter(): ?string
    {
        return $this->named(self::FIRST);
    }

    /** The setting that names a column for the totals of a book before; null where it keeps none. */
    public function totals(): ?string
    {
        return $this->named(self::BEFORE);
    }

    private function named(string $setting): ?string
    {
        return \in_array($setting, array_column($this->fields(), 'name'), true) ? $setting : null;
    }

    /** @return list<Field> of its form, and its own */
    private function all(): array
    {
        return $this->all ??= [
            ...$this->form->fields(),
            ...($this->turns ? [Field::flag(Settings::TURNED, 'On the page turned sideways', false)] : []),
            ...($this->halves ? [Field::flag(self::HALF, 'Half a page, shared', false)] : []),
        ];
    }
}
