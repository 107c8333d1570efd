<?php

/* Prints without a browser: a plan file in, everything asked for packed on its sheets. */

declare(strict_types=1);

namespace App\Command;

use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Printing\BookTray;
use AmpleMargin\Book\Printing\Context;
use AmpleMargin\Book\Printing\Printables;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\SheetRefused;
use AmpleMargin\Sheet\Tray\Labels;
use App\Api\AskedNow;
use App\Api\AskedSheets;
use App\Export\PdfWriter;
use App\Export\PngWriter;
use App\Export\SvgWriter;
use App\Plan\PlanFiles;
use App\Repository\Printers;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('sheets:tray', 'Packs what is to be printed of a plan file on the fewest sheets, at true size.')]
final class SheetsTrayCommand extends Command
{
    use ReadsPlan;

    public function __construct(
        private readonly PlanFiles $files,
        private readonly Printers $printers,
        private readonly PdfWriter $pdf,
        private readonly SvgWriter $svg,
        private readonly PngWriter $png,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $words = [];
        foreach (Printables::all() as $word => $one) {
            $words[] = $word.('' === $one::asks() ? '' : ':…');
        }
        $this
            ->addArgument('plan', InputArgument::REQUIRED, 'a plan file (docs/format.md), or - for standard input')
            ->addOption(
                'print',
                null,
                InputOption::VALUE_REQUIRED,
                '“guides:front, card, months”; the plan’s own tray where it is left out. '.implode(', ', $words),
            )
            ->addOption('book', null, InputOption::VALUE_REQUIRED, 'which of the plan’s books', '1')
            ->addOption('paper', null, InputOption::VALUE_REQUIRED, 'A4, A5, A3 or Letter', 'A4')
            ->addOption('printer', null, InputOption::VALUE_REQUIRED, 'a printer calibrated with this paper')
            ->addOption('labels', null, InputOption::VALUE_REQUIRED, 'a sheet of labels in mm: 38x42 4x6 gap 2')
            ->addOption('now', null, InputOption::VALUE_REQUIRED, 'for the steps of the next evening: 2026-12-20T18:00')
            ->addOption('without-dates', null, InputOption::VALUE_NONE, 'guides without the dates that are known')
            ->addOption('out', null, InputOption::VALUE_REQUIRED, 'FILE.pdf, or .svg or .png: then a file a side');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $lines = $this->printed($input);
        } catch (PlanProblem|SheetRefused $problem) {
            $field = $problem instanceof PlanProblem && '' !== $problem->field ? "$problem->field: " : '';
            $output->writeln($field.$problem->getMessage(), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        $output->writeln($lines, OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }

    /** @return list<string> what was written */
    private function printed(InputInterface $input): array
    {
        [$plan, $ticked] = $this->files->read($this->contents($this->said($input->getArgument('plan'))));
        $which = $this->said($input->getOption('book'));
        if (!\in_array($which, $plan->books(), true)) {
            throw PlanProblem::at('book', "The plan has no book “{$which}”.");
        }
        $paper = AskedSheets::paper($this->said($input->getOption('paper')));
        $printer = $this->said($input->getOption('printer'));
        $labels = $this->said($input->getOption('labels'));
        $print = $input->getOption('print');
        $tray = BookTray::of(
            new Context(
                Composer::compose($plan, $which),
                new PrintRoom($paper, '' === $printer ? null : $this->printers->named($printer, $paper)),
                PlanFiles::done($ticked),
                AskedNow::read($this->said($input->getOption('now'))),
                true !== $input->getOption('without-dates'),
            ),
            null === $print ? $plan->making->tray : Printables::read($this->said($print)),
            '' === $labels ? null : Labels::said($paper, $labels),
        );

        return [...$this->files($tray, $this->said($input->getOption('out')), $plan->title), ...$tray->says()];
    }

    /** @return list<string> */
    private function files(BookTray $tray, string $out, string $title): array
    {
        $sides = $tray->sides();
        if ([] === $sides) {
            throw PlanProblem::at(
                'print',
                [] === $tray->says() ? 'Nothing is asked for: --print="guides:front, card, months".' : implode(' ', $tray->says()),
            );
        }
        $labels = $tray->tray->labels;
        $lines = [($labels > 0 ? Plural::of($labels, 'label sheet', 'label sheets').' and ' : '')
            .Plural::of(\count($tray->tray->sheets) - $labels, 'sheet', 'sheets')
            ." of plain {$sides[0]->paper->value} ({$tray->tray->bound} at least), ".Plural::of(\count($sides), 'side', 'sides').'.'];
        $as = pathinfo($out, \PATHINFO_EXTENSION);
        if ('pdf' === $as) {
            $this->write($out, $this->pdf->write($sides, $title));

            return [...$lines, "$out written."];
        }
        if (!\in_array($as, ['svg', 'png'], true)) {
            throw PlanProblem::at('out', 'Name a file to write that ends in .pdf, .svg or .png.');
        }
        foreach ($sides as $i => $side) {
            $file = 1 === \count($sides) ? $out : substr($out, 0, -4).'-'.($i + 1).".$as";
            $this->write($file, 'svg' === $as ? $this->svg->write($side) : $this->png->write($side));
            $lines[] = "$file written.";
        }

        return $lines;
    }
}
