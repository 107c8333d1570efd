<?php

/*
 * A setting a form can be asked for. It reads a value, says what is wrong with it, has the usual one, and describes itself to
 * the form on the screen and to a schema: so its range and its words stand in one place.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Setting;

/**
 * @phpstan-type Described array{name: string, label: string, type: string, least: int, most: int, on: bool, choices: list<array{string,
 *     string}>, usually: string, of: string, checks: list<array{string, string, string}>}
 */
abstract class Field
{
    /** @var array<string, list<string>> other settings that must have one of these values for this one to matter */
    private array $when = [];

    private bool $asked = true;

    /** @param string $name only a copy has another */
    public function __construct(public string $name, public readonly string $label)
    {
    }

    /** Whole numbers from `$least` to `$most`; where nobody says one and none is usual, as the form needs. */
    public static function count(string $name, string $label, int $least, int $most, ?int $usually = null): CountField
    {
        return new CountField($name, $label, $least, $most, $usually);
    }

    /**
     * Several whole numbers, such as divisors.
     *
     * @param list<int> $usually
     */
    public static function counts(string $name, string $label, int $least, int $most, array $usually): CountsField
    {
        return new CountsField($name, $label, $least, $most, $usually);
    }

    /** @param non-empty-array<array-key, string> $choices value → what a person reads; the first is the usual one */
    public static function choice(string $name, string $label, array $choices): ChoiceField
    {
        return new ChoiceField($name, $label, $choices);
    }

    /**
     * A length in whole and half boxes: 1, 1½ or 2 and, where a form can draw them, 3.
     *
     * @param '1'|'1.5'|'2' $usually
     */
    public static function boxes(string $name, string $label, string $usually = '1', bool $three = false): BoxesField
    {
        return new BoxesField($name, $label, $usually, $three);
    }

    /** A length in whole and half boxes, up to so many whole ones; as the form needs where nobody says one. */
    public static function halves(string $name, string $label, int $most): HalvesField
    {
        return new HalvesField($name, $label, $most);
    }

    /** A few words. @param string $usually those that stand there where nobody says others */
    public static function text(string $name, string $label, string $usually = ''): TextField
    {
        return new TextField($name, $label, $usually);
    }

    /**
     * Words one a line.
     *
     * @param list<string> $usually
     */
    public static function lines(string $name, string $label, array $usually = []): LinesField
    {
        return new LinesField($name, $label, $usually);
    }

    public static function flag(string $name, string $label, bool $usually): FlagField
    {
        return new FlagField($name, $label, $usually);
    }

    /** A month of the calendar. */
    public static function month(string $name, string $label): MonthField
    {
        return new MonthField($name, $label);
    }

    /** A day of the calendar. */
    public static function day(string $name, string $label): DayField
    {
        return new DayField($name, $label);
    }

    /** Drawn on a screen of its own, so not asked for in a form. */
    public static function drawn(string $name, string $label): DrawnField
    {
        return (new DrawnField($name, $label))->unasked();
    }

    /**
     * The first day of the week, where a spread has another than its book (common practice: Sunday-first months and Monday-first weeks in
     * one book).
     */
    public static function weekStart(): ChoiceField
    {
        return self::choice(
            Settings::WEEK_START,
            'Weeks begin on',
            ['book' => 'as in the book', '1' => 'Monday', '7' => 'Sunday', '6' => 'Saturday'],
        );
    }

    /**
     * Asked for only while another setting has one of these values.
     *
     * @param list<string> $values
     */
    public function when(string $setting, array $values): static
    {
        $field = clone $this;
        $field->when = [$setting => $values] + $this->when;

        return $field;
    }

    /**
     * The same on a page where only some settings are asked for: what depends on others does so no more.
     *
     * @param string                $name what the page calls it
     * @param array<string, string> $open what the page calls a setting → what its filling does
     */
    public function on(string $name, array $open): static
    {
        $field = clone $this;
        $field->name = $name;
        $field->when = [];
        foreach ($open as $as => $other) {
            if (isset($this->when[$other])) {
                $field->when[$as] = $this->when[$other];
            }
        }

        return $field;
    }

    /** @return array<string, list<string>> other setting → the values one of which it must have */
    public function conditions(): array
    {
        return $this->when;
    }

    /** Not asked for in a form: chosen among layouts, or drawn on a screen of its own. */
    public function unasked(): static
    {
        $field = clone $this;
        $field->asked = false;

        return $field;
    }

    public function isAsked(): bool
    {
        return $this->asked;
    }

    /** The word for its shape, as the API says it. */
    abstract public function type(): string;

    /** What is wrong with a value that is given, as a sentence about it; null where nothing is. */
    abstract public function wrong(mixed $value): ?string;

    /**
     * Of several fields, as JSON Schema (draft 2020-12).
     *
     * @param list<self> $fields
     *
     * @return array<string, mixed>
     */
    public static function schemas(array $fields): array
    {
        $properties = [];
        foreach ($fields as $field) {
            $properties[$field->name] = ['title' => $field->label] + $field->schema();
        }

        return ['type' => 'object', 'properties' => (object) $properties];
    }

    /** @return array<string, mixed> what it takes, as JSON Schema (draft 2020-12) says it */
    abstract public function schema(): array;

    /** The value that is taken where nobody says one; null where that depends on the page. */
    public function usual(): mixed
    {
        return null;
    }

    /**
     * For the form on the screen.
     *
     * @return Described
     */
    public function describe(): array
    {
        return [
            'name' => $this->name,
            'label' => $this->label,
            'type' => $this->type(),
            'least' => 0,
            'most' => 0,
            'on' => false,
            'choices' => [],
            'usually' => '',
            'of' => '',
            'checks' => [],
        ];
    }

    /** A value as a person reads it in a sentence. */
    protected static function said(mixed $value): string
    {
        $said = \is_string($value) ? $value : (string) json_encode($value, \JSON_UNESCAPED_UNICODE | \JSON_INVALID_UTF8_SUBSTITUTE);

        return '“'.(mb_strlen($said) > 40 ? mb_substr($said, 0, 39).'…' : $said).'”';
    }
}
