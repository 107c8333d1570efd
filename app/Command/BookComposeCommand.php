<?php

/* The main job without a browser: a plan file in, the book out. */

declare(strict_types=1);

namespace App\Command;

use AmpleMargin\Book\Book;
use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Printing\BookTray;
use AmpleMargin\Book\Printing\Context;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Sheet\PrintRoom;
use AmpleMargin\Sheet\SheetRefused;
use App\Api\AskedSheets;
use App\Api\BookView;
use App\Export\BookText;
use App\Export\PdfWriter;
use App\Plan\PlanFiles;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('book:compose', 'Composes the book of a plan file: pages, months, steps, and sheets to print.')]
final class BookComposeCommand extends Command
{
    use ReadsPlan;

    /** Files, and what is printed into each. */
    private const SHEETS = ['page-guides' => 'guides:front', 'spacing-card' => 'card', 'pocket' => 'pocket', 'months' => 'months'];

    public function __construct(private readonly PlanFiles $files, private readonly BookView $view, private readonly PdfWriter $writer)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this
            ->addArgument('plan', InputArgument::REQUIRED, 'a plan file (docs/format.md), or - for standard input')
            ->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text')
            ->addOption('book', null, InputOption::VALUE_REQUIRED, 'which of the plan’s books', '1')
            ->addOption('sheets', null, InputOption::VALUE_REQUIRED, 'a folder to write the sheets to, as PDF at true size')
            ->addOption('paper', null, InputOption::VALUE_REQUIRED, 'A4, A5, A3 or Letter', 'A4');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        try {
            $plan = $this->plan($this->files, $input->getArgument('plan'));
            $which = $this->said($input->getOption('book'));
            if (!\in_array($which, $plan->books(), true)) {
                throw PlanProblem::at('book', "The plan has no book “{$which}”.");
            }
            $book = Composer::compose($plan, $which);
            $output->write($this->written($book, $this->said($input->getOption('format'))), false, OutputInterface::OUTPUT_RAW);
            if (null !== $input->getOption('sheets')) {
                $this->sheets($book, $this->said($input->getOption('sheets')), $this->said($input->getOption('paper')), $errors);
            }
        } catch (PlanProblem $problem) {
            $errors->writeln(('' === $problem->field ? '' : "$problem->field: ").$problem->getMessage(), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        } catch (SheetRefused $refused) {
            $errors->writeln($refused->getMessage(), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }

        return Command::SUCCESS;
    }

    private function written(Book $book, string $format): string
    {
        return match ($format) {
            'text' => BookText::of($book),
            'json' => json_encode(
                [
                    'title' => $book->plan->title,
                    'fit' => ['fits' => $book->runOut->fits, 'pages' => $book->runOut->pages],
                ] + $this->view->body($book),
                \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR,
            )."\n",
            default => throw PlanProblem::at('format', 'Choose the format text or json.'),
        };
    }

    private function sheets(Book $book, string $folder, string $paper, OutputInterface $errors): void
    {
        $size = AskedSheets::paper($paper);
        if (!is_dir($folder) && !@mkdir($folder, 0o777, true) && !is_dir($folder)) {
            throw PlanProblem::at('sheets', "The folder “{$folder}” cannot be made.");
        }
        $context = new Context($book, new PrintRoom($size));
        foreach (self::SHEETS as $name => $asked) {
            $tray = BookTray::of($context, [$asked]);
            foreach ($tray->says() as $left) {
                $errors->writeln($left, OutputInterface::OUTPUT_RAW);
            }
            $sides = $tray->sides();
            if ([] !== $sides) {
                $this->write("$folder/$name.pdf", $this->writer->write($sides, $book->plan->title));
                $missing = $this->writer->missing($sides);
                if ([] !== $missing) {
                    $errors->writeln(
                        "$folder/$name.pdf: the print face has no ".implode(' ', $missing).'; their places show a box.',
                        OutputInterface::OUTPUT_RAW,
                    );
                }
                $errors->writeln("$folder/$name.pdf: ".\count($tray->tray->sheets).' sheets on '.$size->value);
            }
        }
    }
}
