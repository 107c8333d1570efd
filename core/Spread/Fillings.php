<?php

/* What a part of a page can be filled with, by the word a plan file has for it. */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Spread\Filling\Blank;
use AmpleMargin\Spread\Filling\Cells;
use AmpleMargin\Spread\Filling\Circles;
use AmpleMargin\Spread\Filling\ClockFace;
use AmpleMargin\Spread\Filling\CoverLetters;
use AmpleMargin\Spread\Filling\DayStrips;
use AmpleMargin\Spread\Filling\Divisions;
use AmpleMargin\Spread\Filling\DotLegend;
use AmpleMargin\Spread\Filling\Frames;
use AmpleMargin\Spread\Filling\Free;
use AmpleMargin\Spread\Filling\FutureLog;
use AmpleMargin\Spread\Filling\GluedIn;
use AmpleMargin\Spread\Filling\GoalChecks;
use AmpleMargin\Spread\Filling\GoesOn;
use AmpleMargin\Spread\Filling\Graph;
use AmpleMargin\Spread\Filling\IndexRows;
use AmpleMargin\Spread\Filling\KeyMarks;
use AmpleMargin\Spread\Filling\LargeLetters;
use AmpleMargin\Spread\Filling\Legend;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\Log;
use AmpleMargin\Spread\Filling\MiniMonths;
use AmpleMargin\Spread\Filling\MonthInCells;
use AmpleMargin\Spread\Filling\MonthStrip;
use AmpleMargin\Spread\Filling\SavingsList;
use AmpleMargin\Spread\Filling\SavingsPicture;
use AmpleMargin\Spread\Filling\Spines;
use AmpleMargin\Spread\Filling\Table;
use AmpleMargin\Spread\Filling\Title;
use AmpleMargin\Spread\Filling\WeekBoxes;
use AmpleMargin\Spread\Filling\Words;

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
            'words' => new Words(),
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
