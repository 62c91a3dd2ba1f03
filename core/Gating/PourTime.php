<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Gating;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Mark;

/**
 * Ways to say how long a pour should take, in seconds. W kg casting with what feeds it, T mm average thickness.
 *
 * iron t = (1.41 + T/14.59) √W, W below 450 kg, fluidity taken as 40
 * steel t = (2.4335 − 0.3953 log₁₀W) √W
 * copper t = K₂ W^⅓, K₂ 1.30 top, 1.80 bottom gate, 1.90 brass, 2.80 tin bronze
 * thin t = K₃ W'^⅓ with gating, K₃ 1.62 for 1.5–2.5 mm, 1.68 for 2.5–3.5, 1.85 for 3.5–8, 2.20 for 8–15
 * light t = 1.85 (W · 6900/ρ_l)^⅓: the mass of iron that fills the same space (derived)
 * Source: P. N. Rao, Manufacturing Technology, recalled from memory.
 */
final class PourTime
{
    /** The rules for iron and steel were drawn up to this mass; their logarithm turns round far beyond it. */
    public const IRON_RULES_TO_KG = 450.0;

    /**
     * Every rule that applies, the usual one first.
     *
     * @return non-empty-list<array{rule: 'steel'|'iron'|'copper'|'light'|'thin', label: string, seconds: float, formula: string,
     *     source: string, mark: Mark}>
     */
    public static function rules(Alloy $alloy, float $massKg, float $thicknessMm, string $fill): array
    {
        $rules = [];
        $rule = MetalFamily::of($alloy)->pourRule;
        if ('iron' === $rule) {
            $steel = 'carbon_steel' === $alloy->code;
            $ruled = min($massKg, self::IRON_RULES_TO_KG);
            $rules[] = $steel
                ? self::rule('steel', 'Steel', (2.4335 - 0.3953 * log10(max(1.0, $ruled))) * sqrt($ruled), 't = (2.4335 − 0.3953 log W) √W')
                : self::rule('iron', 'Grey iron', (1.41 + $thicknessMm / 14.59) * sqrt($ruled), 't = (1.41 + T/14.59) √W');
        } elseif ('copper' === $rule) {
            $k = self::copper($alloy->code, $fill);
            $rules[] = self::rule('copper', 'Copper alloys', $k * $massKg ** (1 / 3), "t = {$k} W^⅓");
        }
        if ([] === $rules) {
            $rules[] = [
                'rule' => 'light',
                'label' => 'Same space in iron',
                'seconds' => 1.85 * (($massKg * 6900) / $alloy->densityLiquid->si()) ** (1 / 3),
                'formula' => 't = 1.85 (W · 6900/ρ)^⅓',
                'source' => 'from the rule for thin castings',
                'mark' => Mark::Derived,
            ];
        }
        $k3 = self::thin($thicknessMm);
        if (null !== $k3) {
            $rules[] = self::rule('thin', 'Thin, intricate', $k3 * $massKg ** (1 / 3), "t = {$k3} W^⅓");
        }

        return $rules;
    }

    private static function copper(string $alloy, string $fill): float
    {
        return match (true) {
            in_array($alloy, ['yellow_brass', 'red_brass', 'brass_unknown'], true) => 1.9,
            'tin_bronze' === $alloy => 2.8,
            'top' === $fill => 1.3,
            default => 1.8,
        };
    }

    private static function thin(float $thicknessMm): ?float
    {
        return match (true) {
            $thicknessMm < 1.5, $thicknessMm > 15 => null,
            $thicknessMm < 2.5 => 1.62,
            $thicknessMm < 3.5 => 1.68,
            $thicknessMm < 8 => 1.85,
            default => 2.2,
        };
    }

    /**
     * @param 'steel'|'iron'|'copper'|'light'|'thin' $rule
     *
     * @return array{rule: 'steel'|'iron'|'copper'|'light'|'thin', label: string, seconds: float, formula: string,
     *     source: string, mark: Mark}
     */
    private static function rule(string $rule, string $label, float $seconds, string $formula): array
    {
        return [
            'rule' => $rule,
            'label' => $label,
            'seconds' => $seconds,
            'formula' => $formula,
            'source' => 'P. N. Rao, Manufacturing Technology',
            'mark' => Mark::RecalledFromMemory,
        ];
    }
}
