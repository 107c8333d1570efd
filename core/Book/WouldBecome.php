<?php

/* What an edit that re-plans a book would leave and what it would take, said before it is made. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Counting\Listed;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Plan\PlannedSpread;

final class WouldBecome
{
    /**
     * @param array<string, array<string, bool>> $done drawing → what was said of its steps, by key
     *
     * @return list<string> sentences, what stays first
     */
    public static function says(Book $before, Book $after, array $done): array
    {
        return array_values(array_filter([
            self::spreads($before, $after),
            self::months($before, $after),
            $after->runOut->sentence(),
            self::ticks($before, $after, $done),
        ], static fn (string $said): bool => '' !== $said));
    }

    private static function spreads(Book $before, Book $after): string
    {
        $all = \count($after->plan->spreads);
        $homeless = array_values(array_filter(
            $after->plan->spreads,
            static fn (PlannedSpread $one): bool => null !== $before->pageOf($one->id) && null === $after->pageOf($one->id),
        ));
        $moved = \count(array_filter(
            $after->plan->spreads,
            static fn (PlannedSpread $one): bool => null !== $after->pageOf($one->id)
                && null !== $before->pageOf($one->id)
                && $after->pageOf($one->id) !== $before->pageOf($one->id),
        ));
        $titles = array_map(static fn (PlannedSpread $one): string => "“{$after->catalogue()->title($one)}”", $homeless);

        return (1 === $all ? 'The one spread stays' : "All $all spreads stay").', with what was said of '
            .(1 === $all ? 'it' : 'them').(0 === $moved ? '' : '; '.Plural::of($moved, 'stands', 'stand').' on other pages')
            .([] === $titles ? '' : '; '.Listed::all($titles).(1 === \count($titles) ? ' has' : ' have').' no page any more').'.';
    }

    private static function months(Book $before, Book $after): string
    {
        $of = static fn (Book $book): array => array_map(static fn (Month $one): string => $one->iso(), $book->plan->period->months());
        $name = static fn (string $iso): string => (new Names('en'))->monthAndYear(Month::read($iso) ?? $after->plan->period->start);
        $gone = array_map($name, array_values(array_diff($of($before), $of($after))));
        $come = array_map($name, array_values(array_diff($of($after), $of($before))));

        return ([] === $gone ? '' : Listed::all($gone).(1 === \count($gone) ? ' goes' : ' go').', with the pattern and the pages said of '
            .(1 === \count($gone) ? 'it' : 'them').'; dates stay. ').([] === $come ? '' : Listed::all($come)
            .(1 === \count($come) ? ' comes.' : ' come.'));
    }

    /** @param array<string, array<string, bool>> $done */
    private static function ticks(Book $before, Book $after, array $done): string
    {
        $all = self::steps($before, $done);
        $gone = \count(array_diff($all, self::steps($after, $done)));

        return match (true) {
            [] === $all => '',
            0 === $gone => 'Every tick stays.',
            default => 'Of '.Plural::of(\count($all), 'tick', 'ticks')." $gone "
                .(1 === $gone ? 'goes, since its step has' : 'go, since their steps have').' other counts then.',
        };
    }

    /**
     * @param array<string, array<string, bool>> $done
     *
     * @return list<string> the steps that are there and ticked
     */
    private static function steps(Book $book, array $done): array
    {
        $ticked = [];
        for ($page = 1; [] !== $done && $page <= $book->plan->stock->pages; ++$page) {
            $name = $book->drawingName($page);
            foreach (isset($done[$name]) ? $book->drawing($page)->steps ?? [] : [] as $step) {
                if ($step->isDone($done[$name])) {
                    $ticked[] = "$name $step->key";
                }
            }
        }

        return $ticked;
    }
}
