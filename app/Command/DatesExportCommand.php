<?php

/* The dates of a plan file as a calendar or a table. */

declare(strict_types=1);

namespace App\Command;

use AmpleMargin\Book\Composer;
use AmpleMargin\Plan\PlanProblem;
use App\Export\DatesCalendar;
use App\Export\DatesTable;
use App\Plan\PlanFiles;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('dates:export', 'The dates of a plan file as a calendar (.ics) or a table (.csv).')]
final class DatesExportCommand extends Command
{
    use ReadsPlan;

    public function __construct(private readonly PlanFiles $files)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('plan', InputArgument::REQUIRED, 'a plan file, or - for standard input')
            ->addArgument('file', InputArgument::REQUIRED, 'what to write: a name that ends in .ics or .csv');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $plan = $this->plan($this->files, $input->getArgument('plan'));
            $file = $this->said($input->getArgument('file'));
            $this->write($file, match (pathinfo($file, \PATHINFO_EXTENSION)) {
                'ics' => DatesCalendar::of(Composer::compose($plan)),
                'csv' => DatesTable::of($plan->dates),
                default => throw PlanProblem::at('file', 'Write a calendar (.ics) or a table (.csv).'),
            });
        } catch (PlanProblem $problem) {
            $output->writeln(('' === $problem->field ? '' : "$problem->field: ").$problem->getMessage(), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        $output->writeln("$file written.", OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
