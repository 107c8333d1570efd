<?php

declare(strict_types=1);

namespace Tests\Sheet;

use AmpleMargin\Book\Composer;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Plan\Plan;
use App\Export\PdfWriter;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Books;
use Tests\Printed;

/** Words go onto paper as they were written, whatever they are and however many. */
final class WordsOnPaperTest extends TestCase
{
    public function testWordsThatThePdfLibraryWouldReplaceAreKept(): void
    {
        $title = 'Before {:ptp:} {:pnp:} {:ptg:} {:png:} {rsc:50} after';
        $plan = Books::edited(Books::sample(), [['type' => 'set-spread', 'spread' => 'key', 'title' => $title]]);
        $read = new Process(['pdftotext', '-', '-'], input: $this->guides($plan));
        self::assertStringContainsString("\n$title\n", $read->mustRun()->getOutput());
    }

    public function testTenTitlesOfTenThousandLettersOfAnyScriptArePrintedInLittleMemory(): void
    {
        $titles = ['क्षत्रिय ', '未来予定表', 'المستقبل '];
        $edits = [];
        foreach (\array_slice(Books::sample()->spreads, 0, 10) as $i => $spread) {
            $edits[] = [
                'type' => 'set-spread',
                'spread' => $spread->id,
                'title' => mb_substr(str_repeat($titles[$i % 3], 2_000), 0, 9_999),
            ];
        }
        $plan = Books::edited(Books::sample(), $edits);
        memory_reset_peak_usage();
        $before = memory_get_usage();
        self::assertStringStartsWith('%PDF-', $this->guides($plan));
        self::assertLessThan(64_000_000, memory_get_peak_usage() - $before);
    }

    private function guides(Plan $plan): string
    {
        $book = Composer::compose($plan);

        return (new PdfWriter())->write((new Printed($book, PaperSize::A4))->guides($book->spreadPages()), $plan->title);
    }
}
