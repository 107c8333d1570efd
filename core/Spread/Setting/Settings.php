<?php

/*
 * What a person said of a spread, read by the fields of its form. A value that makes no sense counts as not given, and so
 * does one that is not asked for while another setting is what it is (`Field::when`); `wrong` says which those are.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Setting;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Counting\Fraction;

final class Settings
{
    public const WEEK_START = 'week_start';
    public const TURNED = 'turned';

    /** What is said of single parts of the page: part → its settings. */
    public const OF_PARTS = 'of_parts';

    /** @var array<array-key, Field> by name */
    private readonly array $fields;

    /** @var array<string, bool> name → whether it matters, found out when it is first asked; nothing else here changes */
    private array $matters = [];

    /**
     * @param array<array-key, mixed> $values the person's over the kind's
     * @param iterable<Field>         $fields of the form
     */
    public function __construct(private readonly array $values, iterable $fields)
    {
        $named = [];
        foreach ($fields as $field) {
            $named[$field->name] = $field;
        }
        $this->fields = $named;
    }

    /** A whole number within its field's range. */
    public function count(string $name): int
    {
        return $this->countOrNull($name) ?? $this->field($name, CountField::class)->usual() ?? throw self::without($name);
    }

    /** Null where nobody said one that makes sense: as the form needs. */
    public function countOrNull(string $name): ?int
    {
        return $this->field($name, CountField::class)->read($this->value($name));
    }

    /** @return list<int> whole numbers within their field's range, each once */
    public function counts(string $name): array
    {
        $field = $this->field($name, CountsField::class);
        $counts = $field->read($this->value($name));

        return [] === $counts ? $field->usual() : $counts;
    }

    /** The value of a choice. */
    public function choice(string $name): string
    {
        $field = $this->field($name, ChoiceField::class);

        return $field->read($this->value($name)) ?? $field->usual();
    }

    /** A length in boxes. */
    public function boxes(string $name): Fraction
    {
        return $this->boxesOrNull($name) ?? $this->field($name, BoxesField::class)->usual();
    }

    /** A length in whole and half boxes; null where nobody said one that makes sense: as the form needs. */
    public function halvesOrNull(string $name): ?Fraction
    {
        return $this->field($name, HalvesField::class)->read($this->value($name));
    }

    /** The same as it is written: "1.5". */
    public function boxesWritten(string $name): string
    {
        return $this->field($name, BoxesField::class)->written($this->value($name));
    }

    /** Null where nobody said one that makes sense: as the form needs. */
    public function boxesOrNull(string $name): ?Fraction
    {
        return $this->field($name, BoxesField::class)->read($this->value($name));
    }

    /** Words that are said, or the usual ones. */
    public function text(string $name): string
    {
        $field = $this->field($name, TextField::class);

        return $field->read($this->value($name)) ?? $field->usual() ?? '';
    }

    /** Null where there are no words. */
    public function textOrNull(string $name): ?string
    {
        return $this->field($name, TextField::class)->read($this->value($name));
    }

    /** @return list<string> words that are not empty */
    public function lines(string $name): array
    {
        $field = $this->field($name, LinesField::class);

        return $field->read($this->value($name)) ?? $field->usual();
    }

    /** @return list<string>|null null where nobody gave any list */
    public function linesOrNull(string $name): ?array
    {
        return $this->field($name, LinesField::class)->read($this->value($name));
    }

    /** @return array<array-key, list<string>> what is checked → the checks answered with yes */
    public function checks(string $name): array
    {
        return $this->field($name, ChecksField::class)->read($this->value($name));
    }

    public function flag(string $name): bool
    {
        $field = $this->field($name, FlagField::class);

        return $field->read($this->value($name)) ?? $field->usual();
    }

    /** Null where nobody said one. */
    public function monthOrNull(string $name): ?Month
    {
        return $this->field($name, MonthField::class)->read($this->value($name));
    }

    /** Null where nobody said one. */
    public function dayOrNull(string $name): ?Day
    {
        return $this->field($name, DayField::class)->read($this->value($name));
    }

    /** The day weeks begin on, given as ISO 8601 numbers it; the book's where it is not, or where the form has no weeks. */
    public function weekStart(Weekday $book): Weekday
    {
        $said = isset($this->fields[self::WEEK_START]) ? $this->choice(self::WEEK_START) : 'book';

        return 'book' === $said ? $book : Weekday::from((int) $said);
    }

    /** Whether its form asks for it at all. */
    public function knows(string $name): bool
    {
        return isset($this->fields[$name]);
    }

    /** Whether the page could lie on its side and does not. */
    public function mayBeTurned(): bool
    {
        return isset($this->fields[self::TURNED]) && !$this->turned();
    }

    /** Whether the page lies on its side while it is drawn. */
    public function turned(): bool
    {
        return isset($this->fields[self::TURNED]) && $this->flag(self::TURNED);
    }

    /** The value as it came, for one that is drawn on a screen of its own. */
    public function drawn(string $name): mixed
    {
        $this->field($name, DrawnField::class);

        return $this->value($name);
    }

    /** @return array<array-key, mixed> what is said of single parts of the page, as it came */
    public function ofParts(): array
    {
        $said = $this->values[self::OF_PARTS] ?? null;
        $said = $said instanceof \stdClass ? get_object_vars($said) : $said;

        return \is_array($said) ? $said : [];
    }

    /** Whether a setting matters while the others are what they are. */
    public function isAsked(string $name): bool
    {
        return $this->matters[$name] ??= $this->isWanted($name);
    }

    private function isWanted(string $name): bool
    {
        foreach (($this->fields[$name] ?? null)?->conditions() ?? [] as $other => $values) {
            if (!$this->isAsked($other) || !\in_array($this->said($other), $values, true)) {
                return false;
            }
        }

        return true;
    }

    /**
     * What is known and wrong; a setting that no field knows, from a newer program perhaps, is kept without a word.
     *
     * @return array<string, string> name → a sentence
     */
    public function wrong(): array
    {
        $wrong = [];
        foreach ($this->fields as $name => $field) {
            $value = $this->values[$name] ?? null;
            $says = null === $value ? null : $field->wrong($value);
            if (null !== $says) {
                $wrong[(string) $name] = $says;
            }
        }

        return $wrong;
    }

    /** @param array<string, mixed> $changes */
    public function with(array $changes): self
    {
        return new self(array_replace($this->values, $changes), $this->fields);
    }

    /**
     * A kind's own settings with what the person said of some of them over them.
     *
     * @param array<array-key, mixed> $settings
     * @param array<string, string>   $open     those the person may say something of: its name here → its name there
     *
     * @return array<array-key, mixed>
     */
    public function over(array $settings, array $open): array
    {
        foreach ($open as $as => $name) {
            if (\array_key_exists($as, $this->values)) {
                $settings[$name] = $this->values[$as];
            }
        }

        return $settings;
    }

    /** The value as it came; null where it is not given, or not asked for as the other settings stand. */
    private function value(string $name): mixed
    {
        return $this->isAsked($name) ? $this->values[$name] ?? null : null;
    }

    /** The value of a choice or a length as it is written, the usual one where none makes sense. */
    private function said(string $choice): ?string
    {
        $field = $this->fields[$choice] ?? null;
        $value = $this->values[$choice] ?? null;

        return match (true) {
            $field instanceof ChoiceField => $field->read($value) ?? $field->usual(),
            $field instanceof BoxesField => $field->written($value),
            default => null,
        };
    }

    /**
     * @template T of Field
     *
     * @param class-string<T> $type
     *
     * @return T
     */
    private function field(string $name, string $type): Field
    {
        $field = $this->fields[$name] ?? null;

        return $field instanceof $type ? $field : throw new \LogicException("This form has no field “{$name}” of that type.");
    }

    private static function without(string $name): \LogicException
    {
        return new \LogicException("Nothing is usual for “{$name}”: ask for countOrNull.");
    }
}
