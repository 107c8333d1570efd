<?php

/* The old book carried over: everything of it accounted for once, nothing doubled, nothing lost, the old book unchanged. */

declare(strict_types=1);

namespace Tests\Carrying;

use AmpleMargin\Book\Carrying\Carried;
use AmpleMargin\Book\Carrying\OldBookOf;
use AmpleMargin\Book\Composer;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Calendar\Weekday;
use AmpleMargin\Carrying\ItemBecame;
use AmpleMargin\Carrying\Over;
use AmpleMargin\Counting\Division;
use AmpleMargin\Drawing\Frame;
use AmpleMargin\Drawing\Grain;
use AmpleMargin\Drawing\Layer;
use AmpleMargin\Drawing\Mark;
use AmpleMargin\Drawing\Words;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Dress;
use AmpleMargin\Plan\Making\SlipKind;
use AmpleMargin\Plan\Old\ItemFate;
use AmpleMargin\Plan\Old\Looked;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldItem;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\Old\OldWriter;
use AmpleMargin\Plan\Old\Verdict;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\Section;
use AmpleMargin\Plan\Wardrobe;
use AmpleMargin\Plan\WeekPlan;
use AmpleMargin\Spread\Catalogue\Catalogue;
use App\Plan\SamplePlans;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Olds;

final class OverTest extends TestCase
{
    /** Three slips in counting: every fifth dot is marked in the next book, unless it says otherwise; the hand and its pens come along. */
    public function testTheHandItsPensAndWhatItsSlipsTeachGoOn(): void
    {
        $was = (new SamplePlans(Books::files()))->lastYear();
        $old = OldBookOf::plan($was);
        self::assertSame(3, $old->made->slipsOf(SlipKind::counting()));
        $plan = Books::starter()->with(['old' => $old, 'stock' => $was->stock]);
        $new = Over::into($plan, new Catalogue());
        self::assertTrue($new->dress->all->fives);
        self::assertEquals($was->making->pens, $new->making->pens);
        self::assertCount(\count($was->making->timed), $new->making->timed);
        self::assertSame([''], array_values(array_unique(array_column($new->making->timed, 'on'))));
        self::assertSame([], $new->making->slips);
        self::assertEquals($new, Over::into($new, new Catalogue()), 'carried twice it is the same');
        $said = Over::into($plan->with(['dress' => new Wardrobe(new Dress(fives: false))]), new Catalogue());
        self::assertFalse($said->dress->all->fives);
        $other = Over::into($plan->with(['stock' => new Stock(176_000, 250_000, 5_000, 31, 46, 160)]), new Catalogue());
        self::assertSame([], $other->making->pens, 'other paper, other pens');
        $page = Composer::compose($new)->drawing(3) ?? self::fail('The key is drawn.');
        self::assertStringStartsWith('Mark every fifth dot lightly, at 5, 10, 15, 20, 25 along the top and at 5, 10,', $page->steps[0]->text);
    }

    /** For 150 random books: each spread is drawn again or not as it was judged, each thing of a list stands where it is said to. */
    public function testEverythingOfTheOldBookIsAccountedForOnce(): void
    {
        $catalogue = new Catalogue();
        $seen = [];
        for ($seed = 1; $seed <= 150; ++$seed) {
            mt_srand($seed);
            $old = Olds::random(mt_rand(0, 25));
            $plan = Books::starter()->with(['old' => $old]);
            $after = Over::into($plan, $catalogue);
            $ids = array_map(static fn (PlannedSpread $one): string => $one->id, $after->spreads);
            self::assertSame($ids, array_values(array_unique($ids)), "seed $seed: no id twice");
            $became = [];
            foreach ($after->old->spreads ?? [] as $one) {
                self::assertSame($one->goesOn(), null !== $one->became, "seed $seed: {$one->spread->id}");
                if (null !== $one->became) {
                    self::assertContains($one->became, $ids);
                    $became[] = $one->became;
                }
                foreach ($one->items as $item) {
                    $as = ItemBecame::of($one, $item, $catalogue);
                    $seen[$as->name] = ($seen[$as->name] ?? 0) + 1;
                    $words = $item->reworded ?? $item->words;
                    $places = self::places($after, $words, $catalogue);
                    self::assertCount(\in_array($as, [ItemBecame::GoesOn, ItemBecame::LeftOpen], true) ? 1 : 0, $places, "seed $seed: $words {$as->value}");
                    if (ItemBecame::GoesOn === $as) {
                        self::assertSame([$one->became], $places);
                    }
                }
            }
            self::assertSame($became, array_values(array_unique($became)), "seed $seed: nothing came of two");
            // What the new plan had of its own is still there, but for the kinds that were dropped or left in the old book.
            $left = array_filter($old->spreads, static fn (OldSpread $one): bool => null !== $one->verdict && !$one->goesOn());
            $kinds = array_map(static fn (OldSpread $one): string => $one->spread->kind, $left);
            self::assertSame([], array_diff(array_column(Books::starter()->spreads, 'id'), $ids, $kinds), "seed $seed");
        }
        self::assertCount(\count(ItemBecame::cases()), $seen, 'each of them happened');
    }

