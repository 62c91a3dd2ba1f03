<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Attempt\Finding;
use MoltenNotes\Core\Attempt\Sign;

/** What to look at next: the checks whose answers are expected to tell most for what they take. */
final readonly class NextChecks
{
    /** Checks beyond these are not weighed: the closed-form screening below them is a safe order [founders' choice]. */
    private const MOST_CHECKS_WEIGHED = 10;
    private const MOST_CHECKS_SHOWN = 3;
    private const LEAST_GAIN_BITS = 0.005;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param list<Cause> $causes
     *
     * @return list<NextCheck>
     */
    public function of(AttemptRecord $record, FactSheet $facts, array $causes, Network $network, Posterior $posterior): array
    {
        $isNoted = static fn (string $note): bool => self::isNoted($note, $record, $facts);
        $open = array_values(
            array_filter(
                $this->catalogue->checksFor($record->defectKinds(), $facts->process()),
                static fn (Sign $check): bool => !isset($record->answers[$check->code]) && [] === array_filter($check->knownBy, $isNoted)
                    && ([] === $check->needs || [] !== array_filter($check->needs, $isNoted)),
            ),
        );
        $rows = Network::rowsOf($open, $causes, $this->catalogue);
        $order = array_map(static fn (array $row): float => self::screening($row, $posterior), $rows);
        arsort($order);
        $gain = new InformationGain($network, $posterior);
        $checks = [];
        foreach (array_slice(array_keys($order), 0, self::MOST_CHECKS_WEIGHED) as $index) {
            $weighed = $gain->of($rows[$index]);
            if ($weighed['gain'] >= self::LEAST_GAIN_BITS) {
                $checks[] = new NextCheck($open[$index], $weighed['gain'], $weighed['chance'], $this->moves($causes, $weighed));
            }
        }
        usort($checks, static fn (NextCheck $a, NextCheck $b): int => [$b->worth(), $a->check->code] <=> [$a->worth(), $b->check->code]);

        return array_slice($checks, 0, self::MOST_CHECKS_SHOWN);
    }

    /** Whether something is noted: look:…, place:… of a finding, seen:… noticed, field:… told, or told so with =…. */
    private static function isNoted(string $note, AttemptRecord $record, FactSheet $facts): bool
    {
        [$of, $code] = explode(':', $note, 2);
        $parts = explode('=', $code, 2);
        $told = $parts[1] ?? null;
        $fact = $facts->fact($parts[0]);

        return match ($of) {
            'look' => [] !== array_filter($record->findings, static fn (Finding $one): bool => in_array($code, $one->looks, true)),
            'place' => [] !== array_filter($record->findings, static fn (Finding $one): bool => in_array($code, $one->places, true)),
            'seen' => in_array($code, $record->observations, true),
            default => null !== $fact
                && (null === $told || $told === $fact->choice || (null !== $fact->number && (string) $fact->number === $told)),
        };
    }

    /**
     * The gain as if causes were independent given the signs: closed form, good enough to choose which checks to weigh.
     *
     * @param array{leak: float, strengths: array<int, float>} $row
     */
    private static function screening(array $row, Posterior $posterior): float
    {
        $no = 1 - $row['leak'];
        foreach ($row['strengths'] as $cause => $strength) {
            $no *= 1 - $strength * $posterior->causes[$cause];
        }
        $gain = 0.0;
        foreach ($row['strengths'] as $cause => $strength) {
            $p = $posterior->causes[$cause];
            $ifNo = ($p * (1 - $strength)) / (1 - $strength * $p);
            $ifYes = $no < 1 ? ($p - $ifNo * $no) / (1 - $no) : $p;
            $gain +=
                InformationGain::entropy([$p]) - $no * InformationGain::entropy([$ifNo]) - (1 - $no) * InformationGain::entropy([$ifYes]);
        }

        return $gain;
    }

    /**
     * @param list<Cause> $causes
     * @param array{gain: float, chance: float, yes: array<int, float>, no: array<int, float>} $weighed
     *
     * @return list<array{cause: string, label: string, if_yes: float, if_no: float}>
     */
    private function moves(array $causes, array $weighed): array
    {
        $moves = [];
        foreach ($causes as $index => $cause) {
            $moves[] = [
                'cause' => $cause->code,
                'label' => $cause->label,
                'if_yes' => $weighed['yes'][$index],
                'if_no' => $weighed['no'][$index],
            ];
        }
        usort($moves, static fn (array $a, array $b): int => abs($b['if_yes'] - $b['if_no']) <=> abs($a['if_yes'] - $a['if_no']));

        return array_slice($moves, 0, 3);
    }
}
