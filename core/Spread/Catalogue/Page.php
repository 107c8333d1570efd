<?php

/* What entries of the catalogue that are made of parts have in common: a title above, parts with a name, a table, cells. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Filling\Cells;
use AmpleMargin\Spread\Filling\CentredWords;
use AmpleMargin\Spread\Filling\Legend;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\Log;
use AmpleMargin\Spread\Filling\Rows;
use AmpleMargin\Spread\Filling\Table;
use AmpleMargin\Spread\Filling\Title;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\Form;
use AmpleMargin\Spread\Part\Parted;
use AmpleMargin\Spread\Part\PartedLayouts;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Portion;
use AmpleMargin\Spread\Part\Size;

/** @internal to Spread */
final class Page
{
    /** What containers were asked in older plans. */
    public const CONTAINERS_ONCE = ['areas' => 'cells', 'columns' => 'across'];

    /** A few words in the middle of a page. */
    public static function centred(): Form
    {
        return PartedLayouts::of(FilledPart::of(new CentredWords())->with([CentredWords::FOUND => 'counted'])->open('words'));
    }

    /** A container for each of some names. */
    public static function containers(): Form
    {
        return PartedLayouts::of(self::under(
            FilledPart::of(new Cells())->with([Cells::CALLED => 'containers'])->open('cells', 'across', 'line'),
        ));
    }

    /** Lines to write on, over so many pages. */
    public static function ruled(): Form
    {
        return PartedLayouts::of(self::under(
            FilledPart::of(new Lines())->with([Rows::CALLED => 'lines'])->open(Rows::PAGES, 'line', 'look'),
        ));
    }

    /** @return array<string, string|\Closure(mixed): array<string, mixed>> what ruled lines were asked in older plans */
    public static function ruledOnce(): array
    {
        return ['ruled' => static fn (mixed $said): array => ['look' => false === $said ? 'plain' : 'ruled']];
    }

    /** A spread with its title above what fills it. */
    public static function spread(string $name, Section $section, Portion $piece): Kind
    {
        $kind = Kind::spread($name, $section, PartedLayouts::of(self::under($piece)))->which(Fact::TurnsThePage, Fact::LiesOnItsSide);
        $hasMonths = array_filter(
            $piece->leaves(),
            static fn (FilledPart $leaf): bool => $leaf->filling instanceof Cells && 'months' === ($leaf->settings['of'] ?? null),
        );

        return [] === $hasMonths ? $kind : $kind->mayTakeDates();
    }

    /** A part of a month's pattern with its name above what fills it. */
    public static function ofMonth(string $name, Portion $piece): Kind
    {
        return Kind::monthPart($name, new Parted(self::under($piece)))->which(Fact::LiesOnItsSide);
    }

    public static function under(Portion $piece): Parting
    {
        return Parting::down([Size::needed(), FilledPart::of(new Title())], [Size::share(), $piece]);
    }

    /** A framed part with a name, free to write in. */
    public static function box(string $name): FilledPart
    {
        return FilledPart::of(new Lines(), $name)->with(['framed' => true, 'look' => 'plain']);
    }

    /** Framed parts of equal size, one below another. */
    public static function boxesDown(string $first, string ...$others): Parting
    {
        return Parting::down(self::equal($first), ...array_map(self::equal(...), array_values($others)));
    }

    /** The same side by side. */
    public static function boxesAcross(string $first, string ...$others): Parting
    {
        return Parting::across(self::equal($first), ...array_map(self::equal(...), array_values($others)));
    }

    /** Two rows of framed parts. */
    public static function quarters(string $one, string $two, string $three, string $four): Parting
    {
        return Parting::down([Size::share(), self::boxesAcross($one, $two)], [Size::share(), self::boxesAcross($three, $four)]);
    }

    /** A cell for every month of the book. */
    public static function months(): FilledPart
    {
        return FilledPart::of(new Cells())->with(['of' => 'months'])->open('across', 'line');
    }

    /** Rows under columns, as a person writes them down: "Title 10+". */
    public static function log(): FilledPart
    {
        return FilledPart::of(new Log())->open('columns', 'items', 'rows', 'line', 'look', 'numbered', 'first', 'ticked');
    }

    public static function lines(): FilledPart
    {
        return FilledPart::of(new Lines())->open('items', 'rows', 'line', 'look', 'numbered', 'first', 'ticked');
    }

    /**
     * A table of items by something.
     *
     * @param string $columns what the columns are, as the table's setting says it
     */
    public static function items(string $columns): FilledPart
    {
        return FilledPart::of(new Table())
            ->with(['rows_of' => 'items', 'columns_of' => $columns])
            ->open('items', ...('months' === $columns ? [Kind::BEFORE] : []), ...['strip', 'column', 'line', 'look', 'sum']);
    }

    /** A box for every day of the book, and beside it what the colours stand for. */
    public static function days(): Parting
    {
        return Parting::across(
            [Size::share(), FilledPart::of(new Table())->with(['rows_of' => 'days', 'columns_of' => 'months'])],
            [Size::boxes(8), FilledPart::of(new Legend())->with(['of' => 'own'])->open('entries')],
        )->gap(1);
    }

    /** @return array{Size, FilledPart} */
    private static function equal(string $name): array
    {
        return [Size::share(), self::box($name)];
    }
}