    /** Carried twice is the identity; judged otherwise and back again as well, but for the place a spread stands in. */
    public function testCarryingTwiceChangesNothing(): void
    {
        $catalogue = new Catalogue();
        for ($seed = 1; $seed <= 100; ++$seed) {
            mt_srand($seed);
            $plan = Books::starter()->with(['old' => Olds::random(mt_rand(0, 20))]);
            $once = Over::into($plan, $catalogue);
            self::assertSame(self::written($once), self::written(Over::into($once, $catalogue)), "seed $seed");
            $kept = $once->old?->spreads[0] ?? null;
            if (null === $kept || !$kept->goesOn() || null === $once->old) {
                continue;
            }
            $dropped = Over::into($once->with(['old' => $once->old->judged($kept->with(['verdict' => Verdict::Drop]))]), $catalogue);
            self::assertNull($dropped->spread((string) $kept->became), "seed $seed");
        }
    }

    /** A year that is left in the old book is not drawn again because the new plan began with one; one that was made one's own stays. */
    public function testWhatTheNewPlanBeganWithGoesWithWhatIsLeftBehind(): void
    {
        $old = self::book([self::spread('year-at-a-glance', Verdict::Refer), self::spread('notes', Verdict::Drop)]);
        $began = Books::edited(Books::starter(), [['type' => 'set-spread', 'spread' => 'notes', 'title' => 'Mine']]);
        $plan = Over::into($began->with(['old' => $old]), new Catalogue());
        self::assertNull($plan->spread('year-at-a-glance'));
        self::assertSame('Mine', $plan->spread('notes')?->title);
    }

    /** A half-year that carries on: its goals stand under its own quarters, not under those that are over. */
    public function testHeadsOfQuartersAreThoseOfTheNewMonths(): void
    {
        $goals = self::spread('goals-by-quarter', Verdict::Keep, [
            new OldItem('January to March:'),
            new OldItem('Strip the deck', ItemFate::Reached),
            new OldItem('April to June:'),
            new OldItem('Oil the oars'),
            new OldItem('July to September:'),
            new OldItem('Row round the skerries'),
            new OldItem('Mine:'),
            new OldItem('Sing'),
        ]);
        $half = Books::starter()->with(['period' => new Period(new Month(2027, 7), new Month(2027, 12)), 'old' => self::book([$goals])]);
        $plan = Over::into($half, new Catalogue());
        $within = ['July to September:', 'Oil the oars', 'October to December:', 'Row round the skerries', 'Mine:', 'Sing'];
        self::assertSame($within, $plan->spread('goals-by-quarter')?->settings['within']);
        self::assertEquals($plan, Over::into($plan, new Catalogue()), 'carried twice it is the same');
    }

