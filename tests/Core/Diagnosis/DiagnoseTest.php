<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Diagnosis;

use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\ContextEvidence;
use MoltenNotes\Core\Diagnosis\Diagnosis;
use MoltenNotes\Core\Diagnosis\RankedCause;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\TestCase;

final class DiagnoseTest extends TestCase
{
    public function testAWetMouldPutsGasAheadOfColdMetal(): void
    {
        self::assertSame('sand_wet', Records::diagnose(Records::wetSand())->ranked[0]->cause->code);
    }

    public function testAColdLongRimIsExplainedByCold(): void
    {
        $diagnosis = Records::diagnose(Records::coldRim());

        self::assertContains($diagnosis->ranked[0]->cause->code, ['metal_cold', 'long_path']);
        self::assertGreaterThan(self::chance($diagnosis, 'sand_wet'), self::chance($diagnosis, 'metal_cold'));
    }

    public function testReasonsSpeakInTheCastersOwnNumbers(): void
    {
        $cold = self::cause(Records::diagnose(Records::coldRim()), 'metal_cold');
        $words = implode(' ', array_map(static fn ($contribution): string => $contribution->words, $cold->contributions));

        self::assertStringContainsString('700', $words);
        self::assertStringContainsString('°C', $words);
    }

    public function testTheLedgerAddsUpToTheProbability(): void
    {
        foreach ([Records::coldRim(), Records::wetSand()] as $parts) {
            foreach (Records::diagnose($parts)->ranked as $cause) {
                $sum = array_sum(array_map(static fn ($contribution): float => $contribution->logOdds, $cause->contributions));
                // Rivals under a twentieth of log-odds are not worth a line.
                self::assertEqualsWithDelta(ContextEvidence::logit($cause->probability), $sum, 0.051, $cause->cause->code);
            }
        }
    }

    public function testABlankFieldIsNeverEvidence(): void
    {
        $parts = ['findings' => [['kind' => 'misrun']]];
        $known = array_map(
            static fn ($cause): array => array_filter($cause->contributions, static fn ($c): bool => 'record' === $c->kind),
            Records::diagnose($parts)->ranked,
        );

        self::assertSame([], array_merge(...$known));
    }

    /** A detail that fits all rivals alike tells none of them apart: rounded edges belong to every way of freezing early. */
    public function testWhatFitsAllAlikeMovesNone(): void
    {
        $with = static fn (array $looks): Diagnosis => Records::diagnose([
            'made' => ['mould.process' => 'green_sand'], 'findings' => [['kind' => 'misrun', 'looks' => $looks]],
        ]);
        [$plain, $round] = [$with([]), $with(['rounded_edges'])];
        $ratio = static fn (Diagnosis $of): float => self::chance($of, 'slow_pour') / self::chance($of, 'metal_cold');

        self::assertEqualsWithDelta($ratio($plain), $ratio($round), 0.05);
        self::assertGreaterThan(self::chance($round, 'vents_missing'), self::chance($plain, 'vents_missing'), 'which does not round edges');
    }

    /** Looked at and found sound speaks against whatever would have shown; not looked at says nothing. */
    public function testWhatWasFoundSoundIsEvidence(): void
    {
        $parts = [
            'made' => ['mould.process' => 'green_sand'], 'heat' => ['metal.alloy' => 'al_si7mg'], 'findings' => [['kind' => 'pinholes']],
        ];
        $plain = Records::diagnose($parts);
        $sawn = Records::diagnose($parts + ['observations' => ['sound_sawn']]);

        self::assertLessThan(self::chance($plain, 'hydrogen'), self::chance($sawn, 'hydrogen'));
        $ratio = static fn (Diagnosis $of): float => self::chance($of, 'wash_wet') / self::chance($of, 'hydrogen');
        self::assertGreaterThan($ratio($plain), $ratio($sawn), 'gas of the face needs no holes inside');
        $alone = Records::diagnose($parts + ['observations' => ['siblings_sound']]);
        self::assertLessThan(self::chance($plain, 'hydrogen'), self::chance($alone, 'hydrogen'), 'they shared the metal');
        // What was found is never taken for looked for in vain.
        $both = Records::diagnose(['findings' => [['kind' => 'sink']], 'observations' => ['sound_skin']]);
        self::assertGreaterThan(0.1, self::chance($both, 'no_feeder'));
    }

