<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Diagnosis;

use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\NextAttempt\Remedies;
use MoltenNotes\Core\Quantity\UnitTable;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\FieldKind;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Table;
use PHPUnit\Framework\TestCase;

/** The catalogue is data written by hand: what a slip in it would break is looked for here. */
final class CatalogueTest extends TestCase
{
    /** Facts that the plan computes by formulas with sources of their own. */
    private const COMPUTED = ['temperature_margin', 'foam_margin', 'fill_ratio', 'gate_speed_share', 'feeder_ratio', 'hot_spots',
        'vent_share', 'steam', 'cope_share', 'open_share', 'charge_share', 'superheat'];

    public function testEveryCauseHasARemedyAndShowsSomehow(): void
    {
        $catalogue = Catalogue::standard();
        self::assertGreaterThanOrEqual(35, count($catalogue->causes));
        foreach ($catalogue->causes as $code => $cause) {
            self::assertNotEmpty(Remedies::against($code), "{$code} has no remedy");
            self::assertNotEmpty($catalogue->signs[$code] ?? [], "{$code} never shows");
            self::assertGreaterThan(0.0, $cause->prior);
            self::assertLessThan(0.5, $cause->prior);
            self::assertNotSame('', $cause->words);
        }
    }

    public function testEveryDefectHasAtLeastTwoRivalCauses(): void
    {
        $catalogue = Catalogue::standard();
        self::assertGreaterThanOrEqual(45, count($catalogue->vocabulary->defects));
        foreach ($catalogue->vocabulary->defects as $code => $defect) {
            self::assertGreaterThanOrEqual(2, count($catalogue->causesOf($code)), "{$code} has fewer than two causes");
            self::assertArrayHasKey($defect->group, $catalogue->vocabulary->classes);
        }
    }

    public function testEveryCheckTellsCausesApart(): void
    {
        $catalogue = Catalogue::standard();
        foreach ($catalogue->vocabulary->checks as $code => $check) {
            self::assertGreaterThanOrEqual(2, count($catalogue->causesOf($code)), "{$code} tells no two causes apart");
            self::assertStringEndsWith('?', $check->label);
            foreach ($check->askedWith as $defect) {
                self::assertArrayHasKey($defect, $catalogue->vocabulary->defects, "{$code} is asked with an unknown defect");
            }
        }
    }

    public function testEveryLinkHasAReasonOfOneSentence(): void
    {
        $catalogue = Catalogue::standard();
        foreach ($catalogue->signs as $cause => $signs) {
            self::assertArrayHasKey($cause, $catalogue->causes);
            foreach ($signs as $sign => [$strength, $why]) {
                self::assertNotNull($catalogue->vocabulary->sign($sign), "{$cause} → {$sign} is not a sign");
                self::assertGreaterThan(0.0, $strength);
                self::assertLessThan(1.0, $strength);
                self::assertMatchesRegularExpression('/^\p{Lu}[^.]{8,}\.$/u', $why, "{$cause} → {$sign}");
            }
        }
    }

    public function testEveryObservationMovesACause(): void
    {
        $used = [];
        foreach (Catalogue::standard()->evidence as $rules) {
            foreach ($rules as $rule) {
                if (str_starts_with($rule->fact, 'observed.')) {
                    $used[substr($rule->fact, 9)] = true;
                }
            }
        }

        foreach (Catalogue::standard()->vocabulary->observations as $code => $row) {
            foreach ($row['sound'] as $defect) {
                self::assertArrayHasKey($defect, Catalogue::standard()->vocabulary->defects, $code);
                $used[$code] = true;
            }
            // Trouble with the furnace is kept for the record; what it did shows in temperature and hold.
            if (!in_array($code, ['furnace_trouble', 'vent_flame'], true)) {
                self::assertArrayHasKey($code, $used, "{$code} is asked for and then not used");
            }
        }
    }

    public function testEvidenceReadsFactsThatExistInUnitsThatFit(): void
    {
        $catalogue = Catalogue::standard();
        foreach ($catalogue->evidence as $cause => $rules) {
            self::assertArrayHasKey($cause, $catalogue->causes);
            foreach ($rules as $rule) {
                $where = "{$cause} ← {$rule->fact}";
                $field = Fields::find($rule->fact);
                if (str_starts_with($rule->fact, 'observed.')) {
                    self::assertArrayHasKey(substr($rule->fact, 9), $catalogue->vocabulary->observations, $where);
                } elseif (null === $field) {
                    self::assertArrayHasKey($rule->fact, $catalogue->facts, $where);
                } elseif (FieldKind::Quantity === $field->kind) {
                    self::assertSame($field->unit?->code, UnitTable::get($rule->unit)->code, $where);
                } elseif (FieldKind::Choice === $field->kind) {
                    foreach (array_keys($rule->map ?? []) as $choice) {
                        self::assertArrayHasKey($choice, Choices::list($field->choices ?? ''), "{$where}: {$choice}");
                    }
                }
                self::assertNotSame('', $rule->raised.$rule->lowered, $where);
                self::assertMatchesRegularExpression('/^(published|common practice|derived|recalled from memory)/', $rule->source, $where);
                // A value that nobody typed is computed: its row says by what.
                $isComputed = in_array($rule->fact, self::COMPUTED, true);
                self::assertTrue(!$isComputed || 'common practice' !== $rule->source, "{$where}: no source");
            }
        }
    }