    /** What was said in the new plan before anything is carried is kept over what was said in the old one. */
    public function testWhatWasSaidInTheNewPlanAlreadyStays(): void
    {
        $notes = new OldSpread(
            new PlannedSpread('notes', 'notes', Section::Back, 'Old notes', ['pages' => 3, 'line' => '2']),
            verdict: Verdict::Keep,
        );
        $began = Books::edited(Books::starter(), [
            ['type' => 'set-spread', 'spread' => 'notes', 'title' => 'Mine', 'settings' => ['line' => '1']],
        ]);
        $began = Books::edited($began, [
            ['type' => 'add-spread', 'kind' => 'goals-by-quarter', 'settings' => ['within' => ['My own']]],
        ]);
        $goals = self::spread('goals-by-quarter', Verdict::Keep, [new OldItem('Varnish'), new OldItem('Sail', ItemFate::Reached)]);
        $plan = Over::into($began->with(['old' => self::book([$notes, $goals])]), new Catalogue());
        self::assertSame(['Varnish', 'My own'], $plan->spread('goals-by-quarter')?->settings['within']);
        self::assertSame(['Mine', '1', 3], [
            $plan->spread('notes')?->title,
            $plan->spread('notes')->settings['line'] ?? null,
            $plan->spread('notes')->settings['pages'] ?? null,
        ]);
    }

    public function testWhatAPersonAddedOrTookOutSinceIsLeftAlone(): void
    {
        $catalogue = new Catalogue();
        $old = self::book([
            self::spread('goals-by-quarter', Verdict::Keep, items: [new OldItem('Varnish'), new OldItem('Sail', ItemFate::Reached)]),
            self::spread('gratitude', Verdict::Keep),
        ]);
        $plan = Over::into(Books::starter()->with(['old' => $old]), $catalogue);
        self::assertSame(['Varnish'], $plan->spread('goals-by-quarter')?->settings['within']);
        $plan = Books::edited($plan, [
            ['type' => 'set-spread', 'spread' => 'goals-by-quarter', 'settings' => ['within' => ['Varnish', 'My own']]],
            ['type' => 'remove-spread', 'spread' => 'gratitude'],
            ['type' => 'judge', 'spread' => 'goals-by-quarter', 'items' => [['words' => 'Varnish', 'reworded' => 'Varnish twice'], ['words' => 'Sail']]],
            ['type' => 'carry-over'],
        ]);
        self::assertSame(['Varnish twice', 'Sail', 'My own'], $plan->spread('goals-by-quarter')?->settings['within']);
        self::assertNull($plan->spread('gratitude'));
    }

    /** 31 of 52 goes on at 32, with the 21 that are left; the first number is on paper. */
    public function testARunningNumberGoesOn(): void
    {
        $old = self::book([self::spread('books-read', Verdict::Keep)->with(['filled' => 31])]);
        $plan = Over::into(Books::starter()->with(['old' => $old]), new Catalogue());
        self::assertSame([32, 21], [$plan->spread('books-read')?->settings['first'], $plan->spread('books-read')?->settings['rows']]);
        $figures = [];
        foreach (Books::pagesOf($plan, 'books-read') as $page) {
            foreach ($page->marks as $mark) {
                if ($mark instanceof Words && 1 === preg_match('/^\d+$/', $mark->text)) {
                    $figures[] = (int) $mark->text;
                }
            }
        }
        self::assertSame(range(32, 52), $figures);
        // A list that is full begins its next round.
        $full = Over::into(Books::starter()->with(['old' => $old->judged($old->spreads[0]->with(['filled' => 52]))]), new Catalogue());
        self::assertSame([53, 52], [$full->spread('books-read')?->settings['first'], $full->spread('books-read')?->settings['rows']]);
    }

    /** The second book of a year has a column for what the first came to, behind the names; the next year's has none. */
    public function testTotalsOfTheFirstHalfHaveAColumn(): void
    {
        $half = self::book([self::spread('numbers-of-the-year', Verdict::Keep)])
            ->with(['period' => new Period(new Month(2027, 1), new Month(2027, 6))]);
        $plan = Over::into(Books::starter(null, '2027-07', '2027-12')->with(['old' => $half]), new Catalogue());
        self::assertSame('Jan–Jun', $plan->spread('numbers-of-the-year')?->settings['before']);
        $page = Books::pagesOf($plan, 'numbers-of-the-year')[0];
        $heads = array_map(static fn ($mark): string => $mark->text, array_values(array_filter($page->marks, static fn ($mark): bool => $mark instanceof Words)));
        self::assertSame([], array_diff(['Jan', 'Jul', 'Dec'], $heads));
        $next = Over::into(Books::starter(null, '2028-01', '2028-06')->with(['old' => $half]), new Catalogue());
        self::assertArrayNotHasKey('before', $next->spread('numbers-of-the-year')->settings ?? ['before' => 1]);
    }

