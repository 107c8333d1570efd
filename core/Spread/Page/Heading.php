<?php

/* The title at the head of a page, and the boxes it takes from what is below. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Page;

use AmpleMargin\Counting\FoldedTitle;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Letters;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Subtraction;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;

/** @internal to Spread */
final class Heading
{
    /**
     * Boxes a title takes with the air below it: 3 on an ordinary page, less on a small one or half a page (common practice, no source).
     *
     * @param int|null $said as the book is dressed; null where nothing is said
     */
    public static function boxes(int $down, ?int $said = null): int
    {
        return match (true) {
            // Half of a page is left for what is below, however tall a title was wished.
            null !== $said => max(1, min($said, intdiv($down, 2))),
            $down >= 30 => 3,
            $down >= 16 => 2,
            default => 1,
        };
    }

    /** What a page of so many boxes leaves below its title. */
    public static function below(int $down, ?int $said = null): Subtraction
    {
        return Subtraction::from($down)->less(self::boxes($down, $said), 'the title');
    }

    /** Boxes its letters take of them: larger than an entry's wherever there is room for that. */
    private static function letters(int $down, ?int $said = null): Fraction
    {
        $boxes = self::boxes($down, $said);

        return match ($boxes) {
            1 => Fraction::of(1),
            2 => Fraction::of(3, 2),
            default => Fraction::of($boxes - 1),
        };
    }

    /** Letters smaller than half a box high cannot be read (from memory). */
    public static function fits(string $title, int $across, int $down, ?int $said = null): bool
    {
        return mb_strwidth($title) <= self::most($across, $down, $said);
    }

    /** Letters of an ordinary width that can be read in the boxes of a title. */
    private static function most(int $across, int $down, ?int $said = null): int
    {
        return Fraction::of($across * 100, Letters::WIDE)->times(self::letters($down, $said))->floor();
    }

    /**
     * What does not fit of the title at the head of a page.
     *
     * @param string|null $title null for the spread's own
     * @param int|null    $wide  boxes it stands in; null for all of them
     *
     * @return list<Finding>
     */
    public static function findings(Request $request, ?string $title = null, ?int $wide = null): array
    {
        $title ??= $request->title;
        [$across, $down, $said] = [$wide ?? $request->grid->across, $request->grid->down, $request->grid->title];
        if (self::fits($title, $across, $down, $said)) {
            return null === $said ? [] : self::shrunk($request, $title, $across);
        }

        return [new Finding(
            $request->id,
            'The title has '
                .mb_strlen($title)
                .' letters'
                // Of scripts whose letters are twice as wide.
                .(mb_strwidth($title) > mb_strlen($title) ? ', as wide as '.mb_strwidth($title) : '')
                .': too many to be read in '
                .Plural::boxes($across)
                .', where '
                .self::most($across, $down, $said)
                .' fit. Shorten it, or write it on two lines.',
            see: 'dress',
        )];
    }

    /**
     * A title that can be read, though only in letters smaller than those the book is dressed in.
     *
     * @return list<Finding>
     */
    private static function shrunk(Request $request, string $title, int $across): array
    {
        $tall = self::letters($request->grid->down, $request->grid->title);
        $most = Fraction::of($across * 100, Letters::WIDEST)->dividedBy($tall)->floor();
        if (mb_strwidth($title) <= $most) {
            return [];
        }
        $fits = $tall;
        while ($fits->compare(1) > 0 && mb_strwidth($title) > Fraction::of($across * 100, Letters::WIDEST)->dividedBy($fits)->floor()) {
            $fits = $fits->minus(Fraction::of(1, 2));
        }

        return [new Finding(
            $request->id,
            self::quoted($title).' is too long for letters '.Plural::boxes($tall)." tall, of which $most stand in ".Plural::boxes($across)
                .': it is written in letters '.Plural::boxes($fits).' tall. Shorten it, or dress it in a smaller title.',
            [],
            false,
            'dress',
        )];
    }

    /** Begins the step that writes the title in the boxes kept for it at the head of the page. */
    public static function write(Canvas $canvas, Request $request, ?Align $align = null): void
    {
        self::writeIn($canvas, $request, new Region(0, 0, $canvas->across, $canvas->down), $request->title, $align);
    }

    /** The same at the head of a part that has a title of its own, such as a month. */
    public static function writeIn(Canvas $canvas, Request $request, Region $region, string $title, ?Align $align = null): void
    {
        $boxes = self::boxes($region->tall, $canvas->title);
        $align ??= self::dressed($request);
        $canvas->step(
            Task::Write,
            'Write the title '.self::quoted($title)." in the top $boxes ".(1 === $boxes ? 'box' : 'boxes')
                .match ($align) {
                    Align::Start => '.',
                    Align::Middle => ', in the middle.',
                    Align::End => ', at the right.',
                },
            'heading',
        );
        self::letter($canvas, $request, $title, $region, self::letters($region->tall, $canvas->title), $align);
    }

