<?php

/*
 * The recipe for a kind of the catalogue: it reads as a sentence, each word of which is said of the same one, and is made
 * into a kind once somebody asks for that.
 *
 *     Recipe::spread('Notes', Section::Back, Leaf::of(new Lines()))
 *         ->whichIs('A title and lines; takes what has no page of its own.')
 *         ->mayTurnThePage()->fillsEmptyPages()->mayShareAPage()
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Part\Form;

/** @internal to Spread */
final class Recipe
{
    /**
     * @param array{name: string, section: Section|null, form: Form, purpose?: string, defaults?: array<array-key, mixed>,
     *     asks?: list<string>, opensFlat?: bool, filler?: bool, needsGrid?: bool, halves?: bool, pages?: int, yields?: bool,
     *     byWeeks?: bool, regret?: int, designer?: string, plural?: string, names?: list<string>, byHand?: bool, ofTheYear?: bool,
     *     opposite?: list<string>, goals?: string, challenges?: string, turns?: bool,
     *     formerly?: array<string, string|\Closure(mixed): array<string, mixed>>, record?: string, themes?: string,
     *     theme?: string, takes?: TakesDates|string, address?: bool, forPens?: bool} $said named as the parameters of a
     *     kind
     */
    private function __construct(private array $said)
    {
    }

    public function kind(string $id): Kind
    {
        return new Kind($id, ...$this->said);
    }

    /** A spread a person puts into a book, in the section it usually stands in. */
    public static function spread(string $name, Section $section, Form $form): self
    {
        return new self(['name' => $name, 'section' => $section, 'form' => $form]);
    }

    /** A part of a month's pattern. */
    public static function monthPart(string $name, Form $form): self
    {
        return new self(['name' => $name, 'section' => null, 'form' => $form, 'opensFlat' => false]);
    }

    /** What it is for, in a line. */
    public function whichIs(string $purpose): self
    {
        $this->said['purpose'] = $purpose;

        return $this;
    }

    /**
     * It keeps health, mood or money, which is said beside its pages and behind what it is for.
     *
     * @param string $of "medical ", or nothing
     */
    public function isARecord(string $of = ''): self
    {
        $record = "A record, no {$of}advice.";

        $this->said['record'] = $record;
        $this->said['purpose'] = ($this->said['purpose'] ?? '')." $record";

        return $this;
    }

    /** It says where somebody lives. */
    public function holdsAnAddress(): self
    {
        $this->said['address'] = true;

        return $this;
    }

    /** Pens are tried on it: what is seen there is kept for the book. */
    public function triesPens(): self
    {
        $this->said['forPens'] = true;

        return $this;
    }

    /** Made once a book, and no part of a month. */
    public function onlyOfTheYear(): self
    {
        $this->said['ofTheYear'] = true;

        return $this;
    }

    /** Only these settings of its form. @param string ...$names of fields */
    public function asking(string ...$names): self
    {
        $this->said['asks'] = array_values($names);

        return $this;
    }

    /** @param array<array-key, mixed> $settings where the person gives none */
    public function unlessSaid(array $settings): self
    {
        $this->said['defaults'] = $settings + ($this->said['defaults'] ?? []);

        return $this;
    }

    /**
     * Settings that had other names in older plans, which are still read.
     *
     * @param array<string, string|\Closure(mixed): array<string, mixed>> $names old → new, or what a value of it says now
     */
    public function formerly(array $names): self
    {
        $this->said['formerly'] = $names;

        return $this;
    }

    /** Its pages may stand anywhere: they need not open flat. */
    public function mayTurnThePage(): self
    {
        $this->said['opensFlat'] = false;

        return $this;
    }

    /** Its pages are read across the fold: they must open flat. */
    public function isReadAcross(): self
    {
        $this->said['opensFlat'] = true;

        return $this;
    }

    /** A month part that is an opening when it has two pages, as it usually has. */
    public function isAnOpening(): self
    {
        $this->said['opensFlat'] = true;
        $this->said['pages'] = 2;

        return $this;
    }

    /** Offered where a page stays empty. */
    public function fillsEmptyPages(): self
    {
        $this->said['filler'] = true;

        return $this;
    }

    /** Needs no counting, so it may stand on an undotted page. */
    public function needsNoGrid(): self
    {
        $this->said['needsGrid'] = false;

        return $this;
    }

    /** Its page may be turned, for more room across. */
    public function mayLieOnItsSide(): self
    {
        $this->said['turns'] = true;

        return $this;
    }

    public function mayShareAPage(): self
    {
        $this->said['halves'] = true;

        return $this;
    }

    /** A month part that has as many pages as its month's weeks need. */
    public function followsTheWeeks(): self
    {
        $this->said['byWeeks'] = true;

        return $this;
    }

    /** A month part whose pages hang together loosely, and give way where one is lost. */
    public function givesWay(): self
    {
        $this->said['yields'] = true;

        return $this;
    }

    /** @param string $plural several of it, within a sentence */
    public function inPlural(string $plural): self
    {
        $this->said['plural'] = $plural;

        return $this;
    }

    /** @param int $regret of a month part dropped, however many pages it has (from memory) */
    public function littleMissed(int $regret): self
    {
        $this->said['regret'] = $regret;

        return $this;
    }

    /** Other words people have for it, to be found by. */
    public function alsoCalled(string ...$names): self
    {
        $this->said['names'] = array_values($names);

        return $this;
    }

    /** One of its settings is a list of goals, which the months' challenges serve. @param string $setting a field of lines */
    public function holdsGoals(string $setting): self
    {
        $this->said['goals'] = $setting;

        return $this;
    }

    /** One of its settings is a list of challenges, a line a month. @param string $setting a field of lines */
    public function servesGoals(string $setting): self
    {
        $this->said['challenges'] = $setting;

        return $this;
    }

    /** One of its settings lists the months' themes, each under a line that ends with a colon. @param string $setting a field of lines */
    public function holdsThemes(string $setting): self
    {
        $this->said['themes'] = $setting;

        return $this;
    }

    /** What of the known dates is written into it. @param TakesDates|string $takes or the setting that says so, a choice */
    public function takes(TakesDates|string $takes): self
    {
        $this->said['takes'] = $takes;

        return $this;
    }

    /** A month part that shows the theme of its month. @param string $setting a field of text, where nobody says another */
    public function showsTheme(string $setting): self
    {
        $this->said['theme'] = $setting;

        return $this;
    }

    /** Spreads that stand well on the other page of the same opening. @param string ...$kinds their ids */
    public function goesOpposite(string ...$kinds): self
    {
        $this->said['opposite'] = array_values($kinds);

        return $this;
    }

    /** The page others become when a person divides them otherwise. */
    public function dividedByHand(): self
    {
        $this->said['byHand'] = true;

        return $this;
    }

    /** @param string $screen of the interface */
    public function designedOn(string $screen): self
    {
        $this->said['designer'] = $screen;

        return $this;
    }
}