    public function testWhatIsLookedAtMostComesFirstAndIsWorthMost(): void
    {
        $old = self::book([
            self::spread('gratitude', Verdict::Keep)->with(['looked' => Looked::Never]),
            self::spread('mood', Verdict::Change)->with(['looked' => Looked::Often]),
            self::spread('wish-list', Verdict::Keep),
        ]);
        $plan = Over::into(Books::starter()->with(['old' => $old]), new Catalogue());
        $order = array_values(array_intersect(
            array_map(static fn (PlannedSpread $one): string => $one->id, $plan->spreads),
            ['gratitude', 'mood', 'wish-list'],
        ));
        self::assertSame(['mood', 'wish-list', 'gratitude'], $order);
        self::assertSame([5, 1], [$plan->spread('mood')?->worth, $plan->spread('gratitude')?->worth]);
    }

    /** Of an index the pages that stay in the last book are a row each. */
    public function testPagesThatAreStillGoodStayInTheIndex(): void
    {
        $old = self::book([self::spread('year-at-a-glance', Verdict::Refer)->with(['page' => 14])]);
        $book = Composer::compose(Over::into(Books::starter()->with(['old' => $old]), new Catalogue()));
        $rows = array_map(static fn ($row): string => "$row->name $row->pages", $book->index);
        self::assertContains('Year at a glance last book, 14', $rows);
    }

    /** On paper of half as many boxes each kept spread is divided anew, or says that it does not fit; none is lost. */
    public function testOnSmallerPaperEachSpreadIsDividedAnewOrSaysThatItDoesNotFit(): void
    {
        $sample = Books::sample();
        $old = OldBookOf::plan($sample);
        $old = $old->with(['spreads' => array_map(static fn (OldSpread $one): OldSpread => $one->with(['verdict' => Verdict::Keep]), $old->spreads)]);
        $small = new Stock(105_000, 148_000, 5_000, 13, 19, 240);
        $plan = Books::starter($small)->with(['old' => $old]);
        $carried = Carried::of($plan, new Catalogue());
        self::assertNotNull($carried);
        $tight = array_map(static fn ($finding): string => $finding->about, $carried->tight());
        self::assertNotSame([], $tight);
        $sound = 0;
        foreach ($carried->old->spreads as $one) {
            $id = (string) $one->became;
            self::assertNotSame('', $id, $one->spread->id);
            $pages = $carried->book->spreadDrawings($id);
            self::assertNotSame([], $pages, $id);
            if (!\in_array($id, $tight, true)) {
                ++$sound;
                foreach ($pages as $page) {
                    self::assertSame([13, 19], [$page->across, $page->down], $id);
                }
            }
        }
        self::assertGreaterThan(5, $sound);
    }

    /** On other paper parts are those the counting bench divides its sides into. */
    public function testOnOtherPaperPartsAreThoseOfTheCountingBench(): void
    {
        foreach ([[26, 38], [31, 46], [19, 27], [40, 52]] as [$across, $down]) {
            $stock = new Stock($across * 5_000 + 10_000, $down * 5_000 + 10_000, 5_000, $across, $down, 160);
            $old = self::book([self::spread('focus', Verdict::Keep)]);
            $page = Composer::compose(Over::into(Books::starter($stock)->with(['old' => $old]), new Catalogue()))->spreadDrawings('focus')[0];
            $wide = array_unique(array_map(
                static fn (Frame $frame): int => intdiv($frame->wide, Grain::PER_BOX),
                array_values(array_filter($page->marks, static fn (Mark $mark): bool => $mark instanceof Frame && Layer::Ink === $mark->layer)),
            ));
            self::assertSame([Division::containers($across, 2)?->size()], array_values($wide), "$across boxes");
        }
    }

