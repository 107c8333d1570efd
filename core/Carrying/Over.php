<?php

/*
 * The old book carried over into a plan: what is kept goes on with its settings, what is dropped stays behind, what is
 * unfinished goes on in its list or in one of its own, numbers go on where they ended. Carried a second time it changes only
 * what was judged anew.
 */

declare(strict_types=1);

namespace AmpleMargin\Carrying;

use AmpleMargin\Calendar\Names;
use AmpleMargin\Plan\Dress;
use AmpleMargin\Plan\Making\SlipKind;
use AmpleMargin\Plan\Medium;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\OwnKind;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\Side;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class Over
{
    /** The kind that lists what has no list to go on in. */
    public const LEFT_OPEN = 'left-open';

    /** Slips in counting from which a hand should be helped. From memory. */
    public const OFTEN = 3;

    private Plan $plan;

    private OldBook $old;

    private readonly Settled $settled;

    private function __construct(Plan $plan, OldBook $old, private readonly Catalogue $catalogue)
    {
        $this->plan = $plan;
        $this->old = $old;
        $this->settled = new Settled($old, $plan->period, $catalogue, new Names($plan->language));
    }

    /** The same plan where it has no old book. */
    public static function into(Plan $plan, Catalogue $catalogue): Plan
    {
        $old = $plan->old;
        if (null === $old) {
            return $plan;
        }
        $plan = self::havingKinds($plan, $old);

        return (new self($plan, $old, $catalogue->having($plan)))->carried();
    }

    private function carried(): Plan
    {
        foreach ($this->old->spreads as $old) {
            if ($old->goesOn()) {
                $this->goOn($old);
            } elseif (null !== $old->verdict) {
                $this->leave($old);
            }
        }
        $this->takeWhatWasMissing();
        $this->listWhatIsLeft();
        if (!$this->old->carried) {
            $this->order();
        }
        $this->remember();
        $dates = CarriedDates::onto($this->plan->dates, $this->old->dates, $this->plan->period);

        return $this->plan->with([
            'dates' => $dates[0],
            'old' => $this->old->with(['dates' => $dates[1], 'carried' => true]),
        ]);
    }

    /**
     * The hand and its pens come along with the first carrying; and where counts went wrong often, every fifth dot is marked from now
     * on, unless the new book says otherwise.
     */
    private function remember(): void
    {
        if ($this->old->carried) {
            return;
        }
        $making = $this->plan->making->after($this->old->made, $this->old->stock, $this->plan->stock);
        $dress = $this->plan->dress;
        if ($this->old->made->slipsOf(SlipKind::counting()) >= self::OFTEN && null === $dress->all->fives) {
            $dress = $dress->with($dress->all->under(new Dress(fives: true)), null, null);
        }
        $this->plan = $this->plan->with(['making' => $making, 'dress' => $dress]);
    }

    /** Kinds of the person's own that its spreads are of and this plan has not, as far as there is room for them. */
    private static function havingKinds(Plan $plan, OldBook $old): Plan
    {
        $kinds = array_column($plan->kinds, null, 'id');
        foreach ($old->spreads as $one) {
            $kind = array_column($old->kinds, null, 'id')[$one->spread->kind] ?? null;
            if ($one->goesOn() && null !== $kind && \count($kinds) < OwnKind::MOST) {
                $kinds += [$kind->id => $kind];
            }
        }

        return $plan->with(['kinds' => array_values($kinds)]);
    }

    private function goOn(OldSpread $old): void
    {
        $now = null === $old->became ? null : $this->plan->spread($old->became);
        if (null !== $now) {
            $worth = $this->old->carried || null === $old->looked ? $now->worth : $old->looked->worth();
            $this->put($now->with(['settings' => $this->settled->again($old, $now), 'worth' => $worth]));

            return;
        }
        if ($this->old->carried && null !== $old->became) {
            // Taken out of the new book since: that was meant.
            return;
        }
        $claimed = $this->alike($old);
        if (null === $claimed && \count($this->plan->spreads) >= Plan::MOST_SPREADS) {
            return;
        }
        $kind = $this->settled->kindOf($old);
        $said = $claimed ?? new PlannedSpread($this->freeId($old->spread->id), $kind, $old->spread->section);
        $said = $said->with(['settings' => $said->settings + $this->settled->of($old)]);
        $new = $said->with([
            // What was said of it in the new plan already goes over what was said in the old one.
            'title' => $said->title ?? $old->spread->title,
            'settings' => $this->settled->again($old, $said),
            'side' => Side::Any === $said->side ? $old->spread->side : $said->side,
            'medium' => Medium::Dry === $said->medium ? $old->spread->medium : $said->medium,
            'worth' => $old->looked?->worth() ?? $old->spread->worth,
        ]);
        null === $claimed ? $this->plan = $this->plan->with(['spreads' => [...$this->plan->spreads, $new]]) : $this->put($new);
        $this->old = $this->old->judged($old->with(['became' => $new->id]));
    }

    /**
     * What came of it goes. The first time one of its kind goes too that the plan began with and nobody touched since: it would
     * be drawn again. What a person made themselves is none of its.
     */
    private function leave(OldSpread $old): void
    {
        $began = $this->old->carried ? null : $this->alike($old);
        $gone = $old->became ?? (null === $began || !self::isUntouched($began) ? null : $began->id);
        if (null === $gone) {
            return;
        }
        $this->plan = $this->plan->with(['spreads' => array_values(array_filter(
            $this->plan->spreads,
            static fn (PlannedSpread $spread): bool => $spread->id !== $gone,
        ))]);
        $this->old = $this->old->judged($old->with(['became' => null]));
    }

    private static function isUntouched(PlannedSpread $spread): bool
    {
        return [] === $spread->settings && null === $spread->title && null === $spread->pin && null === $spread->faces;
    }

    /** A spread of the new plan that is of its kind and came of nothing else: the plan had it already. */
    private function alike(OldSpread $old): ?PlannedSpread
    {
        $came = array_map(static fn (OldSpread $one): ?string => $one->became, $this->old->spreads);
        foreach ($this->plan->spreads as $spread) {
            if ($spread->kind === $old->spread->kind && self::LEFT_OPEN !== $spread->kind && !\in_array($spread->id, $came, true)) {
                return $spread;
            }
        }

        return null;
    }

    private function takeWhatWasMissing(): void
    {
        foreach ($this->old->missing as $id) {
            $kind = $this->catalogue->kind($id);
            $has = [] !== array_filter($this->plan->spreads, static fn (PlannedSpread $spread): bool => $spread->kind === $id);
            if (null !== $kind?->section && !$has && !$this->old->carried && \count($this->plan->spreads) < Plan::MOST_SPREADS) {
                $this->plan = $this->plan->with([
                    'spreads' => [...$this->plan->spreads, new PlannedSpread($this->freeId($id), $id, $kind->section)],
                ]);
            }
        }
    }

    /** Unfinished things whose list does not go on, in a list of their own. */
    private function listWhatIsLeft(): void
    {
        $listed = array_values(array_filter(
            $this->plan->spreads,
            static fn (PlannedSpread $spread): bool => self::LEFT_OPEN === $spread->kind,
        ))[0] ?? null;
        $left = $this->settled->left($this->old, $listed?->id);
        $setting = $this->catalogue->kind(self::LEFT_OPEN)?->undone();
        if (null === $setting || ([] === $left && null === $listed)) {
            return;
        }
        $listed ??= new PlannedSpread($this->freeId(self::LEFT_OPEN), self::LEFT_OPEN, Section::Goals);
        $lines = $this->settled->merged($left, $listed->settings[$setting] ?? []);
        $listed = $listed->with(['settings' => [$setting => $lines] + $listed->settings]);
        null === $this->plan->spread($listed->id) ? $this->plan = $this->plan->with(['spreads' => [...$this->plan->spreads, $listed]])
            : $this->put($listed);
    }

    /** Within each section what is looked at most comes first (docs/trade.md, "Placement"); what the plan had stays. */
    private function order(): void
    {
        $rank = [];
        foreach ($this->old->spreads as $i => $old) {
            if (null !== $old->became) {
                $rank[$old->became] = [$old->looked?->rank() ?? 1, $i];
            }
        }
        $ordered = $this->plan->spreads;
        foreach (Section::cases() as $section) {
            $places = array_keys(array_filter(
                $ordered,
                static fn (PlannedSpread $one): bool => $one->section === $section && isset($rank[$one->id]),
            ));
            $some = array_map(static fn (int $place): PlannedSpread => $ordered[$place], $places);
            usort($some, static fn (PlannedSpread $one, PlannedSpread $other): int => $rank[$one->id] <=> $rank[$other->id]);
            foreach ($places as $i => $place) {
                $ordered[$place] = $some[$i];
            }
        }
        $this->plan = $this->plan->with(['spreads' => array_values($ordered)]);
    }

    private function put(PlannedSpread $spread): void
    {
        $this->plan = $this->plan->with(['spreads' => array_map(
            static fn (PlannedSpread $one): PlannedSpread => $one->id === $spread->id ? $spread : $one,
            $this->plan->spreads,
        )]);
    }

    private function freeId(string $wanted): string
    {
        $id = $wanted;
        for ($n = 2; null !== $this->plan->spread($id); ++$n) {
            $id = mb_substr($wanted, 0, 36)."-$n";
        }

        return $id;
    }
}
