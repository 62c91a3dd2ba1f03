<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use MoltenNotes\App\Shared\Console\DocumentInput;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\FieldProblem;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Plans one attempt document without a database. */
#[AsCommand('molten:plan', 'Reads an attempt document and prints the whole plan as JSON')]
final class PlanCommand extends Command
{
    public function __construct(private readonly DocumentInput $documents)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'An attempt document (docs/formats), or - for standard input');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $read = $this->documents->read($input, $output);
        if (null === $read) {
            return Command::FAILURE;
        }
        $format = new QuantityFormatter(UnitPreferences::metric());
        $result = PlanCasting::of(Basis::of($read['record'], $format))->toArray($format);
        $result['questions'] = array_map(static fn (FieldProblem $question): array => $question->toArray(), $read['questions']);
        DocumentInput::write($output, $result);

        return Command::SUCCESS;
    }
}
