<?php

/* The catalogue as a document with pictures: bin/console catalogue:write docs */

declare(strict_types=1);

namespace App\Command;

use AmpleMargin\Spread\Catalogue\Catalogue;
use App\Export\CatalogueDocument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('catalogue:write', 'Writes catalogue.md and its pictures into a folder')]
final class CatalogueCommand extends Command
{
    public function __construct(private readonly Catalogue $catalogue)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('folder', InputArgument::REQUIRED, 'docs, for example');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $folder = $input->getArgument('folder');
        if (!\is_string($folder) || !is_dir($folder)) {
            $output->writeln('Name a folder that is there, such as docs.');

            return Command::FAILURE;
        }
        if (!is_dir("$folder/catalogue") && !mkdir("$folder/catalogue") && !is_dir("$folder/catalogue")) {
            $output->writeln("No folder can be made in $folder.");

            return Command::FAILURE;
        }
        $files = CatalogueDocument::files($this->catalogue);
        foreach ($files as $name => $text) {
            if (false === file_put_contents("$folder/$name", $text)) {
                $output->writeln("$name cannot be written.");

                return Command::FAILURE;
            }
        }
        $output->writeln(\count($files) - 1 .' kinds are written.');

        return Command::SUCCESS;
    }
}
