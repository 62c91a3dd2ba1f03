<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan;

use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\WildCastings;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Rules that have a direction keep it, over two thousand castings in all moulds: whatever the numbers are, they move the right way. */
#[Group('wide')]
final class MetamorphicTest extends TestCase
{
    private const CASTINGS = 2000;
    private const POURS = [
        ['green_sand', 'al_si7mg', 720], ['oil_sand', 'tin_bronze', 1150], ['resin_sand', 'grey_iron', 1380], ['silicone', 'tin', 260],
        ['plaster', 'silicon_bronze', 1120], ['metal_mould', 'al_si7mg', 720], ['ceramic_shell', 'tin_bronze', 1150],
        ['lost_foam', 'al_si9cu3', 800], ['silicate_sand', 'yellow_brass', 1000], ['printed_sand', 'za_12', 520],
    ];

    public function testEveryRuleKeepsItsDirection(): void
    {
        $wild = new WildCastings(15);
        for ($i = 0; $i < self::CASTINGS; ++$i) {
            [$process, $alloy, $celsius] = self::POURS[$i % count(self::POURS)];
            $planned = [
                'mould.process' => $process, 'metal.alloy' => $alloy, 'pour.temperature' => "{$celsius} C", 'pour.time' => '5 s',
                'gating.sprue_height' => '400 mm', 'gating.fill' => 'top', 'gating.fill_time' => '4 s', 'casting.count' => 1 + $i % 3,
                // Most of them simple: a body of five parts takes ten times as long to read as one of two.
                'casting.sections' => $wild->next(0 === $i % 8 ? 4 : 1),
            ];
            $words = "casting {$i}, {$alloy} in {$process}";
            $plan = Plans::bare($planned);
            // One after the other, so that each is met some four hundred times and the whole ends in a minute.
            match ($i % 5) {
                0 => self::hotter($plan, $planned, $celsius, $words),
                1 => self::thicker($plan, $planned, $words),
                2 => self::moreHead($plan, $planned, $words),
                3 => self::moreCastings($plan, $planned, $words),
                default => self::betterVented($plan, $planned, $words),
            };
        }
    }

    /** @param array<string, mixed> $planned */
    private static function hotter(CastingPlan $plan, array $planned, int $celsius, string $words): void
    {
        $hotter = Plans::bare(['pour.temperature' => ($celsius + 40).' C'] + $planned);
        foreach ($plan->stages['filling']->figures as $figure) {
            if ('fill_ratio' === $figure->code) {
                $then = $hotter->figure('filling', 'fill_ratio', $figure->subject)->value->si ?? -1.0;
                self::assertGreaterThanOrEqual($figure->value->si * (1 - 1e-9), $then, "hotter fills worse: {$words}");
            }
        }
        self::assertGreaterThanOrEqual(self::last($plan), self::last($hotter), "hotter freezes sooner: {$words}");
    }

    /**
     * A part alone and thicker; and all of it larger, whatever it touches: what moves against what when one of several grows is no rule.
     *
     * @param array<string, mixed> $planned
     */
    private static function thicker(CastingPlan $plan, array $planned, string $words): void
    {
        /** @var non-empty-list<array<string, mixed>> $sections */
        $sections = $planned['casting.sections'];
        $alone = [$sections[0]];
        foreach (['thickness', 'wall'] as $measure) {
            if ('ring' !== $sections[0]['shape']) {
                $alone[0] = self::grown($alone[0], [$measure]);
            }
        }
        $was = Plans::bare(['casting.sections' => [$sections[0]]] + $planned);
        self::assertGreaterThanOrEqual(
            self::last($was),
            self::last(Plans::bare(['casting.sections' => $alone] + $planned)),
            "thicker freezes sooner: {$words}",
        );
        $larger = Plans::bare([
            'casting.sections' => array_map(
                static fn (array $section): array => self::grown($section, ['length', 'width', 'thickness', 'wall', 'diameter', 'height']),
                $sections,
            ),
        ] + $planned);
        self::assertGreaterThan(self::last($plan), self::last($larger), "larger freezes sooner: {$words}");
    }

