<?php

declare(strict_types=1);

namespace MoltenNotes\App\Diagnose;

use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Diagnose;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\AttemptDocument;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Diagnoses one attempt document without a database. */
#[AsCommand('molten:diagnose', 'Reads an attempt document and prints ranked causes as JSON')]
final class DiagnoseCommand extends Command
{
    public function __construct(private readonly Catalogue $catalogue)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'An attempt document (docs/formats), or - for standard input');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $file = $input->getArgument('file');
        $file = is_string($file) ? $file : '';
        if ('-' !== $file && !is_readable($file)) {
            $errors->writeln("{$file}: this file cannot be read.", OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        try {
            $document = json_decode((string) file_get_contents('-' === $file ? 'php://stdin' : $file), true, 32, \JSON_THROW_ON_ERROR);
            $read = AttemptDocument::read($document, $this->catalogue->causeCodes());
        } catch (\JsonException $error) {
            $errors->writeln("This is not JSON: {$error->getMessage()}.", OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        } catch (RejectedRecord $rejected) {
            foreach ($rejected->problems as $problem) {
                $errors->writeln(('' === $problem->pointer ? '/' : $problem->pointer).": {$problem->message}", OutputInterface::OUTPUT_RAW);
            }

            return Command::FAILURE;
        }
        $result = (new Diagnose($this->catalogue, UnitPreferences::metric()))->attempt($read['record'])->toArray();
        $result['questions'] = array_map(static fn (FieldProblem $question): array => $question->toArray(), $read['questions']);
        $output->writeln(json_encode(['format' => 'molten-notes/diagnosis', 'version' => 1] + $result, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
