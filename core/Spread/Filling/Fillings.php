<?php

/* What a part of a page can be filled with, by the word a plan file has for it. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Filling;

use AmpleMargin\Spread\Part\Filling;

final class Fillings
{
    /** @return array<string, Filling> by its word */
    public static function all(): array
    {
        return [
            'lines' => new Lines(),
            'log' => new Log(),
            'table' => new Table(),
            'cells' => new Cells(),
            'checks' => new GoalChecks(),
            'strips' => new DayStrips(),
            'words' => new CentredWords(),
            'legend' => new Legend(),
            'graph' => new Graph(),
            'frames' => new Frames(),
            'spines' => new Spines(),
            'large-letters' => new LargeLetters(),
            'cover-letters' => new CoverLetters(),
            'glued' => new GluedIn(),
            'savings' => new SavingsList(),
            'savings-drawn' => new SavingsPicture(),
            'mini-months' => new MiniMonths(),
            'month' => new MonthInCells(),
            'week' => new WeekBoxes(),
            'month-strip' => new MonthStrip(),
            'future-log' => new FutureLog(),
            'index' => new IndexRows(),
            'divisions' => new Divisions(),
            'dot-marks' => new DotLegend(),
            'key-marks' => new KeyMarks(),
            'circles' => new Circles(),
            'clock' => new ClockFace(),
            'goes-on' => new GoesOn(),
            'free' => new Free(),
            'nothing' => new Blank(),
            'title' => new Title(),
        ];
    }

    public static function named(string $word): ?Filling
    {
        return self::all()[$word] ?? null;
    }

    /** The word for a filling. */
    public static function word(Filling $filling): string
    {
        foreach (self::all() as $word => $one) {
            if ($one::class === $filling::class) {
                return $word;
            }
        }

        throw new \LogicException('No plan file has a word for '.$filling::class.'.');
    }
}
