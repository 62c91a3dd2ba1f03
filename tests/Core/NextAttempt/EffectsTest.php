<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\NextAttempt;

use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\RankedCause;
use MoltenNotes\Core\NextAttempt\Change;
use MoltenNotes\Core\NextAttempt\Effect;
use MoltenNotes\Core\NextAttempt\NextAttempt;
use MoltenNotes\Core\NextAttempt\Remedies;
use MoltenNotes\Core\NextAttempt\Trial;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Table;
use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\TestCase;

/** What each change alone would do, one change or all, a cheap pour first, and amounts that nobody can tell. */
final class EffectsTest extends TestCase
{
    public function testAChangeSaysWhatGetsBetterAndWhatItServesBesides(): void
    {
        $hotter = $this->effect(Records::coldRim(), 'hotter');

        self::assertStringStartsWith('Misrun: ', $hotter->better[0]);
        self::assertSame([], array_filter($hotter->worse, static fn (string $words): bool => str_starts_with($words, 'Misrun')));
        self::assertLessThan(0.8, $hotter->again);
        $drawn = ['planned' => Plans::values()] + Records::coldRim();
        self::assertContains('metal_cold', $this->effect($drawn, 'second_gate')->also, 'a shorter way asks for less heat');
    }

    /** The way back from a cure is its harm: much hotter metal shrinks and takes up gas, and that is said. */
    public function testAChangeThatHarmsSaysSo(): void
    {
        $heavy = ['pour.temperature' => '690 C', 'feeding.riser' => 'none', 'casting.heaviest' => '40 mm'];
        $tooHot = ['made' => $heavy + Records::coldRim()['made']] + Records::coldRim();
        $change = new Change(Remedies::get('hotter'), null, \MoltenNotes\Core\Quantity\Measurement::of(860, 'degC'));
        $planner = $this->planner();
        $record = Records::read($tooHot);
        $effect = $planner->effect($record, Records::diagnose($tooHot), $change, ['metal_cold']);

        self::assertNotSame([], $effect->worse);
    }

    public function testSeveralAtOnceLeaveLessOfTheFaultsThanTheBestAloneAndTeachLess(): void
    {
        $parts = Records::coldRim();
        $record = Records::read($parts);
        $diagnosis = Records::diagnose($parts);
        $planner = $this->planner();
        $suspects = array_map(static fn (RankedCause $cause): string => $cause->cause->code, $diagnosis->ranked);
        $weighed = array_map(
            static fn (Change $change): array => [
                'change' => $change,
                'again' => $planner->effect($record, $diagnosis, $change, $suspects)->again,
            ],
            $planner->proposals($record, array_slice($suspects, 0, 4)),
        );
        $ways = array_column($planner->ways($record, $diagnosis, $weighed), null, 'code');

        self::assertCount(1, $ways['one']->remedies);
        self::assertSame(min([1.0, ...array_filter(array_column($weighed, 'again'))]), $ways['one']->again);
        self::assertGreaterThan(1, count($ways['all']->remedies));
        self::assertLessThanOrEqual($ways['one']->again, $ways['all']->again);
        self::assertStringContainsString('you know what it was', $ways['one']->teaches);
        self::assertStringContainsString('will not say which', $ways['all']->teaches);
    }

    /** What is cut or built in sand is not asked of a small rubber mould; what holds rubber shut is not asked of sand. */
    public function testRemediesFitTheMould(): void
    {
        $offered = fn (string $process, string ...$causes): array => array_map(
            static fn (Change $change): string => $change->remedy->code,
            $this->planner()->proposals(Records::read(['made' => ['mould.process' => $process]]), array_values($causes)),
        );

        self::assertContains('hold_halves', $offered('silicone', 'halves_gape'));
        self::assertNotContains('bed_flask', $offered('silicone', 'halves_gape'));
        self::assertNotContains('hold_halves', $offered('green_sand', 'halves_gape'));
        self::assertContains('bed_flask', $offered('green_sand', 'halves_gape'));
        self::assertSame(['pour_close'], $offered('silicone', 'turbulent_pour'));
        self::assertContains('basin', $offered('green_sand', 'turbulent_pour'));
    }

