<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * The casting seen from above as it lies in the mould: the box it needs and, for every section, how much of its upper side is open to the
 * mould.
 *
 * What joins at an end lies beside what is there; what sits on top or under lies over the middle of what it joins and hides that much of
 * it.
 * Areas of sections are exact; what one hides of another is the overlap of the two outlines laid middle on middle, by Simpson's rule on
 * their
 * chords (good to a thousandth). Several of one kind hide as often; nothing hides more than is there. Lengths m, areas m².
 * Source: geometry, derived. Until sections have a place in space this errs to the larger area, and so to the heavier cope.
 */
final readonly class FromAbove
{
    private const CHORDS = 200;

    /**
     * @param float $length along the drawn section
     * @param float $width across it
     * @param array<string, float> $open section id → area of its upper side that nothing else covers, all of its kind
     */
    private function __construct(public float $length, public float $width, public array $open)
    {
    }

    /**
     * Null when a section lacks measurements, or is known by volume and area alone: then its outline cannot be told.
     *
     * @param array<string, SectionGeometry> $bodies
     */
    public static function of(Sections $sections, array $bodies): ?self
    {
        $length = $width = 0.0;
        $open = [];
        foreach ($sections->all() as $section) {
            $body = $bodies[$section->id] ?? null;
            if (null === $body || Shape::Free === $section->shape) {
                return null;
            }
            $open[$section->id] = $section->count * $body->footprint;
            $below = $bodies[$section->joins ?? ''] ?? null;
            if (null === $below || $section->sits->isOutside()) {
                // Two lie on either side, more lie all round.
                $length += min(2, $section->count) * $body->across;
                $width = max($width, $body->depth, $section->count > 2 ? ($below->depth ?? 0.0) + 2 * $body->across : 0.0);
                continue;
            }
            [$long, $wide] = self::spread($section->count, $body, $below);
            $length = max($length, $long);
            $width = max($width, $wide);
            self::hide($open, $section, self::overlap($body, $below));
        }

        return new self($length, $width, array_map(static fn (float $area): float => max(0.0, $area), $open));
    }

    /**
     * How far several of one kind reach that stand on the same section.
     *
     * @return array{float, float}
     */
    private static function spread(int $count, SectionGeometry $body, SectionGeometry $below): array
    {
        $side = $count * $body->across * $body->depth <= $below->across * $below->depth ? 0.0 : sqrt($count * $body->across * $body->depth);

        return [max($body->across, $side), max($body->depth, $side)];
    }

    /** @param array<string, float> $open */
    private static function hide(array &$open, Section $section, float $overlap): void
    {
        // On top it hides what carries it; under it is hidden itself.
        $hidden = Sits::Top === $section->sits ? (string) $section->joins : $section->id;
        $open[$hidden] -= $section->count * $overlap;
    }

    /** Area that two outlines share, laid middle on middle. */
    private static function overlap(SectionGeometry $one, SectionGeometry $other): float
    {
        $half = min($one->across, $other->across) / 2;
        $sum = 0.0;
        for ($i = 0; $i <= self::CHORDS; ++$i) {
            // Even steps of the angle crowd the chords where round outlines end.
            $x = $half * sin(((\M_PI / 2) * $i) / self::CHORDS);
            $weight = (0 === $i || self::CHORDS === $i ? 1 : (0 === $i % 2 ? 2 : 4)) * cos(((\M_PI / 2) * $i) / self::CHORDS);
            $sum += $weight * self::shared($one->chord($x), $other->chord($x));
        }

        return (2 * $sum * $half * \M_PI) / 2 / self::CHORDS / 3;
    }

    /**
     * Length that two chords share: each runs from an inner to an outer half-length, on both sides of the middle.
     *
     * @param array{float, float} $one
     * @param array{float, float} $other
     */
    private static function shared(array $one, array $other): float
    {
        return 2 * max(0.0, min($one[1], $other[1]) - max($one[0], $other[0]));
    }
}
