<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Console;

use MoltenNotes\Core\Attempt\AttemptDocument;
use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Reads the attempt document that a command was given; what is wrong with it goes to standard error, one line per field. */
final readonly class DocumentInput
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @return array{record: AttemptRecord, questions: list<FieldProblem>}|null null when it was refused */
    public function read(InputInterface $input, OutputInterface $output): ?array
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $file = $input->getArgument('file');
        $file = is_string($file) ? $file : '';
        if ('-' !== $file && !is_readable($file)) {
            $errors->writeln("{$file}: this file cannot be read.", OutputInterface::OUTPUT_RAW);

            return null;
        }
        try {
            $document = json_decode((string) file_get_contents('-' === $file ? 'php://stdin' : $file), true, 32, \JSON_THROW_ON_ERROR);

            return AttemptDocument::read($document, $this->catalogue->causeCodes());
        } catch (\JsonException $error) {
            $errors->writeln("This is not JSON: {$error->getMessage()}.", OutputInterface::OUTPUT_RAW);
        } catch (RejectedRecord $rejected) {
            foreach ($rejected->problems as $problem) {
                $errors->writeln(
                    ('' === $problem->pointer ? '/' : $problem->pointer).": {$problem->message}",
                    OutputInterface::OUTPUT_RAW,
                );
            }
        }

        return null;
    }

    /** @param array<string, mixed> $result */
    public static function write(OutputInterface $output, array $result): void
    {
        $output->writeln(
            json_encode($result, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR),
            OutputInterface::OUTPUT_RAW,
        );
    }
}
