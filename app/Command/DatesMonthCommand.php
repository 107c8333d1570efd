<?php

/* The transfer list of a month, as text: its dates by day, then what must be prepared for the months after. */

declare(strict_types=1);

namespace App\Command;

use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Dates\Transfer;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Dates\Occurrence;
use AmpleMargin\Plan\PlanProblem;
use App\Plan\PlanFiles;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('dates:month', 'What goes into a month of a plan file when it is set up: its dates, then what must be prepared.')]
final class DatesMonthCommand extends Command
{
    use ReadsPlan;

    public function __construct(private readonly PlanFiles $files)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('plan', InputArgument::REQUIRED, 'A plan file')
            ->addArgument('month', InputArgument::REQUIRED, 'A month such as 2027-03');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $plan = $this->plan($this->files, $input->getArgument('plan'));
            $said = $this->said($input->getArgument('month'));
            $month = Month::read($said) ?? throw PlanProblem::at('month', "“{$said}” is not a month: write it as 2027-03.");
        } catch (PlanProblem $problem) {
            $output->writeln($problem->getMessage());

            return Command::FAILURE;
        }
        $dates = Composer::compose($plan)->dates->all;
        $transfer = Transfer::of($dates, $month);
        foreach ($transfer->dates as $once) {
            $output->writeln($dates->wording->inMonth($once), OutputInterface::OUTPUT_RAW);
        }
        foreach (['To prepare for the months after' => $transfer->prepare, 'Left open before' => $transfer->left] as $head => $some) {
            if ([] !== $some) {
                $output->writeln(['', "$head:"]);
                $lines = array_map(static fn (Occurrence $once): string => $dates->wording->inMonth($once), $some);
                $output->writeln($lines, OutputInterface::OUTPUT_RAW);
            }
        }

        return Command::SUCCESS;
    }
}
