<?php

/* Paired devices without a browser, for a machine nobody sits at. */

declare(strict_types=1);

namespace App\Command;

use App\Security\Devices;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('devices', 'Lists paired devices; pairs a new one, or takes one away.')]
final class DevicesCommand extends Command
{
    protected function configure(): void
    {
        $this->addOption('code', null, InputOption::VALUE_NONE, 'a code of six letters that pairs one device')
            ->addOption('remove', null, InputOption::VALUE_REQUIRED, 'the device with this id is taken away');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $devices = Devices::here();
        if (true === $input->getOption('code')) {
            $code = $devices->code();
            $output->writeln("$code pairs one device, within ".(Devices::GOOD_FOR / 60).' minutes and '.Devices::TRIES.' tries.');

            return Command::SUCCESS;
        }
        $id = $input->getOption('remove');
        if (\is_string($id)) {
            $isGone = $devices->remove($id);
            $output->writeln($isGone ? "$id is taken away." : "There is no device $id.");

            return $isGone ? Command::SUCCESS : Command::FAILURE;
        }
        foreach ($devices->all() as $one) {
            [$made, $seen] = [gmdate('Y-m-d', $one['made']), gmdate('Y-m-d', $one['seen'])];
            $output->writeln("{$one['id']}  {$one['name']}, paired $made, last seen $seen", OutputInterface::OUTPUT_RAW);
        }

        return Command::SUCCESS;
    }
}
