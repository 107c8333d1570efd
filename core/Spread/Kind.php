<?php

/*
 * A kind of spread, or a part of a month: one entry of the catalogue, data over a form. It says itself all that the rest of
 * the program must know of it, so nothing else asks for a kind by its id. An entry reads as a sentence:
 *
 *     Kind::spread('notes', 'Notes', Section::Back, new RuledRows())
 *         ->whichIs('A title and lines; takes what has no page of its own.')
 *         ->mayTurnThePage()->fillsEmptyPages()->mayShareAPage()
 */

declare(strict_types=1);

namespace AmpleMargin\Spread;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\Settings;

final class Kind
{
    use ReadsSettings;

    /** How much the part of a month is regretted beside its pages, where its kind says nothing else (from memory). */
    private const MISSED = 4;

    /** The setting of a spread that shares its page. */
    public const HALF = 'half';

    /** The setting of a table by months that names a column for the totals of another book. */
    public const BEFORE = 'before';

    /** The setting of a numbered list that goes on from another book. */
    public const FIRST = 'first';

    /**
     * @param Section|null            $section   null for the parts of a month
     * @param string                  $purpose   a line for the catalogue
     * @param array<array-key, mixed> $defaults  settings where the person gives none
     * @param list<string>|null       $asks      settings of its form it asks for; null for all of them
     * @param bool                    $opensFlat two pages or more must start on a left page
     * @param bool                    $filler    may be offered for an empty page
     * @param bool                    $needsGrid cannot stand on an undotted page
     * @param bool                    $halves    may take half a page and share it
     * @param int                     $pages     a month part begins with
     * @param bool                    $yields    gives up pages of its month where one is lost
     * @param bool                    $byWeeks   sized by the weeks of its month
     * @param int|null                $regret    of a month part dropped, whatever its pages; null for more with every page
     * @param string|null             $designer  the screen it is designed on
     * @param list<string>            $names     other words people have for it
     * @param bool                    $ofTheYear no part of a month
     * @param bool                    $turns     its page may be turned sideways
     * @param string|null             $goals     the setting that lists goals
     * @param string|null             $challenges the one that lists the months' challenges
     * @param list<string>            $opposite  kinds that stand well on the other page of its opening
     * @param string|null             $plural    several of it, where that is not its name
     * @param string|null $themes    the setting that lists the themes of the months
     * @param string|null $theme     the one that takes the theme of its month
     * @param string|null $record    what is said beside it where it keeps health, mood or money
     * @param TakesDates|string|null $takes what of the known dates is written into it, or the setting that says so
     * @param bool $address whether it holds an address
     * @param bool $forPens whether pens are tried on it
     * @param array<string, string> $formerly setting of an older plan → what it is called now
     */
    private function __construct(
        public readonly string $id,
        public readonly string $name,
        public readonly ?Section $section,
        public readonly Form $form,
        public readonly string $purpose = '',
        public readonly array $defaults = [],
        private readonly ?array $asks = null,
        public readonly bool $opensFlat = true,
        public readonly bool $filler = false,
        public readonly bool $needsGrid = true,
        public readonly bool $halves = false,
        public readonly int $pages = 1,
        public readonly bool $yields = false,
        public readonly bool $byWeeks = false,
        private readonly ?int $regret = null,
        public readonly ?string $designer = null,
        private readonly ?string $plural = null,
        public readonly array $names = [],
        public readonly bool $byHand = false,
        private readonly bool $ofTheYear = false,
        public readonly array $opposite = [],
        public readonly ?string $goals = null,
        public readonly ?string $challenges = null,
        private readonly bool $turns = false,
        private readonly array $formerly = [],
        public readonly ?string $record = null,
        public readonly ?string $themes = null,
        public readonly ?string $theme = null,
        public readonly TakesDates|string|null $takes = null,
        private readonly bool $address = false,
        public readonly bool $forPens = false,
    ) {
    }

    /** A spread a person puts into a book, in the section it usually stands in. */
    public static function spread(string $id, string $name, Section $section, Form $form): self
    {
        return new self($id, $name, $section, $form);
    }

    /** A part of a month's pattern. */
    public static function monthPart(string $id, string $name, Form $form): self
    {
        return new self($id, $name, null, $form, opensFlat: false);
    }

    /** What it is for, in a line. */
    public function whichIs(string $purpose): self
    {
        return $this->with(['purpose' => $purpose]);
    }

    /**
     * It keeps health, mood or money, which is said beside its pages and behind what it is for.
     *
     * @param string $of "medical ", or nothing
     */
    public function isARecord(string $of = ''): self
    {
        $record = "A record, no {$of}advice.";

        return $this->with(['record' => $record, 'purpose' => "$this->purpose $record"]);
    }

    /** It says where somebody lives. */
    public function holdsAnAddress(): self
    {
        return $this->with(['address' => true]);
    }

    /** Pens are tried on it: what is seen there is kept for the book. */
    public function triesPens(): self
    {
        return $this->with(['forPens' => true]);
    }

    /** What is said of a private page where it is planned and where it is printed; null where it is none. */
    public function privacy(): ?string
    {
        return match (true) {
            $this->address => 'Private: write only what a finder needs.',
            null !== $this->record => 'Private: think of who may see it, in the book and on a sheet left in the printer.',
            default => null,
        };
    }

