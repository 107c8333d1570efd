<?php

/*
 * The law of closure: every edit that is accepted leaves a notebook that opens, draws every page, prints and exports, and whose file
 * reads back to itself. Random journeys on five papers, the edit made least often first.
 */

declare(strict_types=1);

namespace Tests\Laws;

use AmpleMargin\Book\ComposedPlan;
use AmpleMargin\Book\Faults;
use AmpleMargin\Book\Printing\BookTray;
use AmpleMargin\Book\Printing\Context;
use AmpleMargin\Editing\Edits;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanWriter;
use AmpleMargin\Sheet\PrintRoom;
use App\Api\DrawingView;
use App\Api\ShelfEntry;
use App\Export\BookText;
use App\Export\DatesCalendar;
use App\Export\DatesTable;
use App\Export\SvgWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Books;
use Tests\Olds;
use Tests\RandomEdit;
use Tests\Thorough;

final class ClosureTest extends TestCase
{
    /** Spreads of a book that has grown too large to go on with. */
    private const LARGE = 12;

    /** @return array<string, array{int, int, int}> boxes across and down, a seed */
    public static function papers(): array
    {
        return [
            '8 × 8' => [8, 8, 1],
            '8 × 13' => [8, 13, 2],
            '26 × 38' => [26, 38, 3],
            '31 × 46' => [31, 46, 4],
            '80 × 100' => [80, 100, 5],
        ];
    }

    #[DataProvider('papers')]
    public function testWhatIsAcceptedOpensDrawsPrintsAndReadsBack(int $across, int $down, int $seed): void
    {
        $made = array_fill_keys(array_keys(Edits::types()), 0);
        unset($made['several']);
        for ($run = 0; $run < Thorough::of(1, 40); ++$run) {
            mt_srand(100 * $seed + $run);
            $plan = $this->begun($across, $down);
            // A third of the edits divide a page, where a notebook grows deep; a sixth dress the book.
            for ($i = 0; $i < 150; ++$i) {
                $type = 0 === mt_rand(0, 1) ? (string) array_search(min($made), $made, true) : (string) array_rand($made);
                $edit = match ($i % 6) {
                    0, 1 => RandomEdit::division($plan),
                    // Dressed for one paper, and then on another.
                    5 => ['type' => 'set-stock', 'stock' => PlanWriter::stock(self::stock(...self::boxes($i)))],
                    2 => ['type' => 'set-dress', 'dress' => RandomEdit::dresses()[intdiv($i, 6) % \count(RandomEdit::dresses())]],
                    default => RandomEdit::of($type, $plan),
                };
                try {
                    $after = Edits::apply($plan, $edit)->plan;
                    Books::files()->write($after);
                } catch (PlanProblem) {
                    ++$made[$type];
                    continue;
                }
                ++$made[$type];
                $about = "$across × $down, run $run, edit $i: ".json_encode($edit, \JSON_UNESCAPED_UNICODE);
                $this->holds($after, $about, 0 === $i % 9);
                $plan = \count($after->spreads) > self::LARGE ? $this->begun($across, $down) : $after;
            }
        }
    }

    private function begun(int $across, int $down): Plan
    {
        return Books::edited(Books::starter(self::stock($across, $down), '2027-03', '2027-04'), [
            ['type' => 'add-spread', 'kind' => 'page-of-parts'],
            ['type' => 'add-kind', 'own' => ['id' => 'own-tide', 'name' => 'Tide', 'section' => 'goals', 'parts' => ['fill' => 'lines']]],
            ['type' => 'set-old', 'old' => Olds::sample()],
            ['type' => 'add-note', 'words' => 'Smaller headings'],
            ['type' => 'add-date', 'day' => '12 March', 'words' => 'Dentist', 'is' => 'date', 'repeat' => null, 'lead' => 0],
        ]);
    }

    /** @return array{int, int} a paper by turns */
    private static function boxes(int $turn): array
    {
        $papers = array_values(self::papers());
        [$across, $down] = $papers[intdiv($turn, 6) % \count($papers)];

        return [$across, $down];
    }

    private static function stock(int $across, int $down): Stock
    {
        // A fine grid where boxes are many: a page is 400 mm at most.
        $pitch = $across > 40 ? 3_700 : 5_000;

        return new Stock(max(50_000, $pitch * ($across + 3)), max(50_000, $pitch * ($down + 4)), $pitch, $across, $down, 48);
    }

    private function holds(Plan $plan, string $about, bool $printed): void
    {
        $file = Books::files()->file($plan, []);
        $written = Books::files()->write($plan);
        self::assertSame($written, Books::files()->write(Books::files()->stored($written)), "$about: as it is kept");
        self::assertSame($written, Books::files()->write(Books::files()->read($file)[0]), "$about: as it is downloaded");
        $faults = new Faults(static function (\Throwable $failure) use ($about): void {
            self::fail("$about: ".$failure->getMessage().' at '.basename($failure->getFile()).':'.$failure->getLine());
        });
        $composed = ComposedPlan::of($plan, faults: $faults)->laidOut();
        self::assertJson(json_encode(ShelfEntry::of($composed), \JSON_THROW_ON_ERROR), "$about: the shelf knows it");
        foreach ($plan->books() as $id) {
            $book = $composed->book($id);
            for ($page = 1; $page <= min(48, $book->plan->stock->pages); $page += 2) {
                self::assertJson(json_encode(DrawingView::opening($book, $page), \JSON_THROW_ON_ERROR), $about);
            }
        }
        if ($printed) {
            $book = $composed->book('1');
            self::assertNotSame('', BookText::of($book).DatesCalendar::of($book).DatesTable::of($plan->dates));
            $tray = BookTray::of(new Context($book, new PrintRoom(PaperSize::A4)), ['guides:1-4', 'card', 'months', 'dummy']);
            foreach ($tray->sides() as $side) {
                self::assertStringContainsString('<svg', (new SvgWriter())->write($side, true), "$about: printed");
            }
        }
    }
}
