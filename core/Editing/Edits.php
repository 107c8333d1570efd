<?php

/* The edits there are, by their type; docs/format.md and the API list them in the same words. */

declare(strict_types=1);

namespace AmpleMargin\Editing;

use AmpleMargin\Editing\Book\DropSplit;
use AmpleMargin\Editing\Book\SetCounting;
use AmpleMargin\Editing\Book\SetDress;
use AmpleMargin\Editing\Book\SetHand;
use AmpleMargin\Editing\Book\SetLanguage;
use AmpleMargin\Editing\Book\SetMixing;
use AmpleMargin\Editing\Book\SetPalette;
use AmpleMargin\Editing\Book\SetPeriod;
use AmpleMargin\Editing\Book\SetStock;
use AmpleMargin\Editing\Book\SetTitle;
use AmpleMargin\Editing\Book\SetWeeks;
use AmpleMargin\Editing\Book\TakeSplit;
use AmpleMargin\Editing\Carrying\AddNote;
use AmpleMargin\Editing\Carrying\CarryOver;
use AmpleMargin\Editing\Carrying\Judge;
use AmpleMargin\Editing\Carrying\RemoveNote;
use AmpleMargin\Editing\Carrying\SetOld;
use AmpleMargin\Editing\Carrying\SetReview;
use AmpleMargin\Editing\Dates\AddDate;
use AmpleMargin\Editing\Dates\RemoveDates;
use AmpleMargin\Editing\Dates\SetCategories;
use AmpleMargin\Editing\Dates\SetDate;
use AmpleMargin\Editing\Dates\SettleDate;
use AmpleMargin\Editing\Dates\TakeDates;
use AmpleMargin\Editing\Kind\AddKind;
use AmpleMargin\Editing\Kind\KeepKind;
use AmpleMargin\Editing\Kind\RemoveKind;
use AmpleMargin\Editing\Kind\SetKind;
use AmpleMargin\Editing\Making\AddSlip;
use AmpleMargin\Editing\Making\Decorate;
use AmpleMargin\Editing\Making\LeaveForLater;
use AmpleMargin\Editing\Making\PutPage;
use AmpleMargin\Editing\Making\RemovePen;
use AmpleMargin\Editing\Making\RemoveSlip;
use AmpleMargin\Editing\Making\SetEvenings;
use AmpleMargin\Editing\Making\SetPen;
use AmpleMargin\Editing\Making\SetTray;
use AmpleMargin\Editing\Making\TimePage;
use AmpleMargin\Editing\Month\RemovePattern;
use AmpleMargin\Editing\Month\SetLost;
use AmpleMargin\Editing\Month\SetPattern;
use AmpleMargin\Editing\Month\SetPatternWord;
use AmpleMargin\Editing\Month\SetSpare;
use AmpleMargin\Editing\Month\SetUsed;
use AmpleMargin\Editing\Month\UsePattern;
use AmpleMargin\Editing\Spread\AddSpread;
use AmpleMargin\Editing\Spread\MoveSpread;
use AmpleMargin\Editing\Spread\PartPage;
use AmpleMargin\Editing\Spread\RemoveSpread;
use AmpleMargin\Editing\Spread\SetKey;
use AmpleMargin\Editing\Spread\SetPart;
use AmpleMargin\Editing\Spread\SetSpread;
use AmpleMargin\Editing\Spread\SetWord;
use AmpleMargin\Editing\Spread\ShiftSpread;
use AmpleMargin\Editing\Spread\SwapSpreads;
use AmpleMargin\Editing\Volume\AddBook;
use AmpleMargin\Editing\Volume\RemoveBook;
use AmpleMargin\Editing\Volume\SetBook;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;

final class Edits
{
    /** @var list<class-string<Edit>> */
    private const ALL = [
        SetTitle::class,
        SetStock::class,
        SetPeriod::class,
        SetWeeks::class,
        SetCounting::class,
        SetLanguage::class,
        SetPalette::class,
        SetHand::class,
        SetDress::class,
        SetMixing::class,
        TakeSplit::class,
        DropSplit::class,
        AddSpread::class,
        RemoveSpread::class,
        MoveSpread::class,
        ShiftSpread::class,
        SwapSpreads::class,
        SetSpread::class,
        SetKey::class,
        PartPage::class,
        SetPart::class,
        SetWord::class,
        KeepKind::class,
        AddKind::class,
        RemoveKind::class,
        SetKind::class,
        SetPattern::class,
        SetPatternWord::class,
        RemovePattern::class,
        UsePattern::class,
        SetSpare::class,
        SetUsed::class,
        SetLost::class,
        AddDate::class,
        SetDate::class,
        RemoveDates::class,
        TakeDates::class,
        SettleDate::class,
        SetCategories::class,
        SetOld::class,
        Judge::class,
        SetReview::class,
        CarryOver::class,
        AddNote::class,
        RemoveNote::class,
        AddSlip::class,
        RemoveSlip::class,
        SetEvenings::class,
        SetTray::class,
        LeaveForLater::class,
        PutPage::class,
        Decorate::class,
        TimePage::class,
        SetPen::class,
        RemovePen::class,
        AddBook::class,
        SetBook::class,
        RemoveBook::class,
        Several::class,
    ];

    /** @return array<string, class-string<Edit>> by type */
    public static function types(): array
    {
        $types = [];
        foreach (self::ALL as $edit) {
            $types[$edit::type()] = $edit;
        }

        return $types;
    }

    /** @throws PlanProblem naming the field */
    public static function read(mixed $edit): Edit
    {
        $values = Values::of($edit, 'edit');
        $type = self::types()[$values->text('type', '', 40)] ?? throw PlanProblem::at('edit/type', 'There is no such edit.');

        return $type::read($values);
    }

    /** Reads an edit and makes it. @throws PlanProblem naming the field */
    public static function apply(Plan $plan, mixed $edit, Catalogue $catalogue = new Catalogue()): Edited
    {
        return self::read($edit)->on($plan, $catalogue->having($plan));
    }
}