    /** Nobody is asked what is noted already, or about a thing the casting does not have. */
    public function testWhatIsNotedIsNotAsked(): void
    {
        $asked = static function (array $made, array $finding, array $seen = []): array {
            $diagnosis = Records::diagnose([
                'made' => ['mould.process' => 'green_sand'] + $made, 'findings' => [$finding], 'observations' => $seen,
            ]);

            return array_map(static fn ($next): string => $next->check->code, $diagnosis->nextChecks);
        };
        $hole = ['kind' => 'blowhole', 'places' => ['cope_face']];
        self::assertContains('palm_damp', $asked([], $hole));
        self::assertNotContains('palm_damp', $asked(['sand.condition' => 'good'], $hole));
        $looked = $asked([], $hole + ['looks' => ['rough_wall']]);
        self::assertSame([], array_intersect(['wall_smooth', 'wall_rough'], $looked));
        self::assertNotContains('edges_rounded', $asked([], ['kind' => 'misrun', 'looks' => ['rounded_edges']]));
        foreach (Catalogue::standard()->vocabulary->checks as $check) {
            foreach ($check->knownBy as $note) {
                self::assertMatchesRegularExpression('/^(look|place|seen|field):[a-z_.]+(=[a-z_0-9]+)?$/', $note);
                [$of, $code] = explode(':', $note, 2);
                [$field] = explode('=', $code);
                self::assertTrue(match ($of) {
                    'look', 'place' => isset(Choices::list($of)[$code]),
                    'seen' => isset(Catalogue::standard()->vocabulary->observations[$code]),
                    default => null !== Fields::find($field),
                }, $note);
            }
        }
    }

    /** Bronze full of holes, and nobody said whether it was covered: that is asked first, and no more once it is told. */
    public function testTheBlankThatWouldTellMostIsAskedFor(): void
    {
        $of = static fn (array $heat): array => array_column(Records::diagnose([
            'made' => ['mould.process' => 'oil_sand', 'sand.binder' => '4 %', 'sand.reused' => 8],
            'heat' => ['metal.alloy' => 'tin_bronze'] + $heat,
            'findings' => [['kind' => 'gas_porosity', 'places' => ['everywhere']]],
        ])->blank, 'field');

        self::assertContains('melt.cover', $of([]));
        self::assertNotContains('melt.cover', $of(['melt.cover' => false]));
        self::assertNotContains('plaster.burnout_time', $of([]), 'there is no plaster');
        self::assertLessThanOrEqual(3, count($of([])));
    }

    public function testWhatNearlyWentWrongIsSaidBesideWhatDid(): void
    {
        $diagnosis = Records::diagnose([
            'made' => ['mould.process' => 'green_sand', 'sand.moisture' => '6 %', 'sand.condition' => 'wet', 'mould.pins_checked' => false],
            'findings' => [['kind' => 'shift']],
        ]);

        self::assertSame('flask_misaligned', $diagnosis->ranked[0]->cause->code);
        self::assertSame(['sand_wet'], array_map(static fn (RankedCause $cause): string => $cause->cause->code, $diagnosis->beside));
    }

    /** Where the mould is not told, what belongs to a rare one weighs by how rare it is. */
    public function testTheRareIsRareWhereNothingIsKnown(): void
    {
        $diagnosis = Records::diagnose(['findings' => [['kind' => 'blowhole']]]);

        self::assertGreaterThan(self::chance($diagnosis, 'burnout_short'), self::chance($diagnosis, 'sand_wet'));
        self::assertGreaterThan(0.0, self::chance($diagnosis, 'burnout_short'), 'but it is not ruled out');
        $plaster = Records::diagnose(['made' => ['mould.process' => 'plaster'], 'findings' => [['kind' => 'blowhole']]]);
        self::assertGreaterThan(3 * self::chance($diagnosis, 'burnout_short'), self::chance($plaster, 'burnout_short'));
    }

    /** 200 °C is cold for a shell, right for a die and too hot for rubber. */
    public function testAMouldIsWarmOrColdForItsKind(): void
    {
        $chance = static fn (string $process, string $cause): float => self::chance(Records::diagnose([
            'made' => ['mould.process' => $process, 'mould.temperature' => '200 C'],
            'findings' => [['kind' => 'misrun'], ['kind' => 'foamy_skin']],
        ]), $cause);

        self::assertGreaterThan(2 * $chance('metal_mould', 'mould_cold'), $chance('ceramic_shell', 'mould_cold'));
        self::assertGreaterThan($chance('metal_mould', 'mould_hot'), $chance('silicone', 'mould_hot'));
    }

