<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Gating;

/**
 * Height of metal that drives the filling, averaged over it.
 *
 * Top gate H; bottom gate H − C/2; parting gate H − p²/(2C): the mean of the head over the metal (American Foundry Society practice; P.
 * N. Rao,
 * Manufacturing Technology, recalled from memory). When the casting rises above three quarters of the head the mean overstates the speed;
 * then
 * exactly, for a constant section, (C / ∫dz/√head)²: bottom gate ((√H + √(H − C))/2)² (derived). No filling at all when H < C (bottom) or
 * H < p (parting): refused.
 * H m: metal in the basin above the choke, above zero; C casting height; p height above the gate. All 0…5.
 */
final class EffectiveHead
{
    private const EXACT_FROM = 0.75;

    /**
     * @return float metres
     *
     * @throws CannotFill when the casting stands higher than the metal that should fill it
     */
    public static function of(string $fill, float $head, float $height, float $above): float
    {
        return match ($fill) {
            'top' => $head,
            'bottom' => self::rising($head, $height, $height),
            default => self::rising($head, $height, min($above, $height)),
        };
    }

    /** Part of the casting below the gate fills under the full head, the rest against its own level. */
    private static function rising(float $head, float $height, float $above): float
    {
        if ($head <= $above) {
            throw CannotFill::tooLow($head, $above);
        }
        if ($height <= 0.0) {
            return $head;
        }
        if ($above <= self::EXACT_FROM * $head) {
            return $head - $above ** 2 / (2 * $height);
        }
        // ∫dz/√head: (C − p)/√H below the gate, 2(√H − √(H − p)) above it.
        $integral = ($height - $above) / sqrt($head) + 2 * (sqrt($head) - sqrt($head - $above));

        return ($height / $integral) ** 2;
    }
}