    /** A weight that nobody can work out is not made up: a caster stands beside the mould. */
    public function testAnAmountThatNobodyCanTellIsARangeOrNothing(): void
    {
        $open = $this->open(['mould.process' => 'green_sand'], 'cope_lifted', 'weigh_cope');
        self::assertNull($open->new);
        self::assertStringContainsString('Nobody can say how much', $open->open);

        $hot = $this->open(['mould.process' => 'green_sand'], 'metal_cold', 'hotter', ['metal.alloy' => 'al_si7mg']);
        self::assertNull($hot->new);
        self::assertMatchesRegularExpression('/^Between \d+\s°C and \d+\s°C .* thinnest wall/u', $hot->open);
        self::assertStringContainsString('Tell the metal', $this->open(['mould.process' => 'green_sand'], 'metal_cold', 'hotter')->open);

        $thin = ['casting.wall' => '4 mm', 'mould.process' => 'green_sand'];
        $known = $this->open($thin, 'metal_cold', 'hotter', ['metal.alloy' => 'al_si7mg']);
        self::assertSame('', $known->open);
        self::assertNotNull($known->new);
        self::assertNull($this->effect(['made' => ['mould.process' => 'green_sand']] + Records::coldRim(), 'hotter', $hot)->again);
    }

    public function testACheapPourIsAsThinAsThePartAndSaysWhatItMustHaveInCommon(): void
    {
        $format = new QuantityFormatter(UnitPreferences::metric());
        $made = ['casting.wall' => '4 mm', 'casting.run' => '200 mm'];
        $values = Records::read(['made' => $made, 'heat' => ['metal.alloy' => 'al_si7mg']])->values();
        $trial = Trial::against('metal_cold', $values, $format);
        // 4 × 24 × 200 mm³ of aluminium at about 2.65 g/cm³: 51 g by hand.
        self::assertMatchesRegularExpression('/ 4\smm thick and 200\smm long.* about 5[0-3](\.\d)?\sg of metal/u', $trial->words ?? '');
        self::assertNotSame([], $trial->common ?? []);

        $sections = Trial::against('metal_cold', Records::read(['planned' => Plans::values()])->values(), $format);
        self::assertStringNotContainsString('as thin as the thinnest wall', $sections->words ?? 'as thin as the thinnest wall');
        $blank = Trial::against('long_path', Records::read([])->values(), $format);
        self::assertStringContainsString('as thin as the thinnest wall', $blank->words ?? '');
        self::assertNull(Trial::against('flask_misaligned', $values, $format), 'no small pour tells of pins');
    }

    /** Every trial speaks of causes that are, once each, and leaves no gap unfilled. */
    public function testTheTableOfTrialsIsWhole(): void
    {
        $table = dirname(__DIR__, 3).'/core/NextAttempt/Data/trials.php';
        /** @var list<array{causes: list<string>}> $rows */
        $rows = Table::rows($table, ['code', 'body', 'label', 'causes', 'words', 'common']);
        $causes = array_merge(...array_column($rows, 'causes'));
        self::assertSame($causes, array_values(array_unique($causes)));
        foreach ($causes as $cause) {
            self::assertArrayHasKey($cause, Catalogue::standard()->causes);
            $words = Trial::against($cause, Records::read([])->values(), new QuantityFormatter(UnitPreferences::metric()))->words ?? '{';
            self::assertStringNotContainsString('{', $words, $cause);
        }
    }

    private function planner(): NextAttempt
    {
        return new NextAttempt(Catalogue::standard(), UnitPreferences::metric());
    }

    /** @param array<string, mixed> $parts */
    private function effect(array $parts, string $remedy, ?Change $change = null): Effect
    {
        $record = Records::read($parts);
        $diagnosis = Records::diagnose($parts);
        foreach (null === $change ? $this->planner()->proposals($record, Catalogue::standard()->causeCodes()) : [] as $offered) {
            $change = $remedy === $offered->remedy->code ? $offered : $change;
        }
        self::assertNotNull($change, "{$remedy} is not offered");

        return $this->planner()->effect($record, $diagnosis, $change, ['metal_cold', 'long_path']);
    }

    /**
     * @param array<string, mixed> $made
     * @param array<string, mixed> $heat
     */
    private function open(array $made, string $cause, string $remedy, array $heat = []): Change
    {
        foreach ($this->planner()->proposals(Records::read(['made' => $made, 'heat' => $heat]), [$cause]) as $change) {
            if ($remedy === $change->remedy->code) {
                return $change;
            }
        }
        self::fail("{$remedy} is not offered");
    }
}
