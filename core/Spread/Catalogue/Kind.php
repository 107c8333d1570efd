<?php

/*
 * A kind of spread, or a part of a month: one entry of the catalogue, data over a form. It reads as a sentence, and says
 * itself all that the rest of the program must know of it, so nothing else asks for a kind by its id.
 *
 *     Kind::spread('Notes', Section::Back, FilledPart::of(new Lines()))
 *         ->whichIs('A title and lines; takes what has no page of its own.')
 *         ->which(Fact::TurnsThePage, Fact::FillsEmptyPages, Fact::SharesAPage)
 */

declare(strict_types=1);

namespace AmpleMargin\Spread\Catalogue;

use AmpleMargin\Copies;
use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Filling\Rows;
use AmpleMargin\Spread\Filling\Table;
use AmpleMargin\Spread\Part\Form;
use AmpleMargin\Spread\Part\TitleStands;
use AmpleMargin\Spread\Setting\Field;
use AmpleMargin\Spread\Setting\Settings;

final class Kind
{
    use Copies;

    /** The setting of a page that a person divided: its pages lie open together. */
    public const FLAT = 'flat';

    /** The setting of a page that a person divided: the kind it was, whose facts stay true of it. */
    public const WAS = 'was';

    /** The setting of a spread that shares its page. */
    public const HALF = 'half';

    /** The setting for words of its own in the index; its title without. */
    public const IN_INDEX = 'in_index';

    /** The setting for the title of a part of a month; its kind's name without. */
    public const TITLED = 'titled';

    /** The setting of a table by months that names a column for the totals of another book. */
    public const BEFORE = Table::BEFORE;

    /** The setting of a numbered list that goes on from another book. */
    public const FIRST = Rows::FIRST;

    /**
     * @param string                $id       in the catalogue; "" for one that is not in it yet
     * @param Section|null          $section  null for the parts of a month
     * @param KindWords             $words    what it is for and found by
     * @param array<string, string> $facts    by the value of Fact; "" where it only is so
     * @param list<string>          $opposite kinds that stand well on the other page of its opening
     */
    private function __construct(
        public readonly string $id,
        public readonly string $name,
        public readonly ?Section $section,
        public readonly Form $form,
        public readonly KindSettings $settings,
        public readonly KindWords $words = new KindWords(),
        public readonly OfMonth $ofMonth = new OfMonth(),
        private readonly array $facts = [],
        public readonly array $opposite = [],
    ) {
    }

    /** A spread a person puts into a book, in the section it usually stands in. */
    public static function spread(string $name, Section $section, Form $form): self
    {
        $settings = new KindSettings($form->fields(...));

        return new self('', $name, $section, $form, $settings->withOwn(Field::text(self::IN_INDEX, 'In the index it is called')));
    }

    /** A part of a month's pattern. */
    public static function monthPart(string $name, Form $form): self
    {
        $settings = new KindSettings($form->fields(...));

        // Others are called by their month, or have none.
        $hasTitle = \in_array(TitleStands::SETTING, array_column($form->fields(), 'name'), true);

        return new self('', $name, null, $form, $hasTitle ? $settings->withOwn(Field::text(self::TITLED, 'Its title', $name)) : $settings);
    }

    public function under(string $id): self
    {
        return $this->but(['id' => $id]);
    }

    /** What it is for, in a line. */
    public function whichIs(string $purpose): self
    {
        return $this->but(['words' => $this->words->for($purpose)]);
    }

    /** Other words people have for it, to be found by. */
    public function alsoCalled(string ...$names): self
    {
        return $this->but(['words' => $this->words->called(array_values($names))]);
    }

    /** @param string $plural several of it, within a sentence */
    public function inPlural(string $plural): self
    {
        return $this->but(['words' => $this->words->several($plural)]);
    }

    /**
     * It keeps health, mood or money, which is said beside its pages and behind what it is for.
     *
     * @param string $of "medical ", or nothing
     */
    public function isARecord(string $of = ''): self
    {
        return $this->with(Fact::KeepsARecord, "A record, no {$of}advice.");
    }

    /** Only these settings of its form. @param string ...$names of fields */
    public function asking(string ...$names): self
    {
        return $this->but(['settings' => $this->settings->asking(array_values($names))]);
    }

    /** @param array<array-key, mixed> $settings where the person gives none */
    public function unlessSaid(array $settings): self
    {
        return $this->but(['settings' => $this->settings->unlessSaid($settings)]);
    }

    /**
     * Settings that had other names in older plans, which are still read.
     *
     * @param array<string, string|\Closure(mixed): array<string, mixed>> $names old → new, or what a value of it says now
     */
    public function formerly(array $names): self
    {
        return $this->but(['settings' => $this->settings->formerly($names)]);
    }

    /** What of the known dates is written into it. @param TakesDates|string $takes or the setting that says so, a choice */
    public function takes(TakesDates|string $takes): self
    {
        return $this->but(['settings' => $this->settings->taking($takes)]);
    }

    /** Its months have room for what is known of each, where a person asks for it. */
    public function mayTakeDates(): self
    {
        return $this->but(['settings' => $this->settings->withOwn(TakesDates::field(TakesDates::OF_MONTHS))->taking(TakesDates::SETTING)]);
    }

    /** How it is where it is a part of a month. */
    public function inAMonth(OfMonth $part): self
    {
        return $this->but(['ofMonth' => $part]);
    }

