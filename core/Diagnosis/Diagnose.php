<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Attempt\Sign;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;

/** The door: one attempt in, its diagnosis out. */
final readonly class Diagnose
{
    /** A detail that moved less is not worth a line. */
    private const SILENT = 0.02;
    /** How often what is there is seen by who looks for it. Common practice. */
    public const SEEN_IF_THERE = 0.85;

    public function __construct(private Catalogue $catalogue, private UnitPreferences $preferences)
    {
    }

    /** Causes of what was found, by the attempt's own record: probabilities 0…1 with the evidence behind each. Needs no finding. */
    public function attempt(AttemptRecord $record): Diagnosis
    {
        $facts = FactSheet::of($record, new QuantityFormatter($this->preferences));
        $causes = array_values(
            array_filter(
                $this->catalogue->causes,
                static fn (Cause $cause): bool => $cause->isPossibleIn($facts->process(), $facts->family()),
            ),
        );
        $context = new ContextEvidence($this->catalogue);
        $own = array_map(static fn (Cause $cause): array => $context->of($cause, $facts, $record->history), $causes);
        $other = $record->beside;
        $there = null === $other ? [] : $this->besides($other, $causes, $context);
        $ledgers = null === $other ? $own : $this->heldAgainst($other, $record->defectKinds(), $causes, $own, $there);
        $priors = array_map(self::probability(...), $ledgers);
        $details = array_map(static fn (Cause $cause): array => $context->details($cause, $record->findings), $causes);
        [$seen, $absent] = $this->signs($record);
        $sound = $this->soundSigns($record, $seen);
        $plain = Network::rowsOf($seen, $causes, $this->catalogue);
        $missing = [
            ...Network::rowsOf($absent, $causes, $this->catalogue),
            ...self::overlooked(Network::rowsOf($sound, $causes, $this->catalogue)),
        ];
        $absent = [...$absent, ...$sound];
        $network = new Network($priors, self::detailed($plain, $seen, $details), $missing);
        $posterior = count($seen) <= ExactElimination::MOST_SIGNS ? ExactElimination::solve($network) : BlockApproximation::solve($network);
        $without = new Network($priors, $plain, $network->negative);
        foreach ($details as $index => $told) {
            $ledgers[$index] = [...$ledgers[$index], ...self::told($told, $index, $seen, $without, $network)];
        }
        $ranked = $this->ranked($causes, $ledgers, $without, $posterior, $seen, $absent);

        return new Diagnosis(
            [] === $seen ? 'near_misses' : 'findings',
            [] === $seen ? ToldCauses::nearMisses($ranked) : ToldCauses::leading($ranked),
            [] === $seen ? [] : ToldCauses::nearMisses(
                array_values(array_filter($ranked, static fn (RankedCause $cause): bool => [] === $cause->explains)),
            ),
            ToldCauses::cleared($ranked, $seen),
            ToldCauses::sound($ranked, $seen),
            ToldCauses::unexplained($seen, $posterior),
            [] === $seen ? [] : (new NextChecks($this->catalogue))->of($record, $facts, $causes, $network, $posterior),
            [] === $seen ? [] : BlankFields::of($this->catalogue, $facts, $causes, $posterior->causes, array_map(
                fn (Cause $cause): bool => [] !== array_filter(
                    $seen,
                    fn (Sign $sign): bool => isset($this->catalogue->signs[$cause->code][$sign->code]),
                ),
                $causes,
            )),
            $facts->workings(),
            $posterior->exact,
            array_combine(array_map(static fn (Cause $cause): string => $cause->code, $causes), $posterior->causes),
            null === $other ? null : $this->compared($record, $other, $causes, $own, $there, $posterior),
        );
    }

    /**
     * @param list<string> $defects seen here
     * @param list<Cause> $causes
     * @param list<list<Contribution>> $own
     * @param array<string, list<Contribution>> $there
     *
     * @return list<list<Contribution>> with what the other attempt says of each cause
     */
    private function heldAgainst(AttemptRecord $other, array $defects, array $causes, array $own, array $there): array
    {
        $held = [];
        foreach ($causes as $index => $cause) {
            $shows = array_map(
                static fn (array $link): float => $link[0],
                array_intersect_key($this->catalogue->signs[$cause->code] ?? [], array_fill_keys($defects, true)),
            );
            $said = [] === $shows ? null : Comparison::evidence($other, $own[$index], $there[$cause->code] ?? null, $shows);
            $held[] = null === $said ? $own[$index] : [...$own[$index], $said];
        }

        return $held;
    }

    /**
     * What the other attempt's record says of each cause that could be at work there.
     *
     * @param list<Cause> $causes
     *
     * @return array<string, list<Contribution>> by cause
     */
    private function besides(AttemptRecord $other, array $causes, ContextEvidence $context): array
    {
        $facts = FactSheet::of($other, new QuantityFormatter($this->preferences));
        $said = [];
        foreach ($causes as $cause) {
            if ($cause->isPossibleIn($facts->process(), $facts->family())) {
                $said[$cause->code] = $context->of($cause, $facts, $other->history);
            }
        }

        return $said;
    }

    /**
     * @param list<Cause> $causes
     * @param list<list<Contribution>> $own
     * @param array<string, list<Contribution>> $there
     */
    private function compared(
        AttemptRecord $record,
        AttemptRecord $other,
        array $causes,
        array $own,
        array $there,
        Posterior $posterior,
    ): Comparison {
        $codes = array_map(static fn (Cause $cause): string => $cause->code, $causes);
        $chances = array_combine($codes, $posterior->causes);
        $seen = $record->defectKinds();
        $relevant = array_values(array_filter(
            $codes,
            fn (string $cause): bool => [] === $seen || [] !== array_intersect(array_keys($this->catalogue->signs[$cause] ?? []), $seen),
        ));

        return Comparison::of(
            $record,
            $other,
            $relevant,
            array_combine($codes, $own),
            $there,
            $chances,
            $this->catalogue,
            new QuantityFormatter($this->preferences),
        );
    }

    /** @return array{list<Sign>, list<Sign>} signs seen and signs looked for in vain, in a fixed order */
    private function signs(AttemptRecord $record): array
    {
        $seen = [];
        $absent = [];
        foreach ($record->defectKinds() as $kind) {
            $seen[] = $this->catalogue->vocabulary->defects[$kind];
        }
        $answers = $record->answers;
        ksort($answers);
        foreach ($answers as $check => $answer) {
            if ('yes' === $answer) {
                $seen[] = $this->catalogue->vocabulary->checks[$check];
            } elseif ('no' === $answer) {
                $absent[] = $this->catalogue->vocabulary->checks[$check];
            }
        }

        return [$seen, $absent];
    }

    /**
     * Defects that somebody looked for and did not find, which is not the same as nobody having looked.
     *
     * @param list<Sign> $seen
     *
     * @return list<Sign>
     */
    private function soundSigns(AttemptRecord $record, array $seen): array
    {
        $found = array_map(static fn (Sign $sign): string => $sign->code, $seen);
        $sound = [];
        foreach ($record->observations as $code) {
            foreach ($this->catalogue->vocabulary->observations[$code]['sound'] ?? [] as $defect) {
                if (!in_array($defect, $found, true)) {
                    $sound[$defect] = $this->catalogue->vocabulary->defects[$defect];
                }
            }
        }
        ksort($sound);

        return array_values($sound);
    }

    /**
     * Who looks may still miss one: a sign looked for in vain says a little less than one that is not there.
     *
     * @param list<array{leak: float, strengths: array<int, float>}> $rows
     *
     * @return list<array{leak: float, strengths: array<int, float>}>
     */
    private static function overlooked(array $rows): array
    {
        return array_map(
            static fn (array $row): array => [
                'leak' => $row['leak'],
                'strengths' => array_map(static fn (float $strength): float => self::SEEN_IF_THERE * $strength, $row['strengths']),
            ],
            $rows,
        );
    }

    /**
     * How likely each cause makes a finding just as it was found: its strength times how much likelier the details are by it. What fits all
     * alike changes nothing; what fits best keeps its strength.
     *
     * @param list<array{leak: float, strengths: array<int, float>}> $rows
     * @param list<Sign> $seen
     * @param array<int, list<Contribution>> $details by cause
     *
     * @return list<array{leak: float, strengths: array<int, float>}>
     */
    private static function detailed(array $rows, array $seen, array $details): array
    {
        foreach ($rows as $row => $sign) {
            $fits = [];
            foreach (array_keys($sign['strengths']) as $cause) {
                $fits[$cause] = exp(array_sum(array_map(
                    static fn (Contribution $detail): float => $detail->sign === $seen[$row]->code ? $detail->logOdds : 0.0,
                    $details[$cause],
                )));
            }
            $best = max([1.0, ...array_values($fits)]);
            foreach ($fits as $cause => $fit) {
                $rows[$row]['strengths'][$cause] *= $fit / $best;
            }
            $rows[$row]['leak'] /= $best;
        }

        return $rows;
    }

    /**
     * Details with what they really moved: a cause that fits no better than its rivals gains nothing by fitting.
     *
     * @param list<Contribution> $details of one cause
     * @param list<Sign> $seen
     *
     * @return list<Contribution>
     */
    private static function told(array $details, int $cause, array $seen, Network $without, Network $with): array
    {
        $told = [];
        foreach ($seen as $row => $sign) {
            $own = array_values(array_filter($details, static fn (Contribution $detail): bool => $detail->sign === $sign->code));
            $said = Contribution::sum($own);
            if (abs($said) < 1e-9 || !isset($without->positive[$row]['strengths'][$cause])) {
                continue;
            }
            $moved = self::signLogRatio($with, $row, $cause) - self::signLogRatio($without, $row, $cause);
            $share = max(0.0, min(1.0, $moved / $said));
            foreach ($own as $detail) {
                if (abs($share * $detail->logOdds) >= self::SILENT) {
                    $told[] = new Contribution('detail', $share * $detail->logOdds, $detail->words, [], $detail->sign);
                }
            }
        }

        return $told;
    }

    /** @param list<Contribution> $ledger */
    private static function probability(array $ledger): float
    {
        return 1 / (1 + exp(-Contribution::sum($ledger)));
    }

    /**
     * @param list<Cause> $causes
     * @param list<list<Contribution>> $ledgers
     * @param list<Sign> $seen
     * @param list<Sign> $absent
     *
     * @return list<RankedCause> most likely first
     */
    private function ranked(array $causes, array $ledgers, Network $network, Posterior $posterior, array $seen, array $absent): array
    {
        $ranked = [];
        foreach ($causes as $index => $cause) {
            $ledger = $ledgers[$index];
            $explains = [];
            foreach ($seen as $row => $sign) {
                $strength = $network->positive[$row]['strengths'][$index] ?? null;
                if (null === $strength) {
                    continue;
                }
                $explains[] = $sign->code;
                $ledger[] = new Contribution(
                    'finding',
                    self::signLogRatio($network, $row, $index),
                    self::seen($sign).$this->catalogue->signs[$cause->code][$sign->code][1],
                    [],
                    $sign->code,
                );
            }
            foreach ($absent as $row => $sign) {
                $strength = $network->negative[$row]['strengths'][$index] ?? null;
                if (null !== $strength) {
                    $ledger[] = new Contribution(
                        'finding',
                        log(1 - $strength),
                        '' === $sign->group ? "{$sign->label} No." : "Looked for and not found: {$sign->label}.",
                        [],
                        $sign->code,
                    );
                }
            }
            $probability = $posterior->causes[$index];
            $rivals = ContextEvidence::logit($probability) - Contribution::sum($ledger);
            if (abs($rivals) > 0.05) {
                $ledger[] = new Contribution(
                    'rivals',
                    $rivals,
                    $rivals < 0
                        ? 'Other causes already explain part of what was seen.'
                        : 'The signs together point here more than each alone.',
                );
            }
            $ranked[] = new RankedCause($cause, $probability, $ledger, $explains);
        }
        usort(
            $ranked,
            static fn (RankedCause $a, RankedCause $b): int => [$b->probability, $a->cause->code] <=> [$a->probability, $b->cause->code],
        );

        return $ranked;
    }

    /** "Misrun: …" for a defect, "Is the wall smooth? Yes: …" for a check. */
    private static function seen(Sign $sign): string
    {
        return '' === $sign->group ? "{$sign->label} Yes: " : "{$sign->label}: ";
    }

    /** ln P(sign | cause) / P(sign | no cause), the other causes at what the record says of them. */
    private static function signLogRatio(Network $network, int $row, int $cause): float
    {
        $sign = $network->positive[$row];
        $absentWithout = 1 - $sign['leak'];
        foreach ($sign['strengths'] as $other => $strength) {
            if ($other !== $cause) {
                $absentWithout *= 1 - $strength * $network->priors[$other];
            }
        }

        return log((1 - $absentWithout * (1 - $sign['strengths'][$cause])) / (1 - $absentWithout));
    }
}
