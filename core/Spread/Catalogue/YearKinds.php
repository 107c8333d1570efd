<?php

/* The kinds that hold dates: the year, a half, a term or a month at a glance, and the future log. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Filling\Cells;
use AmpleMargin\Spread\Filling\CentredWords;
use AmpleMargin\Spread\Filling\FutureLog;
use AmpleMargin\Spread\Filling\MiniMonths;
use AmpleMargin\Spread\Filling\MonthInCells;
use AmpleMargin\Spread\Filling\Title;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Form;
use AmpleMargin\Spread\Part\PartedBy;
use AmpleMargin\Spread\Part\PartedLayouts;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Portion;
use AmpleMargin\Spread\Part\Run;
use AmpleMargin\Spread\Part\Size;
use AmpleMargin\Spread\Setting\Field;

/** @internal to Spread */
final class YearKinds
{
    /** The setting of a future log with one more page, for the year after. */
    private const NEXT_YEAR = 'next_year';

    private const VERSE = 'verse';

    private const VERSE_AT = 'verse_at';

    /** @return array<string, \Closure(): Kind> by id */
    public static function all(): array
    {
        return [
            'year-at-a-glance' => static fn (): Kind => self::glanceOf(
                'Year at a glance',
                'Every day of the period: mini months, a matrix, dot lines, printed months.',
                [],
            )
                ->alsoCalled('calendar', 'yearly overview', 'dot lines', 'mini months', 'matrix'),
            'half-year-at-a-glance' => static fn (): Kind => self::glanceOf(
                'Half-year at a glance',
                'Six months, with lines for notes beside each.',
                ['way' => 'notes', 'months' => 6],
            )
                ->alsoCalled('calendar', 'six months', 'overview'),
            'term-at-a-glance' => static fn (): Kind => self::glanceOf(
                'Term at a glance',
                'The months of a term, its weeks numbered, up to four deadlines coloured on one day, and listed beside their month.',
                ['way' => 'split', 'day' => '2', 'months' => 4, 'week_numbers' => true, 'beside' => true],
            )
                ->alsoCalled('semester', 'study', 'deadlines', 'school'),
            'month-at-a-glance' => static fn (): Kind => Kind::spread('Month at a glance', Section::Year, PartedLayouts::of(
                FilledPart::of(new MonthInCells())->open('from', 'cells', 'pages', 'week_start'),
            ))
                ->unlessSaid(['pages' => 2])
                ->whichIs('One month in large cells, on an opening or a page.')
                ->takes(TakesDates::Days)
                ->alsoCalled('month calendar', 'one month'),
            'future-log' => static fn (): Kind => Kind::spread('Future log', Section::Year, self::futureLog())
                ->whichIs('Dates beyond the months already drawn.')
                ->takes(TakesDates::Months)
                ->alsoCalled('upcoming', 'coming months', 'later dates', 'next months')
                ->unlessSaid(['months_per_page' => 6, 'columns' => 2]),
            'birthdays' => static fn (): Kind => Page::spread(
                'Birthdays',
                Section::Year,
                FilledPart::of(new Cells())->open('of', 'across', 'line'),
            )
                ->whichIs('A cell for every month, or for every sign; names and days are written in.')
                ->unlessSaid(['of' => 'months'])
                ->takes(TakesDates::Birthdays)
                ->alsoCalled('anniversaries', 'name days', 'signs', 'zodiac')
                ->goesOpposite('important-dates'),
            'important-dates' => static fn (): Kind => Page::spread('Important dates', Section::Year, Page::months())
                ->whichIs('A cell for every month, on one page, for what must not be missed.')
                ->takes(TakesDates::Important)
                ->alsoCalled('holidays', 'events', 'dates')
                ->goesOpposite('birthdays'),
        ];
    }

    /** @param array<string, mixed> $settings where the person gives none */
    private static function glanceOf(string $name, string $purpose, array $settings): Kind
    {
        $months = new MiniMonths();

        return Kind::spread($name, Section::Year, PartedLayouts::of(Page::under(
            FilledPart::of($months)->open(...array_column($months->fields(), 'name')),
        )))
            ->whichIs($purpose)
            ->unlessSaid($settings)
            ->takes(TakesDates::Marks)
            ->which(Fact::SharesAPage);
    }

    /** Its months, and where it is asked for a page of its own for the year after, which fills up towards the end. */
    private static function futureLog(): Form
    {
        $log = new FutureLog();
        $leaf = FilledPart::of($log)->open(...array_column($log->fields(), 'name'));

        return new PartedBy($leaf, static function (Request $request) use ($log, $leaf): Portion {
            $page = self::withVerse($leaf, $request->settings->lines(self::VERSE), 'over' === $request->settings->choice(self::VERSE_AT));
            if (!$request->settings->flag(self::NEXT_YEAR)) {
                return $page;
            }
            $next = FutureLog::nextYear($request);

            return Run::flowing([$page, Parting::down(
                [Size::needed(), FilledPart::of(new Title(), (string) $next->year)],
                [Size::share(), FilledPart::of($log)->with([
                    'school' => 'dates',
                    'from' => $next->iso(),
                    'months' => 12,
                    'line' => $request->settings->boxesWritten('line'),
                    'ruled' => $request->settings->flag('ruled'),
                ])],
            )]);
        }, [
            Field::flag(self::NEXT_YEAR, 'A page for next year', false),
            Field::lines(self::VERSE, 'A verse on its first page'),
            Field::choice(self::VERSE_AT, 'The verse stands', ['under' => 'under the months', 'over' => 'over them']),
        ]);
    }

    /** @param list<string> $verse its lines */
    private static function withVerse(FilledPart $leaf, array $verse, bool $over): Parting
    {
        if ([] === $verse) {
            return Page::under($leaf);
        }
        $title = [Size::needed(), FilledPart::of(new Title())];
        $words = [Size::needed(), FilledPart::of(new CentredWords())->with(['words' => $verse, 'line' => '1.5'])];
        $months = [Size::share(), $leaf];

        return $over ? Parting::down($title, $words, $months) : Parting::down($title, $months, $words);
    }
}