    /** Spreads that stand well on the other page of the same opening. @param string ...$kinds their ids */
    public function goesOpposite(string ...$kinds): self
    {
        return $this->but(['opposite' => array_values($kinds)]);
    }

    public function which(Fact ...$facts): self
    {
        $kind = $this;
        foreach ($facts as $fact) {
            $kind = $kind->with($fact, '');
        }

        return $kind;
    }

    /** A fact with a word: a setting, a screen, a sentence. */
    public function with(Fact $fact, string $word): self
    {
        $own = match ($fact) {
            Fact::LiesOnItsSide => Field::flag(Settings::TURNED, 'On the page turned sideways', false),
            Fact::SharesAPage => Field::flag(self::HALF, 'Half a page, shared', false),
            default => null,
        };

        return $this->but([
            'facts' => [...$this->facts, $fact->value => $word],
            'settings' => null === $own || $this->is($fact) ? $this->settings : $this->settings->withOwn($own),
        ]);
    }

    /** The page that a kind became when a person divided it otherwise: what it holds, it still holds. */
    public function whichWas(self $other): self
    {
        $still = array_intersect_key($other->facts, array_flip(array_column(Fact::OF_WHAT_IT_HOLDS, 'value')));

        return $this->but(['facts' => [...$still, ...$this->facts]]);
    }

    public function is(Fact $fact): bool
    {
        return isset($this->facts[$fact->value]);
    }

    /** The word of a fact; null where it is not so. */
    public function says(Fact $fact): ?string
    {
        return $this->facts[$fact->value] ?? null;
    }

    /** What it is for, in a line, and that it is no advice where it is a record. */
    public function purpose(): string
    {
        return trim("{$this->words->purpose} {$this->says(Fact::KeepsARecord)}");
    }

    /** Those of many months, within a sentence: "dividers", "notes". */
    public function plural(): string
    {
        return $this->words->plural ?? strtolower($this->name);
    }

    /** What is said of a private page where it is planned and where it is printed; null where it is none. */
    public function privacy(): ?string
    {
        return match (true) {
            $this->is(Fact::HoldsAnAddress) => 'Private: write only what a finder needs.',
            $this->is(Fact::KeepsARecord) => 'Private: think of who may see it, in the book and on a sheet left in the printer.',
            default => null,
        };
    }

    /**
     * Whether pages of it must lie open together: two or more must start on a left page.
     *
     * @param array<array-key, mixed> $settings of the spread
     */
    public function opensFlat(array $settings = []): bool
    {
        return $this->is(Fact::ReadAcross)
            || (null !== $this->section && !$this->is(Fact::TurnsThePage))
            || ($this->is(Fact::DividedByHand) && true === ($settings[self::FLAT] ?? null))
            || TitleStands::FOLD === ($settings[TitleStands::SETTING] ?? null)
            || self::asksFor(Table::ONCE, $settings);
    }

    /**
     * Whether a setting is on, of the page or of any of its parts.
     *
     * @param array<array-key, mixed> $settings
     */
    private static function asksFor(string $setting, array $settings): bool
    {
        $asks = false;
        array_walk_recursive($settings, static function (mixed $value, int|string $name) use ($setting, &$asks): void {
            $asks = $asks || ($setting === $name && true === $value);
        });

        return $asks;
    }

    /** Whether it can be a part of a month's pattern. */
    public function suitsMonth(): bool
    {
        return null === $this->section || (
            !$this->is(Fact::OnlyOfTheYear)
            && !$this->is(Fact::DividedByHand)
            && !$this->is(Fact::SharesAPage)
            && \in_array($this->section, [Section::Goals, Section::Trackers, Section::Back], true)
            && !$this->form->isByMonth()
        );
    }

    /** @return list<Field> a person is asked for, in this order */
    public function fields(): array
    {
        return $this->settings->fields();
    }

    /**
     * What its settings take, for whoever writes a plan file: JSON Schema (draft 2020-12). A setting it does not know is allowed.
     *
     * @return array<string, mixed>
     */
    public function schema(): array
    {
        return Field::schemas($this->settings->all());
    }

    /**
     * Names of the settings that matter while the others are what they are.
     *
     * @param array<array-key, mixed> $values what the person said
     *
     * @return list<string>
     */
    public function asked(array $values): array
    {
        return array_values(array_filter(array_column($this->fields(), 'name'), $this->settings($values)->isAsked(...)));
    }

    /** @param array<array-key, mixed> $values what the person said */
    public function settings(array $values): Settings
    {
        return $this->settings->of($values);
    }

    /**
     * What of the known dates is written into a spread of it; null for nothing.
     *
     * @param array<array-key, mixed> $settings of the spread
     */
    public function takesIn(array $settings): ?TakesDates
    {
        return $this->settings->takesIn($settings);
    }

    /** The setting whose lines are done one by one, such as goals; null where it has none. */
    public function undone(): ?string
    {
        return $this->settings->doneOneByOne($this->says(Fact::Themes));
    }

    /** The setting that says with which number its list begins; null where it has no numbered list. */
    public function counter(): ?string
    {
        return $this->settings->named(self::FIRST);
    }

    /** The setting that names a column for the totals of a book before; null where it keeps none. */
    public function totals(): ?string
    {
        return $this->settings->named(self::BEFORE);
    }
}
