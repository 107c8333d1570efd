<?php

/* Logs and lists: rows under a title, with columns or without. */

declare(strict_types=1);

namespace AmpleMargin\Spread\Kinds;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Filling;
use AmpleMargin\Spread\Filling\Lines;
use AmpleMargin\Spread\Filling\Log;
use AmpleMargin\Spread\Filling\Title;
use AmpleMargin\Spread\Form\Parted;
use AmpleMargin\Spread\Kind;
use AmpleMargin\Spread\Part\Leaf;
use AmpleMargin\Spread\Part\Parting;
use AmpleMargin\Spread\Part\Size;

final class LogKinds
{
    /** @return list<Kind> */
    public static function all(): array
    {
        return [
            self::log('books-read', 'Books read', ['Title 10+', 'Author 7', 'Stars 2', 'Date 4'], 52, true)
                ->whichIs('A row a book; the title takes what is left.')
                ->alsoCalled('reading log', 'read', 'library'),
            self::log('films-seen', 'Films and series', ['Title 10+', 'With 5', 'Stars 2', 'Date 4'], 34, true)
                ->whichIs('A row a film, or a season.')
                ->alsoCalled('watched', 'seen', 'cinema'),
            self::log('bucket-list', 'Before I am a year older', ['What 12+', 'Date 4', 'Stars 2'], 30, true)
                ->whichIs('What is to be done once, when it was, and how it was.')
                ->alsoCalled('bucket list', 'once in a lifetime', 'adventures'),
            self::log('expenses', 'Larger expenses', ['What 8+', 'Details 7', 'Price 4', 'Saved 4'], null, true)
                ->whichIs('What cost more than usual, and what was put aside for it. A record, no advice.')
                ->alsoCalled('money', 'spending', 'purchases'),
            self::log('waiting-for', 'Waiting for', ['What 10+', 'From 6', 'Date 4', 'Came 3'], null, false)
                ->whichIs('What was lent, ordered or promised.')
                ->alsoCalled('orders', 'lent', 'promised'),
            self::log('wish-list', 'Wish list', ['What 10+', 'Where 7', 'Price 4'], null, false)
                ->whichIs('What could be bought some day; whoever waits often needs it no more.')
                ->alsoCalled('to buy', 'wants', 'shopping'),
            self::log('gifts', 'Gifts', ['For whom 6', 'What 10+', 'Given 4'], null, false)
                ->whichIs('Ideas for presents, caught when they come.')
                ->alsoCalled('presents', 'birthdays'),
            self::log('trips', 'Trips', ['Where 8+', 'When 5', 'Why, and with whom 8+'], null, false)
                ->whichIs('Three boxes a trip: a name, and a line below it.')
                ->unlessSaid(['line' => '3'])
                ->alsoCalled('travels', 'holidays', 'journeys', 'where we went'),
            self::log('projects', 'Projects', ['What 9+', 'Next step 9', 'By 4'], null, false)
                ->whichIs('What is under way, and the one thing to do next.')
                ->alsoCalled('project log', 'under way'),
            self::list('things-in-a-year', 'Things in a year', ['rows' => 24, 'numbered' => true, 'ticked' => true])
                ->whichIs('So many things, numbered, each with a box to tick.')
                ->alsoCalled('24 things', 'challenge', 'list of the year'),
            self::list('affirmations', 'Sentences to keep', ['look' => 'plain', 'line' => '2'])
                ->whichIs('A list of sentences, with room for more.')
                ->alsoCalled('affirmations', 'sayings', 'mottos'),
            self::list('questions', 'Questions for the year', [
                'line' => '3',
                'items' => ['This year I will', 'I want to learn', 'I want to see', 'I want to finish', 'I will let go of', 'I am glad of'],
            ])
                ->whichIs('Prompts, and room for an answer below each.')
                ->alsoCalled('prompts', 'this year I will', 'reflection'),
            self::list('next-year', 'Dates of next year', ['line' => '1.5'])
                ->whichIs('A plain list; copied over when the next book is set up.')
                ->alsoCalled('future dates', 'later'),
        ];
    }

    /** @param list<string> $columns as a person writes them down */
    private static function log(string $id, string $name, array $columns, ?int $rows, bool $numbered): Kind
    {
        $settings = ['columns' => $columns, 'numbered' => $numbered] + (null === $rows ? [] : ['rows' => $rows]);

        return self::below($id, $name, new Log(), ['columns', 'rows', 'line', 'look', 'numbered', 'ticked'])->unlessSaid($settings);
    }

    /** @param array<string, mixed> $settings */
    private static function list(string $id, string $name, array $settings): Kind
    {
        return self::below($id, $name, new Lines(), ['items', 'rows', 'line', 'look', 'numbered', 'ticked'])->unlessSaid($settings);
    }

    /** @param list<string> $open */
    private static function below(string $id, string $name, Filling $filling, array $open): Kind
    {
        $parting = Parting::down([Size::needed(), Leaf::of(new Title())], [Size::share(), Leaf::of($filling)->open(...$open)]);

        return Kind::spread($id, $name, Section::Trackers, new Parted($parting))->mayTurnThePage();
    }
}
