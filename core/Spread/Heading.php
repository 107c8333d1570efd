<?php

/* The title at the head of a page, and the boxes it takes from what is below. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Letters;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Subtraction;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;

/** @internal to Spread */
final class Heading
{
    /**
     * Boxes a title takes with the air below it: 3 on an ordinary page, less on a small one or half a page (common practice, no source).
     */
    public static function boxes(int $down): int
    {
        return match (true) {
            $down >= 30 => 3,
            $down >= 16 => 2,
            default => 1,
        };
    }

    /** What a page of so many boxes leaves below its title. */
    public static function below(int $down): Subtraction
    {
        return Subtraction::from($down)->less(self::boxes($down), 'the title');
    }

    /** Boxes its letters take of them: larger than an entry's wherever there is room for that. */
    private static function letters(int $down): Fraction
    {
        return match (self::boxes($down)) {
            3 => Fraction::of(2),
            2 => Fraction::of(3, 2),
            default => Fraction::of(1),
        };
    }

    /** Letters smaller than half a box high cannot be read (from memory). */
    public static function fits(string $title, int $across, int $down): bool
    {
        return mb_strwidth($title) <= self::most($across, $down);
    }

    /** Letters of an ordinary width that can be read in the boxes of a title. */
    private static function most(int $across, int $down): int
    {
        return Fraction::of($across * 100, Letters::WIDE)->times(self::letters($down))->floor();
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
        [$across, $down] = [$wide ?? $request->grid->across, $request->grid->down];

        return self::fits($title, $across, $down) ? [] : [new Finding(
            $request->id,
            'The title has '
                .mb_strlen($title)
                .' letters: too many to be read in '
                .Plural::boxes($across)
                .', where '
                .self::most($across, $down)
                .' fit. Shorten it, or write it on two lines.',
        )];
    }

    /** Begins the step that writes the title in the boxes kept for it. */
    public static function write(Canvas $canvas, Request $request, ?string $title = null): void
    {
        $title ??= $request->title;
        $boxes = self::boxes($canvas->down);
        $canvas->step(
            Task::Write,
            'Write the title '.self::quoted($title)." in the top $boxes ".(1 === $boxes ? 'box' : 'boxes').'.',
            'heading',
        );
        $canvas->words(Layer::Writing, 0, 0, $canvas->across, self::letters($canvas->down), $title);
    }

    /** Begins the step that writes it where it does not stand at the head of its page. */
    public static function writeAt(Canvas $canvas, Request $request, int $x, int $y, int $wide): void
    {
        $from = $canvas->tally->place(Fraction::of($y)).' down'.(0 === $x ? '' : ', '.$canvas->tally->place(Fraction::of($x)).' across');
        $canvas->step(Task::Write, 'Write the title '.self::quoted($request->title).", beginning $from.", 'heading');
        $canvas->words(Layer::Writing, $x, $y, $wide, self::letters($canvas->down), $request->title);
    }

    /** Long words are cut in a step, never on the page. */
    public static function quoted(string $words): string
    {
        return '“'.(mb_strlen($words) > 60 ? mb_substr($words, 0, 59).'…' : $words).'”';
    }
}
