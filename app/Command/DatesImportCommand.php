<?php

/* Dates of files into a plan file: what would come in is printed, and written into a plan where one is named. */

declare(strict_types=1);

namespace App\Command;

use AmpleMargin\Calendar\Names;
use AmpleMargin\Dates\Entry;
use AmpleMargin\Dates\Preview;
use AmpleMargin\Dates\SaidDay;
use AmpleMargin\Editing\Edits;
use AmpleMargin\Plan\DatesWriter;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use App\Import\Calendar\NamedZone;
use App\Import\DateFiles;
use App\Import\ReadDates;
use App\Plan\PlanFiles;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('dates:import', 'Dates of calendars, cards, tables or lines of text into a plan file.')]
final class DatesImportCommand extends Command
{
    use ReadsPlan;

    public function __construct(private readonly PlanFiles $files)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('plan', InputArgument::REQUIRED, 'a plan file, or - for standard input')
            ->addArgument(
                'files',
                InputArgument::REQUIRED | InputArgument::IS_ARRAY,
                'calendars (.ics), cards (.vcf), tables (.csv), lines of text',
            )
            ->addOption('into', null, InputOption::VALUE_REQUIRED, 'the plan file to write')
            ->addOption('dry-run', null, InputOption::VALUE_NONE, 'print what would come in, and write nothing')
            ->addOption('category', null, InputOption::VALUE_REQUIRED, 'of those that have none', '')
            ->addOption('zone', null, InputOption::VALUE_REQUIRED, 'where you live, such as Europe/Berlin', 'UTC')
            ->addOption('month-first', null, InputOption::VALUE_NONE, '3/4 is 4 March');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $plan = $this->plan($this->files, $input->getArgument('plan'));
            $into = $input->getOption('into');
            $dry = true === $input->getOption('dry-run');
            if (!\is_string($into) && !$dry) {
                throw PlanProblem::at('into', 'Name the plan file to write with --into, or look first with --dry-run.');
            }
            $category = $this->said($input->getOption('category'));
            $preview = Preview::of($plan->dates, $this->read($plan, $input)->found, $plan->period, $category);
            $this->say($preview, $output);
            if (!$dry && \is_string($into)) {
                $edit = ['type' => 'take-dates', 'entries' => array_map(
                    static fn (Entry $entry): array => DatesWriter::entry($entry),
                    $preview->taken(),
                )];
                $this->write($into, $this->files->file(Edits::apply($plan, $edit)->plan, []));
                $output->writeln("$into written.", OutputInterface::OUTPUT_RAW);
            }
        } catch (PlanProblem $problem) {
            $output->writeln(('' === $problem->field ? '' : "$problem->field: ").$problem->getMessage(), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }

        return Command::SUCCESS;
    }

    /** @throws PlanProblem */
    private function read(Plan $plan, InputInterface $input): ReadDates
    {
        $zone = NamedZone::named($this->said($input->getOption('zone')))->zone ?? throw PlanProblem::at('zone', 'This names no time zone.');
        $files = new DateFiles(
            new SaidDay($plan->period, new Names($plan->language)),
            $plan->dates,
            $zone,
            $plan->period->start->year,
            true === $input->getOption('month-first') ? true : null,
        );
        $read = new ReadDates([]);
        foreach ((array) $input->getArgument('files') as $file) {
            $name = $this->said($file);
            $bytes = @file_get_contents($name, false, null, 0, DateFiles::LARGEST + 1);
            if (false === $bytes) {
                throw PlanProblem::at('', "There is no file “{$name}” that can be read.");
            }
            $read = $read->and($files->read(basename($name), $bytes));
        }
        if (null !== $read->ask) {
            throw PlanProblem::at('month-first', "“{$read->ask}” could be read two ways: say --month-first, or write the month as a word.");
        }

        return $read;
    }

    private function say(Preview $preview, OutputInterface $output): void
    {
        foreach ($preview->rows as $row) {
            $what = null === $row->entry ? $row->where : "{$row->entry->when->written()} {$row->entry->words}";
            $output->writeln(rtrim(\sprintf('%-8s %s  %s', $row->as->value, $what, $row->says)), OutputInterface::OUTPUT_RAW);
        }
        $counts = array_filter($preview->counts(), static fn (int $count): bool => $count > 0);
        $said = array_map(static fn (string $as, int $count): string => "$count $as", array_keys($counts), $counts);
        $output->writeln([] === $said ? 'Nothing was found.' : implode(', ', $said).'.');
    }
}