    /** More that speaks for a cause never lowers it, and the order of findings says nothing. */
    public function testMoreEvidenceForACauseNeverLowersIt(): void
    {
        $parts = ['made' => ['mould.process' => 'green_sand'], 'findings' => [['kind' => 'blowhole'], ['kind' => 'misrun']]];
        $before = self::chance(Records::diagnose($parts), 'sand_wet');
        foreach ([['made' => ['sand.condition' => 'wet']], ['observations' => ['steam']], ['answers' => ['palm_damp' => 'yes']]] as $more) {
            self::assertGreaterThanOrEqual($before, self::chance(Records::diagnose(array_replace_recursive($parts, $more)), 'sand_wet'));
        }
        $turned = ['findings' => array_reverse($parts['findings'])] + $parts;
        self::assertEqualsWithDelta($before, self::chance(Records::diagnose($turned), 'sand_wet'), 1e-12);
    }

    /** Over all cases: told in another order it says the same, and “cannot tell” is as if nobody had been asked. */
    public function testTheOrderOfWhatWasFoundAndWhatNobodyCouldTellChangeNothing(): void
    {
        $turned = 0;
        foreach (glob(dirname(__DIR__, 2).'/Cases/open/*.json') ?: [] as $file) {
            /** @var array{document: array<string, mixed>} $case */
            $case = json_decode((string) file_get_contents($file), true, 32, \JSON_THROW_ON_ERROR);
            $document = $case['document'];
            $other = $document;
            foreach (['findings', 'observations'] as $part) {
                $list = $document[$part] ?? [];
                $other[$part] = array_reverse(is_array($list) ? $list : []);
                $turned += count($other[$part]) > 1 ? 1 : 0;
            }
            $answers = $document['answers'] ?? [];
            $other['answers'] = (is_array($answers) ? $answers : []) + ['two_colours' => 'unclear'];
            $told = Records::diagnose($document)->odds;
            foreach (Records::diagnose($other)->odds as $cause => $odds) {
                self::assertEqualsWithDelta($told[$cause], $odds, 1e-9, basename($file)." {$cause}");
            }
        }
        self::assertGreaterThan(20, $turned);
    }

    public function testOneMeasurementCountsOnceForEachCause(): void
    {
        // The squeeze test and the moisture figure tell the same thing twice.
        $wet = self::cause(Records::diagnose(Records::wetSand()), 'sand_wet');
        $tell = ['sand.condition', 'sand.moisture'];
        $moisture = array_filter($wet->contributions, static fn ($c): bool => in_array($c->fact, $tell, true));

        self::assertCount(1, $moisture);
    }

    public function testWhatTheCasterConfirmedBeforeWeighsMoreNextTime(): void
    {
        $before = self::chance(Records::diagnose(Records::coldRim()), 'long_path');
        $after = self::chance(
            Records::diagnose(Records::coldRim() + ['history' => ['attempts' => 6, 'confirmed' => ['long_path' => 4]]]),
            'long_path',
        );

        self::assertGreaterThan($before, $after);
    }

    /** (p · 10 + confirmed) / (10 + attempts), at most 0.6: common practice of the project's own. */
    public function testHistoryShiftsThePriorAndIsCapped(): void
    {
        self::assertEqualsWithDelta((0.1 * 10 + 3) / (10 + 5), ContextEvidence::shiftedPrior(0.1, 3, 5), 1e-12);
        self::assertSame(0.6, ContextEvidence::shiftedPrior(0.1, 40, 40));
    }

    public function testAnsweringTheCheckMovesTheRankingTheWayItSaid(): void
    {
        $parts = [
            'made' => ['mould.process' => 'green_sand'],
            'heat' => ['metal.alloy' => 'al_si7mg'],
            'findings' => [['kind' => 'blowhole', 'places' => ['cope_face']]],
        ];
        $open = Records::diagnose($parts);
        $check = $open->nextChecks[0];
        $move = $check->moves[0];
        $answered = Records::diagnose($parts + ['answers' => [$check->check->code => 'yes']]);

        self::assertEqualsWithDelta($move['if_yes'], $answered->odds[$move['cause']], 0.02);
        self::assertNotContains(
            $check->check->code,
            array_map(static fn ($next): string => $next->check->code, $answered->nextChecks),
            'it asks again',
        );
    }

    public function testGasShrinkageAndColdAreToldApartByTheWallOfTheHole(): void
    {
        $hole = [
            'made' => ['mould.process' => 'green_sand'],
            'heat' => ['metal.alloy' => 'al_si7mg'],
            'findings' => [['kind' => 'internal_shrinkage'], ['kind' => 'blowhole']],
        ];
        $smooth = Records::diagnose($hole + ['answers' => ['wall_smooth' => 'yes', 'wall_rough' => 'no']]);
        $rough = Records::diagnose($hole + ['answers' => ['wall_smooth' => 'no', 'wall_rough' => 'yes']]);

        self::assertGreaterThan($rough->odds['sand_wet'], $smooth->odds['sand_wet']);
        self::assertGreaterThan($smooth->odds['no_feeder'], $rough->odds['no_feeder']);
    }

