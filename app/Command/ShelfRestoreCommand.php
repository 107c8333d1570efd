<?php

/* Puts a copy of the shelf back, while the program does not run. */

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

#[AsCommand('shelf:restore', 'Puts a copy made by shelf:keep in the place of the notebooks.')]
final class ShelfRestoreCommand extends Command
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
            $before = Copies::restore($this->database, \is_string($file) ? $file : '');
            $output->writeln('The notebooks are those of the copy.'.(null === $before ? '' : " Those that were there are kept in $before.").' Run bin/console doctrine:migrations:migrate if the copy is of an older version; bin/demo does.');

            return Command::SUCCESS;
        } catch (CopyRefused $refused) {
            $output->writeln($refused->getMessage(), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
    }
}