    /** What lies ahead of the new book comes with it once; what is over, dropped or there already does not. */
    public function testDatesAfterTheSwitchAreCarriedOnce(): void
    {
        $was = Books::edited(Books::starter(null, '2026-01', '2026-12'), [
            ['type' => 'add-date', 'day' => '2026-03-12', 'words' => 'Over'],
            ['type' => 'add-date', 'day' => '2027-02-03', 'words' => 'Ahead'],
            ['type' => 'add-date', 'day' => '29.5.1987', 'words' => 'Ione', 'is' => 'birthday'],
            ['type' => 'add-date', 'day' => '2027-02-04', 'words' => 'Known'],
            ['type' => 'add-date', 'day' => '2027-02-05', 'words' => 'Dropped'],
            ['type' => 'settle-date', 'key' => 'dropped@2027-02-05', 'as' => 'dropped'],
        ]);
        $new = Books::edited(Books::starter(), [['type' => 'add-date', 'day' => '2027-02-04', 'words' => 'Known']]);
        $once = Over::into($new->with(['old' => OldBookOf::plan($was)]), new Catalogue());
        $words = array_column($once->dates->entries, 'words');
        sort($words);
        self::assertSame(['Ahead', 'Ione', 'Known'], $words);
        $without = Books::edited($once, [['type' => 'remove-dates', 'dates' => ['ahead']], ['type' => 'carry-over']]);
        self::assertNull($without->dates->entry('ahead'));
    }

    public function testAKindOfOnesOwnComesAlongAndOneThatIsGoneIsKeptAsItCame(): void
    {
        $was = Books::edited(Books::starter(null, '2026-01', '2026-12'), [
            ['type' => 'add-kind', 'own' => ['id' => 'own-tide', 'name' => 'Tide', 'section' => 'goals', 'parts' => ['fill' => 'lines']]],
            ['type' => 'add-spread', 'kind' => 'own-tide'],
        ]);
        $old = OldBookOf::plan($was);
        $old = $old->judged(($old->spread('own-tide') ?? self::fail('no tide'))->with(['verdict' => Verdict::Keep]));
        $with = Over::into(Books::starter()->with(['old' => $old]), new Catalogue());
        self::assertSame(['own-tide'], array_column($with->kinds, 'id'));
        $gone = Over::into(Books::starter()->with(['old' => $old->with(['kinds' => []])]), new Catalogue());
        self::assertSame('own-tide', $gone->spread('own-tide')?->kind);
        $says = array_map(static fn ($finding): string => $finding->says, Composer::compose($gone)->findings());
        self::assertStringContainsString('own-tide', implode(' ', $says));
    }

    /** Next year's review says what was dropped before, and why. */
    public function testWhatWasDroppedIsRememberedInTheNextReview(): void
    {
        $old = self::book([self::spread('mood', Verdict::Drop)->with(['looked' => Looked::Never])]);
        $plan = Books::edited(Books::starter()->with(['old' => $old]), [
            ['type' => 'carry-over'],
            ['type' => 'add-note', 'words' => 'Smaller headings', 'about' => 'Goals'],
        ]);
        $next = OldBookOf::plan($plan);
        self::assertSame([['mood', 2026, 'never looked at']], array_map(static fn ($gone): array => [$gone->kind, $gone->year, $gone->why], $next->gone));
        self::assertSame(['Smaller headings'], array_column($next->notes, 'words'));
    }

    /** @return list<string> spreads of a plan that have a line in their list */
    private static function places(Plan $plan, string $words, Catalogue $catalogue): array
    {
        $places = [];
        foreach ($plan->spreads as $spread) {
            $setting = $catalogue->kind($spread->kind)?->undone();
            $lines = null === $setting ? [] : $spread->settings[$setting] ?? [];
            if (\is_array($lines) && \in_array($words, $lines, true)) {
                $places[] = $spread->id;
            }
        }

        return $places;
    }

    /** @param list<OldItem> $items */
    private static function spread(string $kind, Verdict $verdict, array $items = []): OldSpread
    {
        $section = (new Catalogue())->kind($kind)->section ?? throw new \LogicException("There is no kind $kind.");

        return new OldSpread(new PlannedSpread($kind, $kind, $section), verdict: $verdict, items: $items);
    }

    /** @param list<OldSpread> $spreads */
    private static function book(array $spreads): OldBook
    {
        return new OldBook(
            'Last year',
            Books::a5(),
            new Period(new Month(2026, 1), new Month(2026, 12)),
            new WeekPlan(Weekday::Monday),
            $spreads,
        );
    }

    private static function written(Plan $plan): string
    {
        return Books::files()->write($plan).json_encode(null === $plan->old ? null : OldWriter::book($plan->old));
    }
}