    /** Whether it can be a part of a month's pattern. */
    public function suitsMonth(): bool
    {
        return null === $this->section || (
            !$this->ofTheYear
            && !$this->byHand
            && !$this->halves
            && \in_array($this->section, [Section::Goals, Section::Trackers, Section::Back], true)
            && $this->form instanceof HasParts
            && !$this->form->isByMonth()
        );
    }

    /** Made once a book, and no part of a month. */
    public function onlyOfTheYear(): self
    {
        return $this->with(['ofTheYear' => true]);
    }

    /** Only these settings of its form. @param string ...$names of fields */
    public function asking(string ...$names): self
    {
        return $this->with(['asks' => array_values($names)]);
    }

    /** @param array<array-key, mixed> $settings where the person gives none */
    public function unlessSaid(array $settings): self
    {
        return $this->with(['defaults' => $settings + $this->defaults]);
    }

    /**
     * Settings that had other names in older plans, which are still read.
     *
     * @param array<string, string> $names old → new
     */
    public function formerly(array $names): self
    {
        return $this->with(['formerly' => $names]);
    }

    /** Its pages may stand anywhere: they need not open flat. */
    public function mayTurnThePage(): self
    {
        return $this->with(['opensFlat' => false]);
    }

    /** Its pages are read across the fold: they must open flat. */
    public function isReadAcross(): self
    {
        return $this->with(['opensFlat' => true]);
    }

    /** A month part that is an opening when it has two pages, as it usually has. */
    public function isAnOpening(): self
    {
        return $this->with(['opensFlat' => true, 'pages' => 2]);
    }

    /** Offered where a page stays empty. */
    public function fillsEmptyPages(): self
    {
        return $this->with(['filler' => true]);
    }

    /** Needs no counting, so it may stand on an undotted page. */
    public function needsNoGrid(): self
    {
        return $this->with(['needsGrid' => false]);
    }

    /** Its page may be turned, for more room across. */
    public function mayLieOnItsSide(): self
    {
        return $this->with(['turns' => true]);
    }

    public function mayShareAPage(): self
    {
        return $this->with(['halves' => true]);
    }

    /** A month part that has as many pages as its month's weeks need. */
    public function followsTheWeeks(): self
    {
        return $this->with(['byWeeks' => true]);
    }

    /** A month part whose pages hang together loosely, and give way where one is lost. */
    public function givesWay(): self
    {
        return $this->with(['yields' => true]);
    }

    /** @param string $plural several of it, within a sentence */
    public function inPlural(string $plural): self
    {
        return $this->with(['plural' => $plural]);
    }

    /** Those of many months, within a sentence: "dividers", "notes". */
    public function plural(): string
    {
        return $this->plural ?? strtolower($this->name);
    }

    /** @param int $regret of a month part dropped, however many pages it has (from memory) */
    public function littleMissed(int $regret): self
    {
        return $this->with(['regret' => $regret]);
    }

    /** Other words people have for it, to be found by. */
    public function alsoCalled(string ...$names): self
    {
        return $this->with(['names' => array_values($names)]);
    }

    /** One of its settings is a list of goals, which the months' challenges serve. @param string $setting a field of lines */
    public function holdsGoals(string $setting): self
    {
        return $this->with(['goals' => $setting]);
    }

    /** One of its settings is a list of challenges, a line a month. @param string $setting a field of lines */
    public function servesGoals(string $setting): self
    {
        return $this->with(['challenges' => $setting]);
    }

    /** One of its settings lists the months' themes, each under a line that ends with a colon. @param string $setting a field of lines */
    public function holdsThemes(string $setting): self
    {
        return $this->with(['themes' => $setting]);
    }

    /** What of the known dates is written into it. @param TakesDates|string $takes or the setting that says so, a choice */
    public function takes(TakesDates|string $takes): self
    {
        return $this->with(['takes' => $takes]);
    }

    /** A month part that shows the theme of its month. @param string $setting a field of text, where nobody says another */
    public function showsTheme(string $setting): self
    {
        return $this->with(['theme' => $setting]);
    }

    /** Spreads that stand well on the other page of the same opening. @param string ...$kinds their ids */
    public function goesOpposite(string ...$kinds): self
    {
        return $this->with(['opposite' => array_values($kinds)]);
    }

    /** The page others become when a person divides them otherwise. */
    public function dividedByHand(): self
    {
        return $this->with(['byHand' => true]);
    }

    /** @param string $screen of the interface */
    public function designedOn(string $screen): self
    {
        return $this->with(['designer' => $screen]);
    }

    /** How much so many pages of it are missed when a month part is dropped. */
    public function regretOf(int $pages): int
    {
        return $this->regret ?? self::MISSED + $pages;
    }

    /** @param array<string, mixed> $changes named as the constructor's parameters */
    private function with(array $changes): self
    {
        /** @var array{id: string, name: string, section: Section|null, form: Form, purpose: string, defaults: array<array-key, mixed>, asks: list<string>|null, opensFlat: bool, filler: bool, needsGrid: bool, halves: bool, pages: int, yields: bool, byWeeks: bool, regret: int|null, designer: string|null, plural: string|null, names: list<string>, byHand: bool, ofTheYear: bool, opposite: list<string>, goals: string|null, challenges: string|null, turns: bool, formerly: array<string, string>, record: string|null, themes: string|null, theme: string|null, takes: TakesDates|string|null, address: bool, forPens: bool} $all */
        $all = array_replace(array_diff_key(get_object_vars($this), ['all' => true]), $changes);

        return new self(...$all);
    }
}
