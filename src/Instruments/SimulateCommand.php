<?php

declare(strict_types=1);

namespace MoltenNotes\App\Instruments;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\CoreError;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Power;
use MoltenNotes\Core\Quantity\QuantityParser;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Simulated\Noise;
use MoltenNotes\Core\Simulated\SimulatedHeat;
use MoltenNotes\Core\Simulated\SimulatedYard;
use Psr\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Contracts\HttpClient\Exception\ExceptionInterface;
use Symfony\Contracts\HttpClient\HttpClientInterface;

/**
 * Stands in for an instrument that nobody has at hand. It sends lines through the same door as a real one, says of each that it is
 * simulated, and knows nothing of the notebook but an address and a token.
 *
 * A reading is a second from the beginning, a value and its unit.
 *
 * @phpstan-type Reading array{float, float, string}
 */
#[AsCommand('molten:simulate', 'Stands in for a thermocouple, a scale, a power meter or a weather station')]
final class SimulateCommand extends Command
{
    /** Share of a small furnace's power that reaches the pot. Made up. */
    private const REACHING = 0.4;
    /** Real seconds between two sendings. */
    private const SEND_EVERY_S = 0.5;
    private const MOST_AT_A_TIME = 5000;
    /** Deviation of one reading, in the unit that is sent. */
    private const NOISE = ['thermocouple' => 1.0, 'scale' => 0.0005, 'power' => 8.0, 'weather' => 0.1];