    /** No single note decides alone: a factor of twelve is the most it may claim. */
    public function testRatiosStayWithinTwelveAndCurvesRunForwards(): void
    {
        foreach (Catalogue::standard()->evidence as $cause => $rules) {
            foreach ($rules as $rule) {
                $ratios = $rule->map ?? array_column($rule->curve ?? [], 1);
                self::assertNotEmpty($ratios);
                self::assertGreaterThanOrEqual(1 / 12 - 1e-9, min($ratios), "{$cause} ← {$rule->fact}");
                self::assertLessThanOrEqual(12.0, max($ratios), "{$cause} ← {$rule->fact}");
                $points = array_column($rule->curve ?? [], 0);
                $sorted = $points;
                sort($sorted);
                self::assertSame($sorted, $points, "{$cause} ← {$rule->fact}: points out of order");
            }
        }
    }

    /** A detail that favours one cause speaks to all of its mechanism that could have made the same, or the table says why not. */
    public function testADetailSpeaksToEveryCauseOfItsMechanism(): void
    {
        $catalogue = Catalogue::standard();
        $table = dirname(__DIR__, 3).'/core/Diagnosis/Data/mechanisms.php';
        /** @var list<array{code: string, causes: list<string>, apart: list<array{string, string, string}>}> $mechanisms */
        $mechanisms = Table::rows($table, ['code', 'label', 'causes', 'apart']);
        self::assertNotSame([], $mechanisms);
        foreach ($mechanisms as ['code' => $name, 'causes' => $causes, 'apart' => $apart]) {
            $left = array_map(static fn (array $row): string => "{$row[0]}/{$row[1]}", $apart);
            foreach ($causes as $cause) {
                foreach ($catalogue->refinements[$cause] ?? [] as $rule) {
                    foreach ($causes as $other) {
                        $shared = array_filter($rule->findings, static fn (string $kind): bool => isset($catalogue->signs[$other][$kind]));
                        $told = array_filter(
                            $catalogue->refinements[$other] ?? [],
                            static fn ($own): bool => $own->kind === $rule->kind && $own->code === $rule->code
                                && [] !== array_intersect($own->findings, $shared),
                        );
                        self::assertTrue(
                            [] === $shared || [] !== $told || in_array("{$other}/{$rule->code}", $left, true),
                            "{$name}: “{$rule->code}” speaks of {$cause} and not of {$other}",
                        );
                    }
                }
            }
            foreach ($apart as [, , $why]) {
                self::assertMatchesRegularExpression('/^\p{Lu}.{10,}\.$/u', $why);
            }
        }
    }

    /** Every cause has a sign or a note that tells it from each rival that shares its commonest sign. */
    public function testEveryCauseCanBeToldFromItsNearestRivals(): void
    {
        $catalogue = Catalogue::standard();
        foreach ($catalogue->signs as $cause => $signs) {
            uasort($signs, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
            $first = array_key_first($signs);
            foreach (array_keys($catalogue->causesOf((string) $first)) as $rival) {
                if ($rival === $cause) {
                    continue;
                }
                $tells = array_filter(
                    $signs,
                    static fn (array $link, string $sign): bool => $link[0] >= 1.5 * ($catalogue->signs[$rival][$sign][0] ?? 0.0)
                        || ($catalogue->signs[$rival][$sign][0] ?? 0.0) >= 1.5 * $link[0],
                    \ARRAY_FILTER_USE_BOTH,
                );
                $facts = static fn (string $of): array => array_column($catalogue->evidence[$of] ?? [], 'fact');
                $recorded = array_diff($facts($cause), $facts($rival));
                self::assertTrue([] !== $tells || [] !== $recorded, "{$cause} cannot be told from {$rival}");
            }
        }
    }

    /** A remedy moves a value of the plan that some evidence or some figure reads, or it is a habit, which no value can hold. */
    public function testEveryRemedyMovesAPlanValueOrSaysThatItIsAHabit(): void
    {
        foreach (Remedies::all() as $code => $remedy) {
            if ('habit' === $remedy->how) {
                self::assertNull($remedy->field, "{$code} is a habit with a value");
                continue;
            }
            self::assertNotNull(null === $remedy->field ? null : Fields::find($remedy->field), "{$code} moves nothing");
            self::assertLessThan(1.0, $remedy->left, $code);
        }
    }

    /** What raises a cause is said in words that do not fit what lowers it, unless they tell the value and leave it there. */
    public function testEveryBandIsSaidInWordsOfItsOwnSide(): void
    {
        foreach (Catalogue::standard()->evidence as $cause => $rules) {
            foreach ($rules as $rule) {
                foreach (array_values($rule->map ?? array_column($rule->curve ?? [], 1)) as $ratio) {
                    $words = $ratio > 1 ? $rule->raised : $rule->lowered;
                    self::assertTrue(
                        abs(log($ratio)) < 0.05 || '' !== $words || str_contains($rule->raised.$rule->lowered, '{value}'),
                        "{$cause} ← {$rule->fact}: nothing is said of {$ratio}",
                    );
                }
            }
        }
    }

    public function testRefinementsSpeakOfThingsThatCanBeRecorded(): void
    {
        $catalogue = Catalogue::standard();
        foreach ($catalogue->refinements as $cause => $rules) {
            foreach ($rules as $rule) {
                $list = ['place' => 'place', 'look' => 'look', 'shown' => 'shown_at'][$rule->kind];
                self::assertArrayHasKey($rule->code, Choices::list($list), "{$cause}: {$rule->code}");
                foreach ($rule->findings as $finding) {
                    self::assertArrayHasKey($finding, $catalogue->vocabulary->defects);
                }
            }
        }
    }
}
