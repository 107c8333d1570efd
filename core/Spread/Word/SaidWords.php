<?php

/* Every word a person, or the kind, says of a spread: where it is kept, and how it is said with another in its place. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Word;

use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\OfParts;
use AmpleMargin\Spread\Part\Portion;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\LinesField;
use AmpleMargin\Spread\Setting\TextField;

final class SaidWords
{
    /**
     * @param array<string, string|list<string>>                $page  setting → what it says
     * @param array<string, array<string, string|list<string>>> $parts the same of each part
     * @param array<string, string>                             $names part → its name
     * @param array<string, string>                             $labels setting → what a person is asked
     */
    private function __construct(
        public readonly string $title,
        public readonly array $page,
        public readonly array $parts,
        public readonly array $names,
        private readonly array $labels,
    ) {
    }

    /**
     * @param array<array-key, mixed> $settings of the spread
     * @param Portion                 $piece    how it is parted
     */
    public static function of(Kind $kind, string $title, array $settings, Portion $piece): self
    {
        $parts = OfParts::of($piece);
        $names = array_filter(array_map(static fn (FilledPart $leaf): ?string => $leaf->name, $parts), is_string(...));

        return new self(
            $title,
            self::words($kind->settings->now($settings), $kind->settings->all()),
            array_map(static fn (FilledPart $leaf): array => self::words(
                $leaf->settings,
                array_filter($leaf->known(), static fn (Field $field): bool => !\in_array($field->name, $leaf->open, true)),
            ), $parts),
            $names,
            array_map(
                static fn (Field $field): string => $field->label,
                array_merge(
                    array_column($kind->settings->all(), null, 'name'),
                    ...array_values(array_map(static fn (FilledPart $leaf): array => $leaf->known(), $parts)),
                ),
            ),
        );
    }

    /** What a place says; null where there is nothing. */
    public function at(WordPlace $place): ?string
    {
        if (null === $place->setting) {
            return null === $place->part ? $this->title : $this->names[$place->part] ?? null;
        }
        $said = (null === $place->part ? $this->page : $this->parts[$place->part] ?? [])[$place->setting] ?? null;

        return \is_array($said) ? $said[$place->line ?? -1] ?? null : $said;
    }

    /**
     * The setting that holds a word, with another in its place; a line without words goes.
     *
     * @param string $was as it was seen; "" for all of it that is words
     *
     * @return array<string, mixed>
     */
    public function saying(WordPlace $place, string $was, string $says): array
    {
        $setting = (string) $place->setting;
        $lines = (null === $place->part ? $this->page : $this->parts[$place->part] ?? [])[$setting] ?? '';
        if (!\is_array($lines)) {
            $now = LineWords::with($lines, $place->piece, $was, $says);

            return [$setting => '' === trim($now) ? null : $now];
        }
        $line = (int) $place->line;
        if ('' === $says && 0 === $place->piece) {
            return [$setting => array_values(array_diff_key($lines, [$line => true]))];
        }

        return [$setting => array_values(array_replace(
            $lines,
            [$line => LineWords::with($lines[$line] ?? '', $place->piece, $was, $says)],
        ))];
    }

    /** What a place is called: "Title", "Items, line 3". */
    public function called(WordPlace $place): string
    {
        if (null === $place->setting) {
            return null === $place->part ? 'Title' : 'Name of '.$place->part;
        }
        // What a label explains behind a comma is for who writes the whole list.
        $label = (string) preg_replace('/[;,(→].*$/u', '', $this->labels[$place->setting] ?? $place->setting);

        return trim($label).(null === $place->line ? '' : ', line '.($place->line + 1));
    }

    /** @return \Generator<string, WordPlace> what is said → where, line after line and piece after piece */
    public function each(): \Generator
    {
        yield $this->title => new WordPlace();
        foreach ($this->names as $part => $name) {
            yield $name => new WordPlace((string) $part);
        }
        yield from self::places(null, $this->page);
        foreach ($this->parts as $part => $said) {
            yield from self::places((string) $part, $said);
        }
    }

    /**
     * @param array<string, string|list<string>> $said
     *
     * @return \Generator<string, WordPlace>
     */
    private static function places(?string $part, array $said): \Generator
    {
        foreach ($said as $setting => $lines) {
            foreach (\is_array($lines) ? $lines : [null => $lines] as $line => $words) {
                foreach (LineWords::pieces($words) as $piece => [$at, $long]) {
                    yield mb_substr($words, $at, $long) => new WordPlace($part, (string) $setting, \is_int($line) ? $line : null, $piece);
                }
            }
        }
    }

    /**
     * @param array<array-key, mixed> $values
     * @param iterable<Field>         $fields
     *
     * @return array<string, string|list<string>>
     */
    private static function words(array $values, iterable $fields): array
    {
        $said = [];
        foreach ($fields as $field) {
            $value = $values[$field->name] ?? null;
            if ($field instanceof LinesField) {
                $said[$field->name] = $field->read($value) ?? $field->usual();
            } elseif ($field instanceof TextField) {
                $said[$field->name] = $field->read($value) ?? $field->usual() ?? '';
            }
        }

        return $said;
    }
}
