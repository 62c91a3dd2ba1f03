<?php

declare(strict_types=1);

namespace MoltenNotes\App\Diagnose;

use MoltenNotes\App\Shared\Console\DocumentInput;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Diagnose;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\FieldProblem;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Diagnoses one attempt document without a database. */
#[AsCommand('molten:diagnose', 'Reads an attempt document and prints ranked causes as JSON')]
final class DiagnoseCommand extends Command
{
    public function __construct(private readonly Catalogue $catalogue, private readonly DocumentInput $documents)
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
        $result = (new Diagnose($this->catalogue, UnitPreferences::metric()))->attempt($read['record'])->toArray();
        $result['questions'] = array_map(static fn (FieldProblem $question): array => $question->toArray(), $read['questions']);
        DocumentInput::write($output, ['format' => 'molten-notes/diagnosis', 'version' => 1] + $result);

        return Command::SUCCESS;
    }
}
