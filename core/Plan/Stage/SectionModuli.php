<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Feeding\Chill;
use MoltenNotes\Core\Geometry\Shape;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Quantity\Area;
use MoltenNotes\Core\Quantity\Volume;

/**
 * Volume over cooled face of every section: faces on other sections left out, chills counted by the face they touch. Metres, square and
 * cubic metres. Source: N. Chvorinov 1940; chills as Chill says.
 */
final readonly class SectionModuli
{
    /**
     * @param array<string, float> $moduli section id → m
     * @param array<string, float> $volumes section id → m³, all of its kind
     * @param array<string, float> $cooled section id → m², all of its kind
     * @param array<string, float> $onChill section id → m² that lie on a chill; only where there is one
     */
    private function __construct(public array $moduli, public array $volumes, public array $cooled, public array $onChill)
    {
    }

    /** Of every section that is measured. */
    public static function of(Basis $basis): self
    {
        [$volumes, $cooled, $least] = null === $basis->solid ? self::fromSections($basis) : self::fromSolid($basis);
        $plain = [];
        foreach ($volumes as $id => $volume) {
            $plain[$id] = max($volume / $cooled[$id], $least[$id] ?? 0.0);
        }
        $chilled = self::onChills($basis, $plain, $cooled);
        $moduli = $plain;
        foreach ($chilled as $id => $area) {
            $share = Chill::modulus(Volume::fromSi($volumes[$id]), Area::fromSi($cooled[$id]), Area::fromSi($area))->si()
                / ($volumes[$id] / $cooled[$id]);
            $moduli[$id] = $plain[$id] * $share;
        }

        return new self($moduli, $volumes, $cooled, $chilled);
    }

    /**
     * Face on a chill: as told, else the underside of each section that has one; of the heaviest where it is only said that it has one.
     *
     * @param array<string, float> $plain
     * @param array<string, float> $cooled
     *
     * @return array<string, float>
     */
    private static function onChills(Basis $basis, array $plain, array $cooled): array
    {
        $ids = array_values(array_filter(
            array_keys($plain),
            static fn (string $id): bool => true === $basis->sections?->get($id)?->chill,
        ));
        if ([] === $ids && true === $basis->values->flag('feeding.chill') && [] !== $plain) {
            arsort($plain);
            $ids = [array_key_first($plain)];
        }
        $told = $basis->si('feeding.chill_area');
        $areas = [];
        foreach ($ids as $id) {
            $count = $basis->sections?->get($id)->count ?? 1;
            $under = ($basis->bodies[$id]->footprint ?? 0.0) * $count;
            // No more than half of its skin can lie on chills that are laid under it.
            $areas[$id] = min($told ?? $under, $cooled[$id] * (null === $told ? 0.5 : 1.0));
        }

        return $areas;
    }

    /** @return array{array<string, float>, array<string, float>, array<string, float>} volumes, cooled faces, least moduli */
    private static function fromSolid(Basis $basis): array
    {
        $volumes = $cooled = $least = [];
        foreach ($basis->solid->parts ?? [] as $id => $part) {
            $volumes[$id] = $part->volume;
            // However much is joined to it, a section keeps at least a third of its skin.
            $cooled[$id] = max($part->cooled, $part->surface / 3);
            if (Shape::Mesh === $basis->sections?->get($id)?->shape) {
                // A mesh is one part: its thickest place counts, as a bar of that thickness.
                $least[$id] = $part->thickest / 4;
            }
        }

        return [$volumes, $cooled, $least];
    }

    /** @return array{array<string, float>, array<string, float>, array<string, float>} */
    private static function fromSections(Basis $basis): array
    {
        $joints = array_fill_keys(array_keys($basis->bodies), 0.0);
        foreach ($basis->sections?->all() ?? [] as $section) {
            $body = $basis->bodies[$section->id] ?? null;
            if (null === $body || null === $section->joins || !isset($basis->bodies[$section->joins])) {
                continue;
            }
            $face = min($body->joint, $basis->bodies[$section->joins]->surface / 2);
            $joints[$section->id] += $face;
            $joints[$section->joins] += $face * $section->count;
        }
        $volumes = $cooled = [];
        foreach ($basis->bodies as $id => $body) {
            $count = $basis->sections?->get($id)->count ?? 1;
            $volumes[$id] = $body->volume * $count;
            $cooled[$id] = max($body->surface - $joints[$id], $body->surface / 3) * $count;
        }

        return [$volumes, $cooled, []];
    }
}