    public function __construct(private readonly HttpClientInterface $http, private readonly ClockInterface $clock)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this
            ->addArgument('instrument', InputArgument::REQUIRED, 'thermocouple, scale, power or weather')
            ->addOption('to', null, InputOption::VALUE_REQUIRED, 'Address of the notebook', 'http://127.0.0.1:8400')
            ->addOption('token', null, InputOption::VALUE_REQUIRED, 'Token of the instrument, as the notebook told it')
            ->addOption('run', null, InputOption::VALUE_REQUIRED, 'heat: up and held; whole: then left to cool; cup: a sample', 'heat')
            ->addOption('alloy', null, InputOption::VALUE_REQUIRED, 'A code of the table of alloys', 'al_si7mg')
            ->addOption('mass', null, InputOption::VALUE_REQUIRED, 'Charge, cup, or what dries on the scale', '2 kg')
            ->addOption('power', null, InputOption::VALUE_REQUIRED, 'What the furnace draws', '3 kW')
            ->addOption('target', null, InputOption::VALUE_REQUIRED, 'How hot it is made', '730 °C')
            ->addOption('for', null, InputOption::VALUE_REQUIRED, 'How long scale and weather are read', '24 h')
            ->addOption('every', null, InputOption::VALUE_REQUIRED, 'Seconds between readings', '2')
            ->addOption('speed', null, InputOption::VALUE_REQUIRED, 'How many times faster than it is; 0: at once', '1')
            ->addOption('noise', null, InputOption::VALUE_REQUIRED, 'How far readings scatter; as usual for the instrument when left out')
            ->addOption('lost', null, InputOption::VALUE_REQUIRED, 'Share of readings that drop out', '0.02')
            ->addOption('seed', null, InputOption::VALUE_REQUIRED, 'The same seed gives the same readings', '1')
            ->addOption('print', null, InputOption::VALUE_NONE, 'Print the lines instead of sending them');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $readings = $this->readings($input);
            $speed = self::number($input, 'speed', 0.0, 100_000.0);
        } catch (CoreError|\InvalidArgumentException $error) {
            $output->writeln("<error>{$error->getMessage()}</error>");

            return Command::FAILURE;
        }
        if ([] === $readings) {
            $output->writeln('<error>There is nothing to read.</error>');

            return Command::FAILURE;
        }
        $length = $readings[count($readings) - 1][0];
        // Stamped so that the last reading is of the moment it is sent: none comes from the future.
        $begin = (float) $this->clock->now()->format('U.u') - $length + (0.0 === $speed ? 0.0 : $length / $speed);
        if (true === $input->getOption('print')) {
            $output->write(self::lines($readings, $begin));

            return Command::SUCCESS;
        }

        return $this->send($readings, $begin, $speed, $input, $output);
    }

    /** @param non-empty-list<Reading> $readings */
    private function send(array $readings, float $begin, float $speed, InputInterface $input, OutputInterface $output): int
    {
        $token = self::word($input, 'token');
        $address = rtrim(self::word($input, 'to'), '/').'/api/readings';
        if ('' === $token) {
            $output->writeln('<error>Say --token: connect an instrument in the workshop, and it is told there.</error>');

            return Command::FAILURE;
        }
        $started = microtime(true);
        $sent = 0;
        while ($sent < count($readings)) {
            $reached = 0.0 === $speed ? \INF : (microtime(true) - $started) * $speed;
            $some = [];
            while ($sent < count($readings) && count($some) < self::MOST_AT_A_TIME && $readings[$sent][0] <= $reached) {
                $some[] = $readings[$sent++];
            }
            if ([] !== $some) {
                try {
                    $response = $this->http->request('POST', $address, [
                        'headers' => ['Authorization' => "Bearer {$token}", 'Content-Type' => 'text/csv'],
                        'body' => self::lines($some, $begin),
                    ]);
                    $status = $response->getStatusCode();
                    $answer = $response->getContent(false);
                } catch (ExceptionInterface $error) {
                    // As a logger does: what was not taken is sent again, and counts once.
                    $output->writeln("<comment>{$error->getMessage()} It is sent again.</comment>");
                    $sent -= count($some);
                    $status = 0;
                    $answer = '';
                }
                if ($status >= 400 && $status < 500) {
                    $output->writeln("<error>{$address} answered {$status}: {$answer}</error>");

                    return Command::FAILURE;
                }
                if ($status >= 500) {
                    $sent -= count($some);
                }
                if ($output->isVerbose()) {
                    $output->writeln("{$sent} of ".count($readings)." {$answer}");
                }
            }
            if ($sent < count($readings)) {
                usleep((int) (self::SEND_EVERY_S * 1e6));
            }
        }
        $output->writeln(count($readings).' readings sent.');

        return Command::SUCCESS;
    }

    /** @return list<Reading> */
    private function readings(InputInterface $input): array
    {
        $kind = $input->getArgument('instrument');
        $kind = is_string($kind) ? $kind : '';
        $noise = self::NOISE[$kind] ?? throw new \InvalidArgumentException('There are thermocouple, scale, power and weather.');
        $scatter = new Noise(
            (int) self::number($input, 'seed', 0, 1e9),
            null === $input->getOption('noise') ? $noise : self::number($input, 'noise', 0, 1000),
            self::number($input, 'lost', 0, 0.9),
        );
        $true = match ($kind) {
            'thermocouple' => array_map(static fn (array $row): array => [$row[0], $row[1]->celsius(), '°C'], $this->heat($input)->rows),
            'power' => array_map(static fn (array $row): array => [$row[0], $row[2]->si(), 'W'], $this->heat($input)->rows),
            'scale' => $this->scale($input),
            default => $this->weather($input),
        };
        $read = [];
        foreach ($true as [$second, $value, $unit]) {
            $seen = $scatter->read($value);
            if (null !== $seen) {
                $read[] = [$second, '°C' === $unit ? $seen : max(0.0, '%' === $unit ? min(100.0, $seen) : $seen), $unit];
            }
        }

        return $read;
    }

    private function heat(InputInterface $input): SimulatedHeat
    {
        $alloy = AlloyTable::get(self::word($input, 'alloy'));
        $mass = Mass::fromSi(self::quantity($input, 'mass', Dimension::Mass));
        $every = Time::fromSi(self::number($input, 'every', 0.05, 3600));
        $air = Temperature::fromCelsius(15);
        $run = self::word($input, 'run');
        if ('cup' === $run) {
            return SimulatedHeat::cup($alloy, $mass, $air, $every);
        }
        if (!in_array($run, ['heat', 'whole'], true)) {
            throw new \InvalidArgumentException('A run is heat, whole or cup.');
        }

        return SimulatedHeat::of(
            $alloy,
            $mass,
            Power::fromSi(self::quantity($input, 'power', Dimension::Power)),
            Ratio::fromSi(self::REACHING),
            Temperature::fromSi(self::quantity($input, 'target', Dimension::Temperature)),
            $air,
            $every,
            'whole' === $run,
        );
    }

    /** @return list<Reading> */
    private function scale(InputInterface $input): array
    {
        $dry = Mass::fromSi(self::quantity($input, 'mass', Dimension::Mass));
        $yard = new SimulatedYard(Temperature::fromCelsius(15), Ratio::fromSi(0.6));
        $rows = [];
        foreach ($this->seconds($input, 60.0) as $second) {
            $mass = $yard->drying($dry, Mass::fromSi(0.15 * $dry->si()), Time::fromSi(4 * 3600.0), Time::fromSi($second));
            $rows[] = [$second, $mass->si(), 'kg'];
        }

        return $rows;
    }

    /** @return list<Reading> */
    private function weather(InputInterface $input): array
    {
        $yard = new SimulatedYard(Temperature::fromCelsius(14), Ratio::fromSi(0.65));
        $rows = [];
        foreach ($this->seconds($input, 300.0) as $second) {
            $time = Time::fromSi($second);
            $rows[] = [$second, $yard->air($time)->celsius(), '°C'];
            $rows[] = [$second, 100 * $yard->humidity($time)->si(), '%'];
        }

        return $rows;
    }

    /** @return iterable<float> */
    private function seconds(InputInterface $input, float $least): iterable
    {
        $length = self::quantity($input, 'for', Dimension::Time);
        $every = max($least, self::number($input, 'every', 0.05, 86400));
        for ($second = 0.0; $second <= min($length, 30 * 86400.0); $second += $every) {
            yield $second;
        }
    }

    /** @param non-empty-list<Reading> $readings */
    private static function lines(array $readings, float $begin): string
    {
        $lines = "# simulated\ntime,value,unit\n";
        foreach ($readings as [$second, $value, $unit]) {
            $lines .= sprintf("%.3f,%.3f,%s\n", $begin + $second, $value, $unit);
        }

        return $lines;
    }

    private static function word(InputInterface $input, string $option): string
    {
        $word = $input->getOption($option);

        return is_string($word) ? trim($word) : '';
    }

    private static function number(InputInterface $input, string $option, float $least, float $most): float
    {
        $word = self::word($input, $option);
        if (!is_numeric($word) || (float) $word < $least || (float) $word > $most) {
            throw new \InvalidArgumentException("--{$option} is a number from {$least} to {$most}.");
        }

        return (float) $word;
    }

    private static function quantity(InputInterface $input, string $option, Dimension $dimension): float
    {
        $si = (new QuantityParser(UnitPreferences::metric()))->parse(self::word($input, $option), $dimension)->si();

        return $si > 0.0 ? $si : throw new \InvalidArgumentException("--{$option} is above nothing.");
    }
}
