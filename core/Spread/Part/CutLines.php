<?php

/* The lines a leaf is cut along, with what is said where the knife is; and the names on tabs. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Part;

use AmpleMargin\Counting\Fraction;
use AmpleMargin\Drawing\Align;
use AmpleMargin\Drawing\Canvas;
use AmpleMargin\Drawing\Caution;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Task;
use AmpleMargin\Spread\Page\Heading;

/** @internal to Spread */
final class CutLines
{
    private const NOTE = 'cut';

    /** @param string $layer whose turn it is: pencil, band, ink, write */
    public static function on(Canvas $canvas, CutPage $page, string $layer): void
    {
        match ($layer) {
            'pencil' => self::draw($canvas, $page),
            'write' => self::label($canvas, $page),
            default => null,
        };
    }

    private static function draw(Canvas $canvas, CutPage $page): void
    {
        if ([] === $page->removed) {
            return;
        }
        $says = 'Draw the line to cut along. ';
        $page->isBack()
            ? $canvas->step(Task::Pencil, 'The cut is the same on this side of the leaf; draw nothing beyond it.', self::NOTE)
            : $canvas->step(Task::Pencil, $says.ucfirst($page->says).'.', self::NOTE, was: ["$says$page->says."]);
        foreach ($page->removed as $region) {
            foreach ($region->sidesWithin($canvas->across, $canvas->down) as [$x, $y, $toX, $toY]) {
                $canvas->line(Layer::Pencil, $x, $y, $toX - $x, $toY - $y);
            }
        }
        if ($page->isBack()) {
            return;
        }
        $canvas->step(Task::Cut, 'Tape the edge that stays if it must be stiff, on both sides; pull the ribbons away.', self::NOTE);
        $canvas->step(
            Task::Cut,
            'Cut along the line '.Caution::KNIFE.'. Stop '.Cut::BINDING.' mm before the binding, never cut into it.',
            self::NOTE,
        );
    }

    private static function label(Canvas $canvas, CutPage $page): void
    {
        foreach ($page->labels as [$name, $tab]) {
            $canvas->step(Task::Write, 'Write '.Heading::quoted($name).' on the tab.', self::NOTE);
            $y = Fraction::of(2 * $tab->y + $tab->tall - 1, 2);
            $canvas->words(Layer::Writing, $tab->x, $y, $tab->wide, 1, $name, Align::Middle);
        }
    }
}
