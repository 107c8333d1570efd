<?php

/* What the commands for copies of the shelf share: the database, the file, and a refusal in words. */

declare(strict_types=1);

namespace App\Command;

use App\Repository\CopyRefused;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

abstract class CopyCommand extends Command
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
            $output->writeln($this->done($this->database, \is_string($file) ? $file : ''), OutputInterface::OUTPUT_RAW);

            return Command::SUCCESS;
        } catch (CopyRefused $refused) {
            $output->writeln($refused->getMessage(), OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
    }

    /**
     * Does it, and says what is done.
     *
     * @throws CopyRefused
     */
    abstract protected function done(string $database, string $file): string;
}
