<?php

declare(strict_types=1);

namespace MoltenNotes\App\Diagnose;

use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Diagnose;
use MoltenNotes\Core\Diagnosis\Judge;
use MoltenNotes\Core\Diagnosis\KnownCase;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\RejectedRecord;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Holds the diagnosis against cases of which the truth is known. */
#[AsCommand('molten:judge', 'Reads cases from a directory and says how often the diagnosis is right')]
final class JudgeCommand extends Command
{
    public function __construct(private readonly Catalogue $catalogue)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('directory', InputArgument::REQUIRED, 'Cases (docs/formats), one JSON file each');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $directory = $input->getArgument('directory');
        $files = is_string($directory) ? glob("{$directory}/*.json") : [];
        if (false === $files || [] === $files) {
            $errors->writeln('There are no cases (*.json) in this directory.', OutputInterface::OUTPUT_RAW);

            return Command::FAILURE;
        }
        $cases = [];
        foreach ($files as $file) {
            $name = basename($file, '.json');
            try {
                $case = json_decode((string) file_get_contents($file), true, 32, \JSON_THROW_ON_ERROR);
                $cases[] = KnownCase::read($name, $case, $this->catalogue);
            } catch (\JsonException $error) {
                $errors->writeln("{$name}: this is not JSON: {$error->getMessage()}.", OutputInterface::OUTPUT_RAW);

                return Command::FAILURE;
            } catch (RejectedRecord $rejected) {
                foreach ($rejected->problems as $problem) {
                    $errors->writeln("{$name}: {$problem->pointer}: {$problem->message}", OutputInterface::OUTPUT_RAW);
                }

                return Command::FAILURE;
            }
        }
        $judge = Judge::of($cases, new Diagnose($this->catalogue, UnitPreferences::metric()));
        foreach (self::lines($judge, $cases) as $line) {
            $output->writeln($line, OutputInterface::OUTPUT_RAW);
        }

        return Command::SUCCESS;
    }

    /**
     * @param list<KnownCase> $cases
     *
     * @return iterable<string>
     */
    private static function lines(Judge $judge, array $cases): iterable
    {
        foreach ($judge->cases as $case) {
            $faults = [
                null !== $case['truth'] && 1 !== $case['hit_at']
                    ? sprintf(
                        '%s stands %s, at %.0f %%; first %s',
                        $case['truth'],
                        $case['hit_at'] ?? 'nowhere',
                        100 * $case['said'],
                        $case['first'],
                    )
                    : '',
                [] === $case['innocents'] ? '' : 'blames '.implode(', ', $case['innocents']),
                [] === $case['near_missed'] ? '' : 'does not see '.implode(', ', $case['near_missed']),
                [] === $case['shouted'] ? '' : 'shouts '.implode(', ', $case['shouted']),
            ];
            $faults = implode('; ', array_filter($faults, static fn (string $fault): bool => '' !== $fault));
            if ('' !== $faults) {
                yield "{$case['name']}: {$faults}";
            }
        }
        $near = array_sum(array_map(static fn (KnownCase $case): int => count($case->near), $cases));
        yield sprintf('%d cases', count($cases));
        yield sprintf('first %.0f %%, among three %.0f %%', 100 * $judge->hits(1), 100 * $judge->hits(3));
        yield sprintf('innocents blamed in %.0f %% of the cases', 100 * $judge->innocents());
        yield sprintf('near misses seen %.0f %% of %d', 100 * $judge->nearMisses($near), $near);
        yield sprintf('good castings shouted at %.0f %%', 100 * $judge->shouting());
        yield sprintf('Brier %.4f', $judge->brier);
        foreach ($judge->calibration as $bin) {
            [$from, $to, $said, $true] = array_map(static fn (float $share): float => 100 * $share, [
                $bin['from'], $bin['to'], $bin['said'], $bin['true'],
            ]);
            $line = 'said %3.0f to %3.0f %%: %3d times, %3.0f %% in the mean, true %3.0f %%';
            yield sprintf($line, $from, $to, $bin['count'], $said, $true);
        }
    }
}
