<?php

/* All that is said of a spread, with other words put in piece by piece; what is left is as it was. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Word;

use AmpleMargin\Spread\Part\OfParts;
use AmpleMargin\Spread\Setting\Settings;

/** @internal to Spread */
final class MarkedSettings
{
    public string $title;

    /** @var array<array-key, string|list<string>> */
    private array $page;

    /** @var array<array-key, array<array-key, string|list<string>>> */
    private array $parts;

    public function __construct(SaidWords $said)
    {
        [$this->title, $this->page, $this->parts] = [$said->title, $said->page, $said->parts];
    }

    public function put(WordPlace $place, string $words): void
    {
        if (null === $place->setting) {
            if (null === $place->part) {
                $this->title = $words;
            } else {
                $this->parts[$place->part][OfParts::NAME] = $words;
            }

            return;
        }
        $in = null === $place->part ? $this->page : $this->parts[$place->part] ?? [];
        $said = $in[$place->setting] ?? '';
        if (\is_array($said)) {
            $said[(int) $place->line] = self::piece($said[(int) $place->line] ?? '', $place->piece, $words);
            $in[$place->setting] = array_values($said);
        } else {
            $in[$place->setting] = self::piece($said, $place->piece, $words);
        }
        if (null === $place->part) {
            $this->page = $in;
        } else {
            $this->parts[$place->part] = $in;
        }
    }

    /**
     * @param array<array-key, mixed> $settings of the spread
     *
     * @return array<array-key, mixed>
     */
    public function over(array $settings): array
    {
        $ofParts = OfParts::settings($settings[Settings::OF_PARTS] ?? null);
        foreach ($this->parts as $part => $said) {
            $ofParts[$part] = $said + OfParts::settings($ofParts[$part] ?? null);
        }

        return [Settings::OF_PARTS => array_filter($ofParts, static fn (mixed $part): bool => [] !== $part)] + $this->page + $settings;
    }

    /** The piece of a line is as long as it was, so the others stand where they stood. */
    private static function piece(string $line, int $piece, string $words): string
    {
        [$at, $long] = LineWords::pieces($line)[$piece] ?? [0, mb_strlen($line)];

        return mb_substr($line, 0, $at).$words.mb_substr($line, $at + $long);
    }
}
