<?php

/* The parts of a spread's pages by name, each with all that what fills it can be asked, and what is said of it for this spread alone. */

declare(strict_types=1);

namespace App\Api;

use AmpleMargin\Book\Book;
use AmpleMargin\Plan\PatternPart;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Spread\Catalogue\Fact;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\OfParts;
use AmpleMargin\Spread\Part\PartName;
use AmpleMargin\Spread\Part\Portion;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\Settings;

final class PartSettingsView
{
    /** @return array<string, mixed> @throws NotFound where its parts cannot be told */
    public static function of(Book $book, PlannedSpread $spread): array
    {
        $kind = $book->catalogue()->kind($spread->kind);
        $piece = $book->partsOf($spread)->parting()
            ?? throw new NotFound($book->catalogue()->title($spread).' has no parts that can be told.');

        return self::parts($kind, $spread->settings, $piece);
    }

    /** @return array<string, mixed> the same of a part of a month's pattern */
    public static function ofMonth(Book $book, PatternPart $part): array
    {
        $kind = $book->catalogue()->kind($part->kind);
        $piece = null === $kind ? null : $book->partsOfMonth($part)->parting();

        return self::parts($kind, $part->settings, $piece ?? throw new NotFound('This part of the month has no parts that can be told.'));
    }

    /**
     * @param array<array-key, mixed> $settings
     *
     * @return array<string, mixed>
     */
    private static function parts(?Kind $kind, array $settings, Portion $piece): array
    {
        $said = OfParts::settings($settings[Settings::OF_PARTS] ?? null);
        $byHand = true === $kind?->is(Fact::DividedByHand);
        $parts = OfParts::of($piece);

        return ['parts' => array_map(
            static fn (string|int $name, FilledPart $leaf): array => self::part(
                (string) $name,
                $leaf,
                $kind?->settings->now($settings) ?? $settings,
                $byHand ? $leaf->settings : OfParts::settings($said[$name] ?? null),
            ),
            array_keys($parts),
            $parts,
        )];
    }

    /**
     * @param array<array-key, mixed> $page settings of the spread
     * @param array<array-key, mixed> $own  what is said of this part alone
     *
     * @return array<string, mixed>
     */
    private static function part(string $name, FilledPart $leaf, array $page, array $own): array
    {
        $now = (new Settings($page, []))->over($leaf->settings, $leaf->open);
        $settings = new Settings($now, $leaf->known());
        $asked = array_filter(
            $leaf->meant(),
            // Its name is said where the page is divided; what the whole page is asked stands above.
            static fn (Field $field): bool => $field->isAsked() && $settings->isAsked($field->name)
                && PartName::SETTING !== $field->name && !\in_array($field->name, $leaf->open, true),
        );

        return [
            'part' => $name,
            'title' => $leaf->name,
            'fields' => KindView::fields(array_values($asked)),
            'settings' => (object) array_intersect_key($now, $asked),
            'own' => array_values(array_intersect(array_map(strval(...), array_keys($own)), array_map(strval(...), array_keys($asked)))),
        ];
    }
}
