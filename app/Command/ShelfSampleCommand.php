<?php

/* Puts the sample notebooks on an empty shelf, and a printer beside it. */

declare(strict_types=1);

namespace App\Command;

use AmpleMargin\Paper\PaperSize;
use AmpleMargin\Sheet\Printer\Printer;
use AmpleMargin\Sheet\Printer\Reading;
use App\Plan\SamplePlans;
use App\Repository\Notebooks;
use App\Repository\Printers;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('shelf:sample', 'Puts the sample notebooks on the shelf, if the shelf is empty.')]
final class ShelfSampleCommand extends Command
{
    /** A printer as its calibration sheet was read, in mm: half a millimetre too wide, the back to the right of the front. */
    private const PRINTER = ['across' => '150.6', 'down' => '149.7', 'left' => '20.4', 'back_left' => '21.6'];

    public function __construct(
        private readonly Notebooks $notebooks,
        private readonly SamplePlans $samples,
        private readonly Printers $printers,
    ) {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (0 === $this->notebooks->count()) {
            foreach ([$this->samples->lastYear(), $this->samples->halfYear(), $this->samples->fullYear()] as $plan) {
                $this->notebooks->add($plan, SamplePlans::done($plan), static fn (): bool => true);
            }
            $this->printers->keep(new Printer('Depot printer', PaperSize::A4, Reading::read(PaperSize::A4, self::PRINTER)));
        }

        return Command::SUCCESS;
    }
}
