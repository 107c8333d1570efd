<?php

/*
 * Each corner of the page divided by another number, to save space: from the corner a rectangle one part wide and one
 * part tall, and inside it the same part with the best gap taken off.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling\Spacing;

use AmpleMargin\Counting\Division;
use AmpleMargin\Counting\Fraction;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Counting\Remainder;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Finding;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Drawing\Working;
use AmpleMargin\Spread\Page\Region;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Check;
use AmpleMargin\Spread\Part\Filled;
use AmpleMargin\Spread\Part\FromHere;
use AmpleMargin\Spread\Part\Layers;

/** @internal to Spread */
final class FourCorners implements SpacingSchool
{
    /** Right and lower: whether the corner is at that edge. */
    private const CORNERS = [
        ['upper left', false, false],
        ['upper right', true, false],
        ['lower left', false, true],
        ['lower right', true, true],
    ];

    public function fill(Request $asked, Region $region, SpacingAsked $spacing): Filled
    {
        $divisors = \array_slice(array_values(array_unique([...$spacing->across, ...$spacing->down])), 0, 4);
        $finest = [] === $divisors ? 2 : max($divisors);
        if ($region->wide < 2 * $finest || $region->tall < 2 * $finest || [] === $divisors) {
            return new Filled(findings: [new Finding(
                $asked->id,
                "A corner divided by $finest has parts of less than 2 boxes on $region->wide × $region->tall. Choose smaller divisors.",
            )]);
        }
        $here = new FromHere($asked, $region, 'the spacing sheet');

        return new Filled(
            workings: array_map(static fn (int $divisor): Working => self::working($region, $divisor, $here), $divisors),
            layers: new Layers(
                ink: function (Canvas $canvas) use ($divisors, $spacing, $region, $here): void {
                    foreach ($divisors as $i => $divisor) {
                        $this->rule($canvas, $region, $here, $spacing, $divisor, ...self::CORNERS[$i]);
                    }
                },
                write: function (Canvas $canvas) use ($divisors, $spacing, $region): void {
                    foreach ($divisors as $i => $divisor) {
                        $this->label($canvas, $region, $spacing, $divisor, ...self::CORNERS[$i]);
                    }
                },
            ),
            check: new Check('Count the first corner: a part is '
                            .Fraction::of($region->wide, $divisors[0])
                            .' boxes across, '
                            .Fraction::of($region->tall, $divisors[0])
                            .' down.'),
        );
    }

    private static function working(Region $region, int $divisor, FromHere $here): Working
    {
        $gapped = self::gapped($region, $divisor);

        return new Working(
            $here->note("corner-$divisor"),
            Fraction::of($region->wide, $divisor).' × '.Fraction::of($region->tall, $divisor),
            "$region->wide ÷ $divisor across, $region->tall ÷ $divisor down".([] === $gapped ? '' : '; with gaps '.implode(
                ' and ',
                array_map(DivisionTable::said(...), $gapped),
            )),
        );
    }

    private function rule(
        Canvas $canvas,
        Region $region,
        FromHere $here,
        SpacingAsked $spacing,
        int $divisor,
        string $corner,
        bool $right,
        bool $lower,
    ): void {
        [$wide, $tall] = [Fraction::of($region->wide, $divisor), Fraction::of($region->tall, $divisor)];
        $canvas->cells(
            ($right ? Fraction::of($region->wide)->minus($wide) : Fraction::of(0))->plus($region->x),
            ($lower ? Fraction::of($region->tall)->minus($tall) : Fraction::of(0))->plus($region->y),
            $wide,
            $tall,
        );
        $gapped = self::gapped($region, $divisor);
        $canvas->pen($spacing->colour($divisor));
        if ('with' !== $spacing->gaps) {
            $here->step(
                $canvas,
                Task::Ink,
                "In the $corner corner rule ".Plural::boxes($wide)." across and $tall down: one part of $divisor without gaps.",
                "corner-$divisor",
            );
            $this->frame($canvas, $region, $wide, $tall, $right, $lower);
            $canvas->shows(...array_filter([
                Division::of($region->wide, $divisor, 0, Remainder::Exact),
                Division::of($region->tall, $divisor, 0, Remainder::Exact),
            ]));
        }
        if ('without' !== $spacing->gaps && [] !== $gapped) {
            [$across, $down] = $gapped;
            $here->step(
                $canvas,
                Task::Ink,
                "In the same corner rule {$across->size()} across and {$down->size()} down: one part of $divisor with the best gap.",
                "corner-$divisor",
            );
            $this->frame($canvas, $region, Fraction::of($across->size()), Fraction::of($down->size()), $right, $lower);
            $canvas->shows($across, $down);
        }
        $canvas->pen(null);
    }

    /** Only the two sides that are not the page's edge. */
    private function frame(Canvas $canvas, Region $region, Fraction $wide, Fraction $tall, bool $right, bool $lower): void
    {
        $x = $right ? Fraction::of($region->wide)->minus($wide) : $wide;
        $y = $lower ? Fraction::of($region->tall)->minus($tall) : $tall;
        [$left, $top] = [$x->plus($region->x), $y->plus($region->y)];
        $canvas->line(Layer::Ink, $left, $lower ? $top : $region->y, 0, $tall);
        $canvas->line(Layer::Ink, $right ? $left : $region->x, $top, $wide, 0);
    }

    private function label(
        Canvas $canvas,
        Region $region,
        SpacingAsked $spacing,
        int $divisor,
        string $corner,
        bool $right,
        bool $lower,
    ): void {
        // In the part itself, away from its ruled sides.
        $part = intdiv($region->wide, $divisor);
        $gapped = self::gapped($region, $divisor);
        $wide = max(1, min([] === $gapped ? $part : $gapped[0]->size(), $part) - 1);
        $canvas->pen($spacing->colour($divisor));
        $canvas->step(
            Task::Write,
            "Write in the $corner corner what it is divided by, and below it the size of a part.",
            "corner-$divisor",
        );
        $x = $region->x + ($right ? $region->wide - $wide : 0);
        $y = $region->y + ($lower ? $region->tall - 2 : 0);
        $align = $right ? Align::End : Align::Start;
        $canvas->words(Layer::Writing, $x, $y, $wide, 1, (string) Fraction::of(1, $divisor), $align);
        $canvas->words(
            Layer::Writing,
            $x,
            $y + 1,
            $wide,
            1,
            Fraction::of($region->wide, $divisor).' × '.Fraction::of($region->tall, $divisor),
            $align,
        );
        $canvas->pen(null);
    }

    /** @return array{}|array{Division, Division} across and down with the best gap, where both have one */
    private static function gapped(Region $region, int $divisor): array
    {
        $across = Division::containers($region->wide, $divisor);
        $down = Division::containers($region->tall, $divisor);

        return null === $across || null === $down ? [] : [$across, $down];
    }
}
