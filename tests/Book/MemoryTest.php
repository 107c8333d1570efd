<?php

declare(strict_types=1);

namespace Tests\Book;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Faults;
use AmpleMargin\Book\Memory;
use AmpleMargin\Editing\Edits;
use AmpleMargin\Paging\PlacedSpread;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlannedSpread;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\Section;
use AmpleMargin\Spread\Catalogue\Catalogue;
use AmpleMargin\Spread\Catalogue\Kind;
use AmpleMargin\Spread\Part\Form;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\RandomEdit;
use Tests\Thorough;

/** A book that is composed with what was worked out before is the book that is composed without. */
final class MemoryTest extends TestCase
{
    public function testWhateverIsChangedNothingIsRememberedThatIsOtherNow(): void
    {
        $types = array_keys(array_diff_key(RandomEdit::described(), ['several' => true]));
        $kept = [];
        $changed = 0;
        for ($seed = 1; $seed <= Thorough::of(250, 1_500); ++$seed) {
            mt_srand($seed);
            $plan = 1 === $seed % 60 || !isset($plan) ? self::beginning(intdiv($seed, 60)) : $plan;
            // What a page is laid out from is changed most often.
            $type = 0 === $seed % 3 ? 'set-spread' : $types[array_rand($types)];
            try {
                $plan = Edits::apply($plan, RandomEdit::of($type, $plan))->plan;
            } catch (PlanProblem) {
                continue;
            }
            ++$changed;
            $memory = new Memory($kept);
            $with = self::said($plan, $memory);
            self::assertSame(self::said($plan, new Memory()), $with, "seed $seed, after $type");
            // As it is written down and read again.
            $kept = unserialize(serialize($memory->all()));
        }
        self::assertGreaterThan(50, $changed);
    }

    public function testASpreadThatIsOtherIsTheOnlyOneLaidOutAnew(): void
    {
        $plan = Books::sample();
        $memory = new Memory();
        Composer::compose($plan, memory: $memory)->findings();
        $again = new Memory($memory->all());
        Composer::compose($plan, memory: $again)->findings();
        self::assertFalse($again->hasMore(), 'the same plan works nothing out');

        $titled = new Memory($memory->all());
        Composer::compose(
            Books::edited($plan, [['type' => 'set-spread', 'spread' => 'goals-by-area', 'title' => 'Four corners']]),
            memory: $titled,
        )->findings();
        $anew = array_keys(array_diff_key($titled->all(), $memory->all()));
        $laid = preg_grep('/^laid /', $anew) ?: [];
        self::assertCount(3, $laid, 'the spread, and the index that names it, as long and as filled in: '.implode(', ', $anew));
        self::assertSame([], preg_grep('/^part /', $anew) ?: []);
        self::assertSame([], preg_grep('/^dates /', $anew) ?: []);
    }

    public function testWhatBrokeIsNotRemembered(): void
    {
        $plan = Books::sample();
        $catalogue = new Catalogue();
        $kind = $catalogue->kind('goals-by-area') ?? self::fail('There is such a kind.');
        $form = self::createStub(Form::class);
        $form->method('fields')->willReturn($kind->form->fields());
        $form->method('layOut')->willThrowException(new \LogicException('A fault of the program.'));
        $broken = $catalogue->with(Kind::spread($kind->name, Section::Goals, $form)->under($kind->id));
        $memory = new Memory();
        foreach ([1, 2] as $time) {
            $faults = new Faults();
            Composer::compose($plan, catalogue: $broken, faults: $faults, memory: $memory = new Memory($memory->all()))->findings();
            self::assertContains('goals-by-area', $faults->met(), "time $time");
        }
    }

    private static function beginning(int $nth): Plan
    {
        return match ($nth % 3) {
            0 => Books::sample(),
            1 => Books::edited(Books::sample(), [
                ['type' => 'add-spread', 'kind' => 'page-of-parts'],
                ['type' => 'add-spread', 'kind' => 'index'],
                ['type' => 'add-spread', 'kind' => 'mood'],
                ['type' => 'add-book', 'from' => '2027-07'],
            ]),
            default => Books::starter(Books::a5(160)),
        };
    }

    /** Everything a book says without its pages being drawn, and two of these. */
    private static function said(Plan $plan, Memory $memory): string
    {
        $said = [];
        foreach (Composer::all($plan, memory: $memory) as $id => $book) {
            $said[] = [$id, $book->findings(), $book->dates->findingsWithLayouts(), $book->lasting(), $book->glued(), $book->runOut];
            $said[] = [$book->index, $book->months, $book->corrections, $book->forecast];
            foreach ([...$book->front->placed, ...$book->back->placed] as $placed) {
                $said[] = self::placed($book, $placed);
            }
            $pages = $book->spreadPages();
            foreach ([] === $pages ? [] : [$pages[0], $pages[\count($pages) - 1]] as $page) {
                $said[] = $book->drawing($page);
            }
        }

        return var_export($said, true);
    }

    /** @return list<mixed> */
    private static function placed(Book $book, PlacedSpread $placed): array
    {
        $spread = $book->plan->spread($placed->spread->id);
        $flips = $removed = [];
        for ($page = $placed->page; $page <= $placed->lastPage(); ++$page) {
            $flips[] = $book->flips($page);
            $removed[] = $book->cut->removed($page);
        }

        return [$placed, $flips, $removed, $spread instanceof PlannedSpread && $book->prints($spread)];
    }
}
