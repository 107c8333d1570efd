<?php

/*
 * A kind of spread, or a part of a month: one entry of the catalogue, data over a form. It says itself all that the rest of
 * the program must know of it, so nothing else asks for a kind by its id. How it is written down is said in Kinds/Entry.
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Filling\Rows;
use AmpleMargin\Spread\Filling\Table;
use AmpleMargin\Spread\Part\Form;
use AmpleMargin\Spread\Setting\Settings;

final class Kind
{
    use ReadsSettings;

    /** How much the part of a month is regretted beside its pages, where its kind says nothing else (from memory). */
    private const MISSED = 4;

    /** The setting of a page that a person divided: its pages lie open together. */
    public const FLAT = 'flat';

    /** The setting of a spread that shares its page. */
    public const HALF = 'half';

    /** The setting of a table by months that names a column for the totals of another book. */
    public const BEFORE = Table::BEFORE;

    /** The setting of a numbered list that goes on from another book. */
    public const FIRST = Rows::FIRST;

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
     * @param array<string, string|\Closure(mixed): array<string, mixed>> $formerly setting of an older plan → its name now, or what it says
     */
    public function __construct(
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

    /** What is said of a private page where it is planned and where it is printed; null where it is none. */
    public function privacy(): ?string
    {
        return match (true) {
            $this->address => 'Private: write only what a finder needs.',
            null !== $this->record => 'Private: think of who may see it, in the book and on a sheet left in the printer.',
            default => null,
        };
    }

    /**
     * Whether pages of it must lie open together.
     *
     * @param array<array-key, mixed> $settings of the spread
     */
    public function opensFlatAs(array $settings): bool
    {
        return $this->opensFlat || ($this->byHand && true === ($settings[self::FLAT] ?? null));
    }

    /** Whether it can be a part of a month's pattern. */
    public function suitsMonth(): bool
    {
        return null === $this->section || (
            !$this->ofTheYear
            && !$this->byHand
            && !$this->halves
            && \in_array($this->section, [Section::Goals, Section::Trackers, Section::Back], true)
            && !$this->form->isByMonth()
        );
    }

    /** Those of many months, within a sentence: "dividers", "notes". */
    public function plural(): string
    {
        return $this->plural ?? strtolower($this->name);
    }

    /** How much so many pages of it are missed when a month part is dropped. */
    public function regretOf(int $pages): int
    {
        return $this->regret ?? self::MISSED + $pages;
    }
}
