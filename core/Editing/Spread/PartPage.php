<?php

/*
 * One page is parted otherwise: a part divided, joined, filled with something else, a line moved. A kind of the catalogue that
 * is made of parts becomes a page of the person's own with that, and keeps its title.
 */

declare(strict_types=1);

namespace AmpleMargin\Editing\Spread;

use AmpleMargin\Editing\Edit;
use AmpleMargin\Editing\Edited;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Fact;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Catalogue\TakesDates;
use AmpleMargin\Spread\Filling\PartingFile;
use AmpleMargin\Spread\Page\PageGrid;
use AmpleMargin\Spread\Page\Request;
use AmpleMargin\Spread\Part\Asker;
use AmpleMargin\Spread\Part\NoRoom;
use AmpleMargin\Spread\Part\PartRefused;
use AmpleMargin\Spread\Part\PartsOfPage;
use AmpleMargin\Spread\Part\Portion;
use AmpleMargin\Spread\Setting\Settings;

final class PartPage implements Edit
{
    public function __construct(private readonly string $spread, private readonly PartChange $change)
    {
    }

    public static function type(): string
    {
        return 'part-page';
    }

    public static function read(Values $values): self
    {
        return new self($values->text('spread', '', 40), PartChange::read($values));
    }

    public function on(Plan $plan, Catalogue $catalogue): Edited
    {
        $spread = InPlan::spread($plan, $this->spread);
        $kind = $catalogue->kind($spread->kind);
        $book = $plan->inBook($spread->book);
        if (null === $kind || null === $book) {
            throw PlanProblem::at('edit/spread', 'This spread is not made of parts that can be divided otherwise.');
        }
        $request = $catalogue->request($spread, $book, PageGrid::of($book->stock, $book->counting));
        try {
            $piece = $kind->form->parting($request);
            $now = self::standing($piece, $request);
            $changed = $this->change->on($kind->is(Fact::DividedByHand) ? $piece : $piece->settled(new Asker($request)), $now);
            $this->mustStand($changed, $request, null !== $now);
        } catch (PartRefused|NoRoom $refused) {
            throw PlanProblem::at('edit/at', $refused->getMessage());
        }
        $own = $catalogue->byHand();
        $parted = $spread->with([
            'kind' => $own->id,
            'title' => $own->id === $spread->kind ? $spread->title : $catalogue->title($spread),
            'settings' => ['parts' => PartingFile::written($changed)]
                + ($own->id === $spread->kind ? $spread->settings : self::kept($kind, $spread)),
        ]);

        return new Edited($plan->with(['spreads' => array_map(
            static fn (PlannedSpread $one): PlannedSpread => $one->id === $spread->id ? $parted : $one,
            $plan->spreads,
        )]), InPlan::name($parted, $catalogue).': '.$this->change->said());
    }

    /**
     * What is still true of a page that is parted otherwise: what it was, how it lies, whether it shares its page, whether its pages
     * lie open together, which dates it takes.
     *
     * @return array<string, mixed>
     */
    private static function kept(Kind $kind, PlannedSpread $spread): array
    {
        $takes = $kind->takesIn($spread->settings);

        return [Kind::WAS => $kind->id]
            + array_intersect_key($spread->settings, [Settings::TURNED => true, Kind::HALF => true, Kind::IN_INDEX => true])
            + ($kind->opensFlat($spread->settings) ? [Kind::FLAT => true] : [])
            + (null === $takes ? [] : [TakesDates::SETTING => $takes->value]);
    }

    /** Where its parts stand now; null where there are more than boxes, on other paper perhaps. */
    private static function standing(Portion $piece, Request $request): ?PartsOfPage
    {
        try {
            return PartsOfPage::of($piece, new Asker($request));
        } catch (NoRoom) {
            return null;
        }
    }

    /**
     * What stood before stands afterwards; what did not may be mended step by step.
     *
     * @throws NoRoom
     */
    private function mustStand(Portion $changed, Request $request, bool $stood): void
    {
        if ($stood) {
            PartsOfPage::of($changed, new Asker($request));
        }
    }
}