    /**
     * @param array<string, mixed> $section
     * @param list<string> $measures
     *
     * @return array<string, mixed>
     */
    private static function grown(array $section, array $measures): array
    {
        foreach ($measures as $measure) {
            if (is_string($section[$measure] ?? null)) {
                $section[$measure] = (1.15 * (float) $section[$measure]).' mm';
            }
        }

        return $section;
    }

    /** @param array<string, mixed> $planned */
    private static function moreHead(CastingPlan $plan, array $planned, string $words): void
    {
        $higher = Plans::bare(['gating.sprue_height' => '550 mm'] + $planned);
        foreach (['choke', 'sprue_base'] as $code) {
            $was = $plan->figure('gating', $code)?->value->si;
            if (null !== $was) {
                self::assertLessThanOrEqual(
                    $was + 1e-12,
                    $higher->figure('gating', $code)->value->si ?? \INF,
                    "more head needs a larger {$code}: {$words}",
                );
            }
        }
        foreach (['cope_lift', 'sand_lift'] as $code) {
            $was = $plan->figure('mould', $code)?->value->si;
            if (null !== $was) {
                self::assertGreaterThanOrEqual($was, $higher->figure('mould', $code)->value->si ?? 0.0, "more head lifts less: {$words}");
            }
        }
    }

    /** @param array<string, mixed> $planned */
    private static function moreCastings(CastingPlan $plan, array $planned, string $words): void
    {
        $count = is_int($planned['casting.count']) ? $planned['casting.count'] : 1;
        $more = Plans::bare(['casting.count' => $count + 1] + $planned);
        $codes = ['poured' => 'metal', 'charge' => 'metal', 'flask_length' => 'mould', 'cope_lift' => 'mould', 'sand_lift' => 'mould'];
        foreach ($codes as $code => $stage) {
            $was = $plan->figure($stage, $code)?->value->si;
            if (null !== $was) {
                self::assertGreaterThanOrEqual($was, $more->figure($stage, $code)->value->si ?? 0.0, "{$code} of more castings: {$words}");
            }
        }
        // Each casting is poured as a whole: no part of it is left out for standing with others.
        $one = $plan->figure('pattern', 'casting_mass')->value->si ?? 0.0;
        self::assertGreaterThan($count * $one * 0.8, $plan->figure('metal', 'poured')->value->si ?? 0.0, $words);
        self::assertLessThan(100.0, $plan->figure('metal', 'yield')->value->si ?? 0.0, $words);
    }

    /** @param array<string, mixed> $planned */
    private static function betterVented(CastingPlan $plan, array $planned, string $words): void
    {
        /** @var list<array<string, mixed>> $sections */
        $sections = $planned['casting.sections'];
        $vented = array_map(static fn (array $section): array => ['vent' => true] + $section, $sections);
        $better = Plans::bare(['casting.sections' => $vented, 'venting.vents' => 40] + $planned);
        self::assertLessThanOrEqual(self::shutIn($plan), self::shutIn($better), "a better vent traps more: {$words}");
        self::assertSame(0, self::shutIn($better), $words);
        $gas = $plan->figure('venting', 'binder_gas')?->value->si;
        if (null !== $gas) {
            self::assertLessThanOrEqual($gas, $better->figure('venting', 'binder_gas')->value->si ?? \INF, $words);
        }
    }

    private static function shutIn(CastingPlan $plan): int
    {
        return count(array_filter($plan->stages['venting']->risks, static fn (array $risk): bool => 'high_point' === $risk['code']));
    }

    private static function last(CastingPlan $plan): float
    {
        return $plan->most('feeding', 'freezing_time')->value->si ?? 0.0;
    }
}
