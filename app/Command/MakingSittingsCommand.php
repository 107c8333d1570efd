<?php

/* A book's set-up on free evenings: each with its pages, minutes, tools and pauses, what is short, and what cannot be less. */

declare(strict_types=1);

namespace App\Command;

use AmpleMargin\Book\Composer;
use AmpleMargin\Book\Making\Short;
use AmpleMargin\Book\Making\Sittings;
use AmpleMargin\Book\Making\SittingWords;
use AmpleMargin\Calendar\Day;
use AmpleMargin\Making\Sitting\ToDraw;
use AmpleMargin\Plan\Making\Evening;
use AmpleMargin\Plan\Making\SaidEvenings;
use AmpleMargin\Plan\PlanProblem;
use AmpleMargin\Spread\Catalogue\Catalogue;
use App\Export\DatesCalendar;
use App\Plan\PlanFiles;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('making:sittings', 'Packs the pages of a plan file into free evenings.')]
final class MakingSittingsCommand extends Command
{
    use ReadsPlan;

    /** Days before the first one from which "Tuesdays" are meant. */
    private const AHEAD = 28;

    public function __construct(private readonly PlanFiles $files, private readonly Catalogue $catalogue)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('plan', InputArgument::REQUIRED, 'the plan file')
            ->addOption(
                'evenings',
                null,
                InputOption::VALUE_REQUIRED,
                '“2026-12-20 19:00 90, 2026-12-22 19:00 120” or “Tuesdays and Sundays, 90 minutes”; those of the plan where none are '
                    .'given',
            )
            ->addOption('ics', null, InputOption::VALUE_REQUIRED, 'a calendar file to write');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            [$plan, $ticked] = $this->files->read($this->contents($this->said($input->getArgument('plan'))));
            $said = $this->said($input->getOption('evenings'));
            if ('' !== $said) {
                $first = Day::of($plan->period->start, 1);
                $plan = $plan->with(['making' => $plan->making->with([
                    'evenings' => SaidEvenings::read($said, $first->plus(-self::AHEAD - 1), $first),
                ])]);
            }
            $book = Composer::compose($plan, catalogue: $this->catalogue);
            $sittings = Sittings::of($book, PlanFiles::done($ticked));
            $output->writeln($this->report($sittings), OutputInterface::OUTPUT_RAW);
            $ics = $this->said($input->getOption('ics'));
            if ('' !== $ics) {
                $this->write($ics, DatesCalendar::ofSittings($book, $sittings));
                $output->writeln(['', "$ics written."], OutputInterface::OUTPUT_RAW);
            }
        } catch (PlanProblem $problem) {
            $output->writeln(('' === $problem->field ? '' : "$problem->field: ").$problem->getMessage(), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }

        return Command::SUCCESS;
    }

    /** @return list<string> */
    private function report(Sittings $sittings): array
    {
        if ([] === $sittings->evenings) {
            return ['No evenings are free: name some with --evenings="2026-12-20 19:00 90".'];
        }
        $lines = [];
        foreach ($sittings->evenings as $evening) {
            array_push($lines, ...$this->evening($sittings, $evening), ...['']);
        }
        $packed = $sittings->packed;
        $pages = \count($sittings->pending->pages);
        $lines[] = "$pages pages to draw, {$sittings->pending->done} drawn.";
        if (0 === $packed->short()) {
            $lines[] = 'Everything has room.';
        } else {
            $lines[] = "{$packed->short()} minutes have no room"
                .($packed->bound > 0 ? "; {$packed->bound} of them have none however the pages are packed." : '.');
            $lines[] = 'Left: '.implode(', ', array_map(
                static fn (ToDraw $page): string => "page $page->page, {$sittings->book->slot($page->page)->title} "
                    ."({$page->whole()->minutes()} min)",
                $packed->left,
            )).'.';
            foreach (Short::ways($sittings, null) as $way) {
                $lines[] = "- $way->say";
            }
        }
        $lines[] = $packed->proven
            ? 'No packing leaves fewer minutes or draws fewer pages in two.'
            : 'The best packing found; a better one may exist.';

        return $lines;
    }

    /** @return list<string> */
    private function evening(Sittings $sittings, Evening $evening): array
    {
        $line = $sittings->packed->timelines[$evening->key()] ?? null;
        $late = $evening->day->number >= Day::of($sittings->book->plan->period->start, 1)->number ? ' (after the first day)' : '';
        $head = "{$evening->day->iso()} {$evening->from}, $evening->minutes minutes$late: ";
        $words = SittingWords::of($sittings, $evening);

        return [] === $words
            ? ["{$head}nothing to draw."]
            : ["$head".($line->length ?? 0).' planned.', ...array_map(static fn (string $one): string => "  $one", $words)];
    }
}
