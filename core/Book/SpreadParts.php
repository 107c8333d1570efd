<?php

/* How the pages of a spread are divided, where its parts stand, and what could be made of one. */

declare(strict_types=1);

namespace AmpleMargin\Book;

use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Filling\PartChoices;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Form;
use AmpleMargin\Spread\Part\NoRoom;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Part\PartsOfPage;
use AmpleMargin\Spread\Part\Portion;
use AmpleMargin\Spread\Word\SaidWords;
use AmpleMargin\Spread\Word\WordOnPage;
use AmpleMargin\Spread\Word\WordsOnPages;

final class SpreadParts
{
    /** @param Form|null $form null where nobody knows the kind */
    public function __construct(private readonly ?Form $form, private readonly Request $asked)
    {
    }

    /**
     * Where they stand; null where nobody knows the kind.
     *
     * @throws PartRefused where the plan's parting is none
     * @throws NoRoom      where it has more parts than boxes
     */
    public function placed(): ?PartsOfPage
    {
        return $this->form?->parts($this->asked);
    }

    /** The same; null too where it cannot be parted as the plan says. */
    public function drawn(): ?PartsOfPage
    {
        try {
            return $this->placed();
        } catch (PartRefused|NoRoom) {
            return null;
        }
    }

    /** The parts without their places; null where there are none, or where the plan's parting is none. */
    public function parting(): ?Portion
    {
        try {
            return $this->form?->parting($this->asked);
        } catch (PartRefused) {
            return null;
        }
    }

    /**
     * Every word on its pages, and where it is kept; none where its parts cannot be told.
     *
     * @param array<array-key, mixed> $settings of the spread
     *
     * @return list<WordOnPage>
     */
    public function words(Kind $kind, array $settings): array
    {
        $piece = $this->parting();
        $asked = $this->asked;

        return null === $piece ? [] : WordsOnPages::of(
            $kind->form,
            SaidWords::of($kind, $asked->title, $settings, $piece),
            static fn (string $title, array $settings): Request => $asked
                ->asking($kind->settings($settings))
                // What has a title among its settings is called by that.
                ->for($asked->calendar, \is_string($settings[Kind::TITLED] ?? null) ? $settings[Kind::TITLED] : $title),
            $settings,
        );
    }

    /**
     * What is said of them besides the title: names, heads, lists, prompts; none where its parts cannot be told.
     *
     * @param array<array-key, mixed> $settings of the spread
     *
     * @return list<string>
     */
    public function said(Kind $kind, array $settings): array
    {
        $piece = $this->parting();
        $words = [];
        foreach (null === $piece ? [] : SaidWords::of($kind, '', $settings, $piece)->each() as $said => $_) {
            $words[] = trim((string) $said);
        }

        return array_values(array_unique(array_filter($words, static fn (string $one): bool => '' !== $one)));
    }

    /**
     * What could be made of one of them.
     *
     * @throws PartRefused where there is no such part
     * @throws NoRoom      as above
     */
    public function choices(string $part): ?PartChoices
    {
        $parts = $this->placed();

        return null === $parts ? null : PartChoices::at($parts, $part, $this->asked);
    }
}
