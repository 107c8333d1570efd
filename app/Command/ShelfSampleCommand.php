<?php

/* Puts the sample notebooks on an empty shelf. */

declare(strict_types=1);

namespace App\Command;

use App\Plan\SamplePlans;
use App\Repository\Notebooks;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('shelf:sample', 'Puts the sample notebooks on the shelf, if the shelf is empty.')]
final class ShelfSampleCommand extends Command
{
    public function __construct(private readonly Notebooks $notebooks, private readonly SamplePlans $samples)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        if (0 === $this->notebooks->count()) {
            foreach ([$this->samples->lastYear(), $this->samples->halfYear(), $this->samples->fullYear()] as $plan) {
                $this->notebooks->add($plan, SamplePlans::done($plan), static fn (): bool => true);
            }
        }

        return Command::SUCCESS;
    }
}