    public function testCausesThatCannotBeThereAreNotSuspected(): void
    {
        $foam = Records::diagnose([
            'made' => ['mould.process' => 'lost_foam'],
            'heat' => ['metal.alloy' => 'al_si7mg'],
            'findings' => [['kind' => 'blowhole']],
        ]);

        self::assertArrayNotHasKey('sand_wet', $foam->odds);
        self::assertArrayNotHasKey('oxygen', $foam->odds);
        self::assertArrayHasKey('coating_wet', $foam->odds);
    }

    public function testAGoodPourStillNamesItsNearMiss(): void
    {
        $diagnosis = Records::diagnose([
            'made' => ['mould.process' => 'green_sand', 'sand.moisture' => '6.5 %'],
            'heat' => ['metal.alloy' => 'al_si7mg'],
            'verdict' => 'good',
        ]);

        self::assertSame('near_misses', $diagnosis->basis);
        self::assertContains('sand_wet', array_map(static fn (RankedCause $cause): string => $cause->cause->code, $diagnosis->ranked));
    }

    /** Natural sand wants more water than sand with bentonite: the same figure is wet in the one and right in the other. */
    public function testMoistureIsReadOnTheBandOfItsOwnSand(): void
    {
        $wet = static fn (?string $kind, string $moisture): float => self::chance(Records::diagnose([
            'made' => ['mould.process' => 'green_sand', 'sand.moisture' => $moisture] + (null === $kind ? [] : ['sand.kind' => $kind]),
            'heat' => ['metal.alloy' => 'al_si7mg'],
            'findings' => [['kind' => 'blowhole', 'severity' => 'spoils']],
        ]), 'sand_wet');

        self::assertGreaterThan($wet('natural', '6 %'), $wet('bentonite', '6 %'));
        self::assertEqualsWithDelta($wet('bentonite', '6 %'), $wet(null, '6 %'), 1e-12);
        self::assertGreaterThan($wet('natural', '6 %'), $wet('natural', '9 %'));
    }

    /** What a heap's tests say is as good as what a hand wrote down; a hand goes before it. */
    public function testTheSandOfADocumentCountsWhereNothingWasNotedAsMade(): void
    {
        $wet = static fn (array $more): float => self::chance(Records::diagnose($more + [
            'attempt' => ['number' => 1, 'poured_on' => '2026-05-03'],
            'heat' => ['metal.alloy' => 'al_si7mg'],
            'findings' => [['kind' => 'blowhole', 'severity' => 'spoils']],
        ]), 'sand_wet');
        $made = static fn (string $moisture): array => ['mould.process' => 'green_sand', 'sand.moisture' => $moisture];

        self::assertEqualsWithDelta(
            $wet(['made' => $made('6.5 %')]),
            $wet(['made' => ['mould.process' => 'green_sand'], 'sand' => ['sand.moisture' => '6.5 %']]),
            1e-12,
        );
        self::assertEqualsWithDelta(
            $wet(['made' => $made('3.5 %')]),
            $wet(['made' => $made('3.5 %'), 'sand' => ['sand.moisture' => '6.5 %']]),
            1e-12,
        );
        self::assertEqualsWithDelta(
            $wet(['planned' => $made('3.5 %'), 'sand' => ['sand.moisture' => '6.5 %']]),
            $wet(['planned' => $made('6.5 %')]),
            1e-12,
        );
    }

    public function testMoreThanTwelveSignsAreAnsweredAndSaySo(): void
    {
        $kinds = array_slice(array_keys(Catalogue::standard()->vocabulary->defects), 0, 25);
        $diagnosis = Records::diagnose([
            'made' => ['mould.process' => 'green_sand'],
            'findings' => array_map(static fn (string $kind): array => ['kind' => $kind], $kinds),
        ]);

        self::assertFalse($diagnosis->exact);
        self::assertStringContainsString('approximation', (string) json_encode($diagnosis->toArray()['method']));
    }

    public function testNobodyIsToldACertainty(): void
    {
        foreach ([Records::coldRim(), Records::wetSand()] as $parts) {
            $diagnosis = Records::diagnose($parts);
            self::assertGreaterThan(1, count($diagnosis->ranked), 'no rival is shown');
            foreach ($diagnosis->odds as $probability) {
                self::assertLessThan(1.0, $probability);
            }
        }
    }

    private static function cause(Diagnosis $diagnosis, string $code): RankedCause
    {
        foreach ($diagnosis->ranked as $cause) {
            if ($code === $cause->cause->code) {
                return $cause;
            }
        }
        self::fail("{$code} is not ranked");
    }

    private static function chance(Diagnosis $diagnosis, string $code): float
    {
        return $diagnosis->odds[$code];
    }
}
