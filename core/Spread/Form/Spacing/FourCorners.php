<?php

/*
 * Each corner of the page divided by another number, to save space: from the corner a rectangle one part wide and one
 * part tall, and inside it the same part with the best gap taken off.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Form\Spacing;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Remainder;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Closing;
use AmpleMargin\Spread\Laid;
use AmpleMargin\Spread\Request;

/** @internal to Spread */
final class FourCorners implements School
{
    /** Right and lower: whether the corner is at that edge. */
    private const CORNERS = [
        ['upper left', false, false],
        ['upper right', true, false],
        ['lower left', false, true],
        ['lower right', true, true],
    ];

    public function layOut(Request $request, SpacingAsked $asked): Laid
    {
        [$across, $down] = [$request->grid->across, $request->grid->down];
        $divisors = \array_slice(array_values(array_unique([...$asked->across, ...$asked->down])), 0, 4);
        $finest = [] === $divisors ? 2 : max($divisors);
        if ($across < 2 * $finest || $down < 2 * $finest) {
            return Laid::refused($request->grid, new Finding(
                $request->id,
                "A corner divided by $finest has parts of less than 2 boxes on $across × $down. Choose smaller divisors.",
            ));
        }

        return Laid::page($request->grid, fn (Canvas $canvas) => $this->page($canvas, $asked, $divisors));
    }

    /** @param list<int> $divisors one for each corner, 1 to 4 */
    private function page(Canvas $canvas, SpacingAsked $asked, array $divisors): void
    {
        foreach ($divisors as $i => $divisor) {
            $this->rule($canvas, $asked, $divisor, ...self::CORNERS[$i]);
        }
        foreach ($divisors as $i => $divisor) {
            $this->label($canvas, $asked, $divisor, ...self::CORNERS[$i]);
        }
        Closing::page(
            $canvas,
            'Count the first corner: a part is '
                .Fraction::of($canvas->across, $divisors[0])
                .' boxes across, '
                .Fraction::of($canvas->down, $divisors[0])
                .' down.',
        );
    }

    private function rule(Canvas $canvas, SpacingAsked $asked, int $divisor, string $corner, bool $right, bool $lower): void
    {
        [$wide, $tall] = [Fraction::of($canvas->across, $divisor), Fraction::of($canvas->down, $divisor)];
        $canvas->cells(
            $right ? Fraction::of($canvas->across)->minus($wide) : 0,
            $lower ? Fraction::of($canvas->down)->minus($tall) : 0,
            $wide,
            $tall,
        );
        $gapped = $this->gapped($canvas, $divisor);
        $canvas->working(
            "corner-$divisor",
            "$wide × $tall",
            "$canvas->across ÷ $divisor across, $canvas->down ÷ $divisor down".([] === $gapped ? '' : '; with gaps '.implode(
                ' and ',
                array_map(DivisionTable::said(...), $gapped),
            )),
        );
        $canvas->pen($asked->colour($divisor));
        if ('with' !== $asked->gaps) {
            $canvas->step(
                Task::Ink,
                "In the $corner corner rule ".Plural::boxes($wide)." across and $tall down: one part of $divisor without gaps.",
                "corner-$divisor",
            );
            $this->frame($canvas, $wide, $tall, $right, $lower);
            $canvas->shows(...array_filter([
                Division::of($canvas->across, $divisor, 0, Remainder::Exact),
                Division::of($canvas->down, $divisor, 0, Remainder::Exact),
            ]));
        }
        if ('without' !== $asked->gaps && [] !== $gapped) {
            [$across, $down] = $gapped;
            $canvas->step(
                Task::Ink,
                "In the same corner rule {$across->size()} across and {$down->size()} down: one part of $divisor with the best gap.",
                "corner-$divisor",
            );
            $this->frame($canvas, Fraction::of($across->size()), Fraction::of($down->size()), $right, $lower);
            $canvas->shows($across, $down);
        }
        $canvas->pen(null);
    }

    /** Only the two sides that are not the page's edge. */
    private function frame(Canvas $canvas, Fraction $wide, Fraction $tall, bool $right, bool $lower): void
    {
        $x = $right ? Fraction::of($canvas->across)->minus($wide) : $wide;
        $y = $lower ? Fraction::of($canvas->down)->minus($tall) : $tall;
        $canvas->line(Layer::Ink, $x, $lower ? $y : 0, 0, $tall);
        $canvas->line(Layer::Ink, $right ? $x : 0, $y, $wide, 0);
    }

    private function label(Canvas $canvas, SpacingAsked $asked, int $divisor, string $corner, bool $right, bool $lower): void
    {
        // In the part itself, away from its ruled sides.
        $part = intdiv($canvas->across, $divisor);
        $gapped = $this->gapped($canvas, $divisor);
        $wide = max(1, min([] === $gapped ? $part : $gapped[0]->size(), $part) - 1);
        $canvas->pen($asked->colour($divisor));
        $canvas->step(
            Task::Write,
            "Write in the $corner corner what it is divided by, and below it the size of a part.",
            "corner-$divisor",
        );
        $x = $right ? $canvas->across - $wide : 0;
        $align = $right ? Align::End : Align::Start;
        $canvas->words(Layer::Writing, $x, $lower ? $canvas->down - 2 : 0, $wide, 1, (string) Fraction::of(1, $divisor), $align);
        $canvas->words(
            Layer::Writing,
            $x,
            $lower ? $canvas->down - 1 : 1,
            $wide,
            1,
            Fraction::of($canvas->across, $divisor).' × '.Fraction::of($canvas->down, $divisor),
            $align,
        );
        $canvas->pen(null);
    }

    /** @return array{}|array{Division, Division} across and down with the best gap, where both have one */
    private function gapped(Canvas $canvas, int $divisor): array
    {
        $across = Division::containers($canvas->across, $divisor);
        $down = Division::containers($canvas->down, $divisor);

        return null === $across || null === $down ? [] : [$across, $down];
    }
}
