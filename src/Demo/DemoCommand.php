<?php

declare(strict_types=1);

namespace MoltenNotes\App\Demo;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Account\DemoAccount;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('molten:demo', 'Loads the demo notebook')]
final class DemoCommand extends Command
{
    public function __construct(private readonly LoadDemo $loadDemo, private readonly EntityManagerInterface $storage)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('once', null, InputOption::VALUE_NONE, 'Do nothing when the demo is there already');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $known = $this->storage->getRepository(Caster::class)->findOneBy(['email' => DemoAccount::EMAIL]);
        if (null !== $known) {
            if (true === $input->getOption('once')) {
                return Command::SUCCESS;
            }
            $output->writeln('The demo is there already; bin/start --fresh resets it.');

            return Command::FAILURE;
        }
        $count = $this->storage->wrapInTransaction(fn (): int => ($this->loadDemo)());
        $output->writeln("Demo notebook: {$count} attempts.");

        return Command::SUCCESS;
    }
}
