<?php

/* What a form is asked in a test: settings, the usual ones or random ones, on a stock of so many boxes. */

declare(strict_types=1);

namespace Tests;

use AmpleMargin\Calendar\Day;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Colour\Palette;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Drawing\PageDrawing;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Page\CalendarFacts;
use AmpleMargin\Spread\Page\IndexRow;
use AmpleMargin\Spread\Page\PageGrid;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Asker;
use AmpleMargin\Spread\Part\Form;
use AmpleMargin\Spread\Part\HasCutOuts;
use AmpleMargin\Spread\Setting\BoxesField;
use AmpleMargin\Spread\Setting\ChecksField;
use AmpleMargin\Spread\Setting\ChoiceField;
use AmpleMargin\Spread\Setting\CountField;
use AmpleMargin\Spread\Setting\CountsField;
use AmpleMargin\Spread\Setting\DayField;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\FlagField;
use AmpleMargin\Spread\Setting\HalvesField;
use AmpleMargin\Spread\Setting\LinesField;
use AmpleMargin\Spread\Setting\MonthField;
use AmpleMargin\Spread\Setting\Settings;

final class Asking
{
    public static function kind(string $id): Kind
    {
        return (new Catalogue())->kind($id) ?? throw new \LogicException("There is no kind $id.");
    }

    /** @param array<string, mixed> $settings */
    public static function of(
        Kind|Form $of,
        array $settings = [],
        int $across = 26,
        int $down = 38,
        string $start = '2027-01',
        string $end = '2027-12',
        Weekday $first = Weekday::Monday,
        ?Palette $palette = null,
        int $pitch = 5_000,
    ): Request {
        return new Request(
            'one',
            $of instanceof Kind ? $of->name : 'A title',
            $of instanceof Kind ? $of->settings($settings) : new Settings($settings, $of->fields()),
            new PageGrid($across, $down, Tally::Boxes, $pitch),
            new CalendarFacts(self::period($start, $end), $first),
            $palette ?? Palette::usual(),
        );
    }

    /**
     * @param array<string, mixed> $settings
     * @param list<IndexRow>       $index    only an index reads them
     *
     * @return list<PageDrawing> on 26 × 38 boxes
     */
    public static function drawn(string $kind, array $settings = [], array $index = []): array
    {
        return self::kind($kind)->form->layOut(self::of(self::kind($kind), $settings)->reading($index))->drawings();
    }

    /** @return list<PageDrawing> what is printed and cut out for a page that is asked */
    public static function cutOut(Form $form, Request $request): array
    {
        $cutOut = [];
        $asker = new Asker($request);
        foreach ($form->parts($request)->leaves as $placed) {
            if ($placed->leaf->filling instanceof HasCutOuts && $placed->leaf->filling->hasCutOut($asker->of($placed->leaf))) {
                array_push($cutOut, ...$placed->leaf->filling->cutOut($asker->of($placed->leaf), $placed->region));
            }
        }

        return $cutOut;
    }

    public static function period(string $start, string $end): Period
    {
        return new Period(Month::read($start) ?? throw new \LogicException(), Month::read($end) ?? throw new \LogicException());
    }

    /** A value that makes sense, by chance. */
    public static function value(Field $field): mixed
    {
        return match (true) {
            $field instanceof CountField => mt_rand($field->least, $field->most),
            $field instanceof CountsField => array_map(static fn (): int => mt_rand($field->least, $field->most), range(0, mt_rand(0, 5))),
            $field instanceof FlagField => 0 === mt_rand(0, 1),
            $field instanceof ChoiceField,
            $field instanceof BoxesField,
            $field instanceof HalvesField => $field->values()[mt_rand(0, \count($field->values()) - 1)],
            $field instanceof MonthField => (new Month(mt_rand(1990, 2060), mt_rand(1, 12)))->iso(),
            $field instanceof DayField => Day::of(new Month(mt_rand(1990, 2060), mt_rand(1, 12)), mt_rand(1, 28))->iso(),
            $field instanceof LinesField => array_map(static fn (int $i): string => "Line $i", range(1, mt_rand(1, 9))),
            $field instanceof ChecksField => ['Line 1' => [$field->describe()['checks'][0][0]]],
            default => 'Words',
        };
    }
}
