<?php

/* An old notebook carried over into a new plan file, without a browser: what became of each spread, and how sure the new one lasts. */

declare(strict_types=1);

namespace App\Command;

use AmpleMargin\Book\Carrying\AsLastBook;
use AmpleMargin\Book\Carrying\Carried;
use AmpleMargin\Calendar\Month;
use AmpleMargin\Calendar\Names;
use AmpleMargin\Calendar\Period;
use AmpleMargin\Carrying\LastingWords;
use AmpleMargin\Carrying\Taken;
use AmpleMargin\Counting\Listed;
use AmpleMargin\Counting\Plural;
use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Paper\Stock;
use AmpleMargin\Paper\StockRefused;
use AmpleMargin\Plan\Old\OldBook;
use AmpleMargin\Plan\Old\OldSpread;
use AmpleMargin\Plan\Old\Verdict;
use AmpleMargin\Plan\Plan;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Plan\PlanReader;
use AmpleMargin\Plan\Values;
use AmpleMargin\Spread\Catalogue\Catalogue;
use App\Import\Verdicts;
use App\Plan\PlanFiles;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('book:carry', 'Carries an old notebook over into a new plan file.')]
final class BookCarryCommand extends Command
{
    use ReadsPlan;

    public function __construct(private readonly PlanFiles $files, private readonly Catalogue $catalogue)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('plan', InputArgument::REQUIRED, 'the plan file of the old notebook; or of a new one that has reviewed it')
            ->addOption('to', null, InputOption::VALUE_REQUIRED, 'the months of the new one: 2028-01..2028-12')
            ->addOption('stock', null, InputOption::VALUE_REQUIRED, 'its paper, where it is another: A5:26x38:192')
            ->addOption('title', null, InputOption::VALUE_REQUIRED, 'its title; its years where none is given')
            ->addOption('use', null, InputOption::VALUE_REQUIRED, 'a file with what is said of each spread; all are kept without one')
            ->addOption('into', null, InputOption::VALUE_REQUIRED, 'the plan file to write');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            [$was, $ticked] = $this->files->read($this->contents($this->said($input->getArgument('plan'))));
            $plan = $this->new($was, $ticked, $input);
            $carried = Carried::of($plan, $this->catalogue)
                ?? throw PlanProblem::at('to', 'Say which months the new book is for: --to=2028-01..2028-12.');
            $output->writeln($this->report($carried), OutputInterface::OUTPUT_RAW);
            $into = $input->getOption('into');
            if (\is_string($into)) {
                $this->write($into, $this->files->file($carried->book->plan->whole, []));
                $output->writeln(['', "$into written."], OutputInterface::OUTPUT_RAW);
            }
        } catch (PlanProblem $problem) {
            $output->writeln(('' === $problem->field ? '' : "$problem->field: ").$problem->getMessage(), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }

        return Command::SUCCESS;
    }

    /**
     * @param list<array{drawing: string, step: string}> $ticked
     *
     * @throws PlanProblem
     */
    private function new(Plan $was, array $ticked, InputInterface $input): Plan
    {
        $to = $input->getOption('to');
        $use = $input->getOption('use');
        if (\is_string($to)) {
            $period = self::period($to);
            $title = $input->getOption('title');
            $was = AsLastBook::of(
                $was,
                $ticked,
                \is_string($title) && '' !== trim($title) ? $title : $period->years(),
                self::stock($input->getOption('stock'), $was->stock),
                $period,
                $was->counting,
                $this->catalogue,
            );
            if (!\is_string($use)) {
                $was = self::keepingAll($was);
            }
        }
        if (\is_string($use) && null !== $was->old) {
            $verdicts = new Verdicts($this->catalogue->having($was));

            return $was->with(['old' => $verdicts->onto($was->old, $this->contents($use))]);
        }

        return $was;
    }

    private static function keepingAll(Plan $plan): Plan
    {
        $keep = static fn (OldSpread $one): OldSpread => $one->with(['verdict' => Verdict::Keep]);

        return $plan->with(['old' => $plan->old?->with(['spreads' => array_map($keep, $plan->old->spreads)])]);
    }

    /** @throws PlanProblem */
    private static function period(string $said): Period
    {
        [$start, $end] = explode('..', $said, 2) + [1 => ''];
        if (null === Month::read($start) || null === Month::read($end)) {
            throw PlanProblem::at('to', "“{$said}” is no period: write it as 2028-01..2028-12.");
        }

        return PlanReader::period(Values::of(['start' => $start, 'end' => $end], 'to'));
    }

    /** @throws PlanProblem */
    private static function stock(mixed $said, Stock $old): Stock
    {
        if (!\is_string($said)) {
            return $old;
        }
        $isPaper = 1 === preg_match('/^([A-Za-z0-9 ]+):(\d{1,3})x(\d{1,3}):(\d{1,4})$/D', $said, $found);
        $size = $isPaper ? PaperSize::tryFrom($found[1]) : null;
        if (null === $size) {
            throw PlanProblem::at(
                'stock',
                "“{$said}” is no paper: write its size, the boxes across and down, and the pages, as A5:26x38:192.",
            );
        }
        try {
            return new Stock(...[...$size->micrometres(), $old->pitch, (int) $found[2], (int) $found[3], (int) $found[4], $old->firstLeaf]);
        } catch (StockRefused $refused) {
            throw PlanProblem::at("stock/$refused->field", $refused->getMessage());
        }
    }

    /** @return list<string> */
    private function report(Carried $carried): array
    {
        $names = new Names('en');
        $lines = [];
        foreach ($carried->old->spreads as $one) {
            $lines[] = $this->catalogue->title($one->spread).': '.$carried->says($one);
            foreach ($carried->items($one) as [$item, $became]) {
                if ($item->isHead()) {
                    continue;
                }
                $lines[] = '  '.($item->reworded ?? $item->words).": $became->value";
            }
        }
        $lasting = $carried->book->lasting();
        $lines[] = '';
        array_push($lines, ...$this->measured($carried->old, $names), ...$carried->between());
        $switch = $carried->switching;
        if (null !== $switch) {
            $lines[] = "Best switch: {$names->monthAndYear($switch->month)}; the old book ends on page $switch->ends, "
                .Plural::of($switch->wasted, 'page', 'pages').' wasted.';
        }
        $lines[] = $carried->book->runOut->sentence($names);
        if (null !== $lasting) {
            $lines[] = LastingWords::of($lasting, $names);
            $counts = $carried->counts();
            $lines[] = 'Of 100 years it lasts with '.implode(', ', array_map(
                static fn (int $pages, int $of): string => "$pages pages in $of",
                array_keys($counts),
                $counts,
            ))."; two books of it in {$carried->two()}.";
        }
        foreach ($carried->tight() as $finding) {
            $lines[] = "$finding->about: $finding->says";
        }

        return $lines;
    }

    /** @return list<string> */
    private function measured(OldBook $old, Names $names): array
    {
        $taken = new Taken($old);
        if (null === $taken->median()) {
            return [];
        }
        $name = static fn (string $month): string => $names->monthAndYear(Month::read($month) ?? $old->period->start);
        $over = array_map($name, array_keys($taken->over()));

        return ["Months of the old book: {$taken->median()} pages in the middle, {$taken->most()} at most"
            .([] === $over ? '.' : '; '.Listed::all($over).' ran over.')];
    }
}