    private static function dressed(Request $request): Align
    {
        return 'middle' === $request->grid->dress?->place ? Align::Middle : Align::Start;
    }

    /** The letters of a title, as the page is dressed. */
    private static function letter(Canvas $canvas, Request $request, string $title, Region $region, Fraction $tall, Align $align): void
    {
        [$x, $y, $wide] = [$region->x, $region->y, $region->wide];
        $dress = $request->grid->dress;
        $canvas->pen($dress?->pen);
        $first = mb_substr($title, 0, 1);
        if (true === $dress?->larger && Align::Start === $align && mb_strlen($title) > 1 && $tall->compare(1) > 0) {
            // Both stand on one line: letters are set in the middle of their height, three quarters of it tall.
            [$beside, $lower] = [$tall->times(Fraction::of(16, 25)), $tall->times(Fraction::of(77, 200))];
            $canvas->words(Layer::Writing, $x, $y, $beside, $tall, $first);
            $canvas->words(
                Layer::Writing,
                $beside->plus($x),
                $lower->plus($y),
                Fraction::of($wide)->minus($beside),
                $tall->dividedBy(2),
                mb_substr($title, 1),
            );
        } else {
            $canvas->words(Layer::Writing, $x, $y, $wide, $tall, $title, $align);
        }
        $canvas->pen(null);
    }

    /** Begins the step that writes it where it does not stand at the head of its page. */
    public static function writeAt(Canvas $canvas, Request $request, Region $region, ?Align $align = null): void
    {
        [$x, $y] = [$region->x, $region->y];
        $from = $canvas->tally->place(Fraction::of($y)).' down'.(0 === $x ? '' : ', '.$canvas->tally->place(Fraction::of($x)).' across');
        $canvas->step(Task::Write, 'Write the title '.self::quoted($request->title).", beginning $from.", 'heading');
        $tall = self::letters($canvas->down, $canvas->title);
        self::letter($canvas, $request, $request->title, $region, $tall, $align ?? self::dressed($request));
    }

    /** How a title goes across the fold: null where it has letters that join and run from the right, or more than fit. */
    public static function folded(Request $request): ?FoldedTitle
    {
        [$grid, $title] = [$request->grid, $request->title];
        $tall = max(1, self::letters($grid->down, $grid->title)->floor());
        $joins = 1 === preg_match('/[\p{Arabic}\p{Hebrew}\p{Syriac}\p{Thaana}\p{Nko}]/u', $title);

        return $joins ? null : FoldedTitle::largest($title, $grid->across, $tall, $tall);
    }

    /** Begins the step that writes one half of it across the fold, each letter on whole boxes. */
    public static function writeFolded(Canvas $canvas, Request $request, Region $region, FoldedTitle $folded, bool $isRight): void
    {
        $half = $isRight ? $folded->right : $folded->left;
        $begins = $region->x + ($isRight ? $folded->air : $folded->from);
        $air = 0 === $folded->air ? 'at the fold' : Plural::boxes($folded->air).' from the fold';
        $canvas->step(
            Task::Write,
            'Write the title '.self::quoted($request->title).' across the fold: on this page '.self::quoted(implode('', $half->letters))
                .', a letter in '.Plural::boxes($half->wide).', from '.$canvas->tally->place(Fraction::of($begins)).' across; the '
                .($isRight ? 'first begins ' : 'last ends ').$air.'.',
            'heading',
        );
        $canvas->pen($request->grid->dress?->pen);
        $tall = self::letters($canvas->down, $canvas->title);
        foreach ($half->guides() as $one) {
            $canvas->words(Layer::Writing, $begins + $one['from'], $region->y, $one['wide'], $tall, $one['letter'], Align::Middle);
        }
        $canvas->pen(null);
    }

    /** Begins the step that writes it along an edge, from the foot of its place up. */
    public static function writeUpright(Canvas $canvas, Request $request, Region $region): void
    {
        $edge = 0 === $region->x ? 'left' : 'right';
        $text = 'Write the title '.self::quoted($request->title)." upright along the $edge edge, from the foot up.";
        $canvas->step(Task::Write, $text, 'heading');
        $canvas->pen($request->grid->dress?->pen);
        $wide = self::letters($canvas->down, $canvas->title);
        $canvas->words(Layer::Writing, $region->x, $region->y, $wide, $region->tall, $request->title, upwards: true);
        $canvas->pen(null);
    }

    /** Long words are cut in a step, never on the page. */
    public static function quoted(string $words): string
    {
        return '“'.(mb_strlen($words) > 60 ? mb_substr($words, 0, 59).'…' : $words).'”';
    }
}
