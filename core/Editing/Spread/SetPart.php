<?php

/*
 * One part of a spread's pages is set otherwise, for this spread alone. What the whole page is asked for is said of the page; of a page that
 * a person divided it stands with its parts.
 */

declare(strict_types=1);

namespace AmpleMargin\Editing\Spread;

use AmpleMargin\Counting\Listed;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Editing\Offered;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Fact;
use AmpleMargin\Spread\Page\PageGrid;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Asker;
use AmpleMargin\Spread\Part\FilledPart;
use AmpleMargin\Spread\Part\NoRoom;
use AmpleMargin\Spread\Part\OfParts;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Part\PartsOfPage;
use AmpleMargin\Spread\Part\Portion;
use AmpleMargin\Spread\Setting\Settings;

final class SetPart implements Offered
{
    /**
     * @param string                  $part     as OfParts names it
     * @param array<array-key, mixed> $settings null puts one back to what the kind has
     */
    public function __construct(private readonly string $spread, private readonly string $part, private readonly array $settings)
    {
    }

    public static function type(): string
    {
        return 'set-part';
    }

    public static function read(Values $values): self
    {
        return new self($values->text('spread', '', 40), $values->text('part', '', 60), $values->kept('settings'));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $spread = InPlan::spread($plan, $this->spread);
        $kind = $catalogue->kind($spread->kind);
        $book = $plan->inBook($spread->book);
        if (null === $kind || null === $book) {
            throw PlanProblem::at('edit/spread', 'This spread is not made of parts that can be set.');
        }
        $request = $catalogue->request($spread, $book, PageGrid::of($book->stock, $book->counting));
        try {
            $piece = $kind->form->parting($request);
        } catch (PartRefused $refused) {
            throw PlanProblem::at('edit/part', $refused->getMessage());
        }
        $leaf = $this->leaf($piece);
        $this->mustMakeSense($leaf);
        if ($kind->is(Fact::DividedByHand)) {
            return $this->byHand(self::path($piece, $leaf, $request), $plan, $catalogue);
        }
        $changed = $spread->with(['settings' => $this->merged($spread->settings, $leaf)]);

        return new Edited($plan->with(['spreads' => array_map(
            static fn (PlannedSpread $one): PlannedSpread => $one->id === $spread->id ? $changed : $one,
            $plan->spreads,
        )]), InPlan::name($changed, $catalogue).": the $this->part set otherwise");
    }

    /** A part that stands in the plan keeps its own name and settings. */
    private function byHand(string $at, Plan $plan, Catalogue $catalogue): Edited
    {
        $do = fn (Plan $plan, array $what): Edited => (new PartPage(
            $this->spread,
            PartChange::read(Values::of($what + ['at' => $at], 'edit')),
        ))->on($plan, $catalogue);
        $settings = array_diff_key($this->settings, [OfParts::NAME => true]);
        $edited = [] === $settings && \array_key_exists(OfParts::NAME, $this->settings)
            ? null
            : $do($plan, ['do' => 'set', 'settings' => $settings]);

        return \array_key_exists(OfParts::NAME, $this->settings)
            ? $do($edited->plan ?? $plan, ['do' => 'name', 'name' => $this->settings[OfParts::NAME]])
            : $edited ?? throw new \LogicException('Something is said.');
    }

    public function written(): array
    {
        return ['type' => self::type(), 'spread' => $this->spread, 'part' => $this->part, 'settings' => $this->settings];
    }

    /** @throws PlanProblem where there is no such part */
    private function leaf(Portion $piece): FilledPart
    {
        $parts = OfParts::of($piece);

        return $parts[$this->part] ?? throw PlanProblem::at(
            'edit/part',
            'This page has no part of that name. It has: '.Listed::all(array_map(strval(...), array_keys($parts))).'.',
        );
    }

    /** @throws PlanProblem where a setting is none of this part, or its value makes no sense */
    private function mustMakeSense(FilledPart $leaf): void
    {
        $name = $this->settings[OfParts::NAME] ?? null;
        if (null !== $name && !OfParts::isName($name)) {
            throw PlanProblem::at('edit/settings/'.OfParts::NAME, 'The name of a part is words, 200 letters at most.');
        }
        $unknown = array_keys(array_diff_key($this->settings, $leaf->known(), [OfParts::NAME => true]));
        if ([] !== $unknown) {
            $first = mb_strimwidth((string) $unknown[0], 0, 40, '…');
            throw PlanProblem::at('edit/settings', "“{$first}” is no setting of the $this->part.");
        }
        foreach ((new Settings($this->settings, $leaf->known()))->wrong() as $name => $says) {
            throw PlanProblem::at("edit/settings/$name", $says);
        }
    }

    /** @throws PlanProblem where its parts have no room */
    private static function path(Portion $piece, FilledPart $leaf, Request $request): string
    {
        try {
            foreach (PartsOfPage::of($piece, new Asker($request))->leaves as $placed) {
                if ($placed->leaf === $leaf) {
                    return $placed->path;
                }
            }
        } catch (NoRoom $none) {
            throw PlanProblem::at('edit/part', $none->getMessage());
        }

        throw new \LogicException('Every part stands somewhere.');
    }

    /**
     * @param array<array-key, mixed> $settings of the spread
     *
     * @return array<array-key, mixed>
     */
    private function merged(array $settings, FilledPart $leaf): array
    {
        $asked = array_flip($leaf->open);
        $ofParts = OfParts::settings($settings[Settings::OF_PARTS] ?? null);
        $own = OfParts::settings($ofParts[$this->part] ?? null);
        foreach ($this->settings as $name => $value) {
            if (isset($asked[$name])) {
                $settings[$asked[$name]] = $value;
            } else {
                $own[$name] = $value;
            }
        }
        $said = static fn (mixed $value): bool => null !== $value && [] !== $value;
        $ofParts[$this->part] = array_filter($own, static fn (mixed $value): bool => null !== $value);
        $settings[Settings::OF_PARTS] = array_filter($ofParts, $said);
        if ([] === $settings[Settings::OF_PARTS]) {
            unset($settings[Settings::OF_PARTS]);
        }

        return array_filter($settings, static fn (mixed $value): bool => null !== $value);
    }
}
