<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Filling;

use MoltenNotes\Core\Geometry\SectionGeometry;
use MoltenNotes\Core\Geometry\Sections;

/**
 * The way metal takes through the sections: from the nearest gate along what joins what.
 *
 * A section's path is its own run and that of the sections before it which are about as thin; thicker ones do not hold the metal up.
 * The stream divides as the volumes ahead of it, so that all branches are full at the same time: through a section goes the share of
 * itself and of
 * all that is filled through it. Derived.
 */
final readonly class FillPath
{
    /** What counts as "as thin as this". */
    private const AS_THIN = 1.25;

    /**
     * @param float $path metres
     * @param float $share of the stream, 0…1
     * @param list<string> $via sections before it, from the gate on
     */
    private function __construct(public float $path, public float $share, public array $via)
    {
    }

    /**
     * @param array<string, SectionGeometry> $bodies
     *
     * @return array<string, self> section id → its way
     */
    public static function all(Sections $sections, array $bodies): array
    {
        $before = self::before($sections, $bodies);
        $counts = [];
        $total = 0.0;
        foreach ($sections->all() as $section) {
            $counts[$section->id] = $section->count;
            $total += $section->count * ($bodies[$section->id]->volume ?? 0.0);
        }
        $carried = array_map(static fn (): float => 0.0, $bodies);
        $paths = [];
        foreach (array_keys($bodies) as $id) {
            for ($at = $id; null !== $at; $at = $before[$at] ?? null) {
                $carried[$at] += $counts[$id] * $bodies[$id]->volume;
            }
        }
        foreach ($bodies as $id => $body) {
            $gates = max(1, $sections->get($id)->gates ?? 1);
            // Several gates into one section part its run among them.
            $path = null === ($before[$id] ?? null) ? $body->run / $gates : $body->run;
            $via = [];
            for ($at = $before[$id] ?? null; null !== $at; $at = $before[$at] ?? null) {
                array_unshift($via, $at);
                if ($bodies[$at]->thickness <= self::AS_THIN * $body->thickness) {
                    $path += ($bodies[$at]->run / max(1, $sections->get($at)->gates ?? 1)) * 0.5;
                }
            }
            $paths[$id] = new self($path, $total > 0 ? $carried[$id] / $total / $counts[$id] : 1.0, $via);
        }

        return $paths;
    }

    /**
     * For each section the one that metal comes from, by the fewest steps from a gate; null at a gate.
     *
     * @param array<string, SectionGeometry> $bodies
     *
     * @return array<string, string|null>
     */
    private static function before(Sections $sections, array $bodies): array
    {
        $neighbours = $sections->neighbours();
        $queue = array_values(array_filter($sections->gated(), static fn (string $id): bool => isset($bodies[$id])));
        if ([] === $queue) {
            $queue = array_slice(array_keys($bodies), 0, 1);
        }
        $before = array_fill_keys($queue, null);
        while ([] !== $queue) {
            $at = array_shift($queue);
            foreach ($neighbours[$at] ?? [] as $next) {
                if (isset($bodies[$next]) && !array_key_exists($next, $before)) {
                    $before[$next] = $at;
                    $queue[] = $next;
                }
            }
        }

        return $before;
    }
}
