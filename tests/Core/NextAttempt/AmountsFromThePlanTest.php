<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\NextAttempt;

use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\NextAttempt\Change;
use MoltenNotes\Core\NextAttempt\ChangeSheet;
use MoltenNotes\Core\NextAttempt\NextAttempt;
use MoltenNotes\Core\NextAttempt\PlanMove;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A remedy's amount is worked out so that the number it is about really moves into its band. */
final class AmountsFromThePlanTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string, string, float}> made, remedy, number, band from */
    public static function upwards(): iterable
    {
        yield 'hotter metal fills' => [
            ['pour.temperature' => '680 C', 'pour.carry_time' => '15 s', 'pour.time' => '2.5 s'],
            'hotter',
            'fill_ratio',
            1.0,
        ];
        yield 'a bigger riser feeds' => [
            [
                'feeding.riser' => 'open',
                'feeding.riser_diameter' => '22 mm',
                'casting.sections' => Plans::sectionsWith('boss', ['riser' => true]),
            ],
            'bigger_riser',
            'feeder_ratio',
            1.0,
        ];
        yield 'more weight holds the cope' => [
            ['mould.cope_weight' => '0.3 kg', 'mould.cope_mass' => '0.5 kg'],
            'weigh_cope',
            'cope_share',
            1.0,
        ];
        yield 'more vents let the air out' => [
            ['mould.process' => 'plaster', 'plaster.ratio' => '40 %', 'venting.vents' => 1, 'venting.diameter' => '3 mm'],
            'more_vents',
            'vent_share',
            0.2,
        ];
    }

    /** @param array<string, mixed> $made */
    #[DataProvider('upwards')]
    public function testTheNumberRisesIntoItsBand(array $made, string $remedy, string $number, float $from): void
    {
        $move = $this->move($made, $remedy, $number);

        self::assertLessThan($from, $move->before->value->si ?? \INF, 'it stood below');
        self::assertGreaterThanOrEqual($from, $move->after->value->si ?? 0.0, 'it stands in its band');
    }

    public function testWiderGatesCalmTheMetalUnderItsLimit(): void
    {
        $move = $this->move(['gating.sprue' => '12 mm', 'gating.gate_width' => '30 mm'], 'wider_gate', 'gate_speed_share');

        self::assertGreaterThan(1.0, $move->before->value->si ?? 0.0);
        self::assertLessThanOrEqual(1.0, $move->after->value->si ?? \INF);
    }

    public function testWhatIsLargeEnoughIsNotOfferedLarger(): void
    {
        $fed = [
            'feeding.riser' => 'open',
            'feeding.riser_diameter' => '60 mm',
            'casting.sections' => Plans::sectionsWith('boss', ['riser' => true]),
        ];
        $held = ['mould.cope_weight' => '20 kg'];
        $hot = ['pour.temperature' => '820 C', 'pour.time' => '1 s'];

        self::assertNotContains('bigger_riser', $this->offered($fed));
        self::assertNotContains('weigh_cope', $this->offered($held));
        self::assertNotContains('hotter', $this->offered($hot));
    }

    public function testTheHeatAskedForStaysWithinReason(): void
    {
        // A wall so thin that no heat fills it: other levers are better than a boiling pot.
        $hotter = $this->change(
            ['casting.sections' => Plans::sectionsWith('rim', ['thickness' => '1.5 mm']), 'casting.wall' => '1.5 mm', 'pour.time' => '6 s'],
            'hotter',
        );

        self::assertInstanceOf(Measurement::class, $hotter->new);
        self::assertLessThan(880.0, $hotter->new->in('degC'));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string, string}> made, cause, words of the evidence, what was found */
    public static function evidence(): iterable
    {
        yield 'cold' => [['pour.temperature' => '680 C', 'pour.time' => '4 s'], 'metal_cold', 'the rim', 'misrun'];
        yield 'a small riser' => [
            [
                'feeding.riser' => 'open',
                'feeding.riser_diameter' => '18 mm',
                'casting.sections' => Plans::sectionsWith('boss', ['riser' => true]),
            ],
            'no_feeder',
            'the boss',
            'internal_shrinkage',
        ];
        yield 'a fast gate' => [['gating.sprue' => '20 mm', 'gating.gate_width' => '12 mm'], 'gate_fast', 'limit', 'oxide_film'];
        yield 'a light cope' => [['mould.cope_weight' => '0.2 kg', 'mould.cope_mass' => '0.2 kg'], 'cope_lifted', 'lift', 'flash'];
        yield 'wet sand that cannot breathe' => [['sand.moisture' => '7 %', 'sand.permeability' => 30], 'sand_wet', 'Steam', 'blowhole'];
    }

    /** @param array<string, mixed> $made */
    #[DataProvider('evidence')]
    public function testWhatThePlanComputesSpeaksInWhy(array $made, string $cause, string $words, string $finding): void
    {
        $found = null;
        foreach (
            Records::diagnose(['planned' => Plans::values(), 'made' => $made, 'findings' => [['kind' => $finding, 'severity' => 'spoils']]])
                ->ranked as $ranked
        ) {
            $found ??= $ranked->cause->code === $cause ? $ranked : null;
        }
        self::assertNotNull($found, "{$cause} is not among the causes");
        $raised = array_filter(
            $found->contributions,
            static fn ($contribution): bool => $contribution->logOdds > 0 && str_contains($contribution->words, $words),
        );

        self::assertNotEmpty(
            $raised,
            implode("\n", array_map(static fn ($contribution): string => $contribution->words, $found->contributions)),
        );
    }

    /** @param array<string, mixed> $made */
    private function move(array $made, string $remedy, string $number): PlanMove
    {
        foreach ($this->sheet($made, $remedy)->moves as $move) {
            if ($number === $move->code) {
                return $move;
            }
        }
        self::fail("{$remedy} does not move {$number}");
    }

    /** @param array<string, mixed> $made */
    private function sheet(array $made, string $remedy): ChangeSheet
    {
        $parts = self::parts($made);

        return (new NextAttempt(Catalogue::standard(), UnitPreferences::metric()))->sheet(
            Records::read($parts),
            Records::diagnose($parts),
            [$this->change($made, $remedy)],
        );
    }

    /** @param array<string, mixed> $made */
    private function change(array $made, string $remedy): Change
    {
        foreach ($this->proposals($made) as $change) {
            if ($remedy === $change->remedy->code) {
                return $change;
            }
        }
        self::fail("{$remedy} is not proposed");
    }

    /**
     * @param array<string, mixed> $made
     *
     * @return list<string>
     */
    private function offered(array $made): array
    {
        return array_map(static fn (Change $change): string => $change->remedy->code, $this->proposals($made));
    }

    /**
     * @param array<string, mixed> $made
     *
     * @return list<Change>
     */
    private function proposals(array $made): array
    {
        return (new NextAttempt(Catalogue::standard(), UnitPreferences::metric()))->proposals(
            Records::read(self::parts($made)),
            Catalogue::standard()->causeCodes(),
        );
    }

    /**
     * @param array<string, mixed> $made
     *
     * @return array<string, mixed>
     */
    private static function parts(array $made): array
    {
        return ['planned' => Plans::values(), 'made' => $made, 'findings' => [['kind' => 'misrun', 'severity' => 'spoils']]];
    }
}
