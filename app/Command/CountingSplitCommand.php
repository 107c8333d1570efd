<?php

/* "How do I split this?" without a browser: bin/console counting:split 26 5 --gap=best */

declare(strict_types=1);

namespace App\Command;

use AmpleMargin\Bench\BenchRegion;
use AmpleMargin\Bench\CountingBench;
use AmpleMargin\Counting\Tally;
use AmpleMargin\Drawing\Edge;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\SplitReader;
use AmpleMargin\Plan\Values;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('counting:split', 'Splits a side of a page by every school')]
final class CountingSplitCommand extends Command
{
    protected function configure(): void
    {
        $this
            ->addArgument('boxes', InputArgument::REQUIRED, 'boxes of the side')
            ->addArgument('parts', InputArgument::REQUIRED, 'parts, or a ratio such as 2:1:1')
            ->addOption('gap', null, InputOption::VALUE_REQUIRED, 'boxes between parts, or best', '0')
            ->addOption('again', null, InputOption::VALUE_REQUIRED, 'into how many each part is divided again', '1')
            ->addOption('from', null, InputOption::VALUE_REQUIRED, 'boxes before the side begins, to go on after a slip', '0')
            ->addOption('pitch', null, InputOption::VALUE_REQUIRED, 'mm a box', '5')
            ->addOption('dots', null, InputOption::VALUE_NONE, 'count dots, not boxes');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $output->write(implode("\n", $this->answers($input))."\n", false, OutputInterface::OUTPUT_RAW);

            return Command::SUCCESS;
        } catch (PlanProblem $problem) {
            ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln(
                $problem->getMessage(),
                OutputInterface::OUTPUT_RAW,
            );

            return Command::FAILURE;
        }
    }

    /** @return list<string> a line or two for each school */
    private function answers(InputInterface $input): array
    {
        $number = static fn (mixed $said): int|string => \is_string($said)
            && 1 === preg_match('/^\d+$/', $said) ? (int) $said : (\is_string($said) ? $said : '');
        $parts = $input->getArgument('parts');
        $ratio = \is_string($parts) && str_contains($parts, ':') ? array_map($number, explode(':', $parts)) : [];
        $gap = $input->getOption('gap');
        $asked = Values::of([
            'boxes' => $number($input->getArgument('boxes')),
            'from' => $number($input->getOption('from')),
            'ratio' => $ratio,
            'again' => $number($input->getOption('again')),
            'gap' => 'best' === $gap ? null : $number($gap),
            'pitch' => is_numeric($input->getOption('pitch')) ? (float) $input->getOption('pitch') : '',
        ] + ([] === $ratio ? ['parts' => $number($parts)] : []));
        $boxes = SplitReader::number($asked, 'boxes', 1, Stock::MOST_BOXES, 'A side has 1 to '.Stock::MOST_BOXES.' boxes');
        $from = SplitReader::number($asked, 'from', 0, Stock::MOST_BOXES, 'A side begins at a whole box of the page');
        $tally = true === $input->getOption('dots') ? Tally::Dots : Tally::Boxes;
        $lines = [];
        $bench = new CountingBench($from + $boxes, 1, $asked->millimetres('pitch'));
        foreach ($bench->count(new BenchRegion(Edge::Top, $from, 0, $boxes, 1), SplitReader::splitting($asked)) as $one) {
            $lines[] = "$one->name: ".(null === $one->split ? $one->says : $one->split->run()." ($one->says)");
            if ([] !== $one->ticks) {
                $lines[] = "  tick {$tally->places($one->ticks)}; mm ".implode(', ', $one->millimetres());
            }
        }

        return $lines;
    }
}
