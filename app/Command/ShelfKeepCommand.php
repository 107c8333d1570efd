<?php

/* A copy of the whole shelf, edits and ticks included, while the program runs. */

declare(strict_types=1);

namespace App\Command;

use App\Repository\Copies;
use App\Repository\CopyRefused;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

#[AsCommand('shelf:keep', 'Copies all notebooks, with their edits and ticks, into one file.')]
final class ShelfKeepCommand extends Command
{
    public function __construct(#[Autowire('%env(resolve:AMPLE_DATABASE)%')] private readonly string $database)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'the copy');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        try {
            Copies::make($this->database, \is_string($file) ? $file : '');
            $output->writeln('All notebooks are copied.');

            return Command::SUCCESS;
        } catch (CopyRefused $refused) {
            $output->writeln($refused->getMessage(), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
    }
}
