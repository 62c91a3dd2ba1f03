<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * Where the bodies of all sections stand, from how each sits on what it joins. A caster says no more than that; offset, turn and foot say
 * more where it matters.
 *
 * At an end or beside: against the face of what it joins, or outward from its round; two lie opposite, more all round or along both sides.
 * On top or under: over the middle, several in a row or on a circle; on a ring, on its wall. Around or inside: about the same middle, from
 * the same foot. Lengths m. Source: plain geometry; the defaults are common practice in describing a pattern.
 */
final readonly class Placement
{
    /** Several on a disc stand on a circle of this share of its radius. */
    private const BOLT_CIRCLE = 0.6;
    /** A round body reaches into what it joins until it touches by half its width: a tangent would join nothing. Share of its diameter. */
    private const SUNK = 0.067;

    /** @param list<PlacedSection> $bodies in the order of the sections, those of one section together */
    private function __construct(public array $bodies)
    {
    }

    /**
     * Of all sections that are measured; what joins one that is not, is left out with it.
     *
     * @param array<string, SectionGeometry> $measured section id → what it measures
     */
    public static function of(Sections $sections, array $measured): self
    {
        /** @var array<string, list<PlacedSection>> $placed */
        $placed = [];
        $seats = self::seats($sections, $measured);
        /** @var array<string, int> $taken */
        $taken = [];
        foreach ($sections->all() as $section) {
            $body = $measured[$section->id] ?? null;
            $carriers = null === $section->joins ? [null] : $placed[$section->joins] ?? [];
            if (null === $body || [] === $carriers) {
                continue;
            }
            for ($i = 0; $i < $section->count; ++$i) {
                $at = $i % count($carriers);
                $carrier = $carriers[$at];
                if (null === $carrier) {
                    // Several first sections stand side by side; they are one piece only where something joins them.
                    $placed[$section->id][] = new PlacedSection($section, $body, $i * $body->across, 0.0, $section->si('foot') ?? 0.0, 0.0);
                    continue;
                }
                $key = "{$section->joins}/{$section->sits->value}";
                $seat = $taken["{$key}/{$at}"] ?? 0;
                $taken["{$key}/{$at}"] = $seat + 1;
                $placed[$section->id][] = self::seat($section, $body, $carrier, $seat, max(1, $seats[$key] ?? 1));
            }
        }
        $all = array_merge(...array_values($placed), ...[[]]);
        $lowest = [] === $all ? 0.0 : min(array_map(static fn (PlacedSection $one): float => $one->z, $all));

        return new self(
            array_map(
                static fn (PlacedSection $one): PlacedSection => new PlacedSection(
                    $one->section,
                    $one->body,
                    $one->x,
                    $one->y,
                    $one->z - $lowest,
                    $one->turn,
                ),
                $all,
            ),
        );
    }

    /**
     * How many seats are taken on each body of what is joined, by the way of sitting.
     *
     * @param array<string, SectionGeometry> $measured
     *
     * @return array<string, int>
     */
    private static function seats(Sections $sections, array $measured): array
    {
        $seats = [];
        foreach ($sections->all() as $section) {
            $carrier = null === $section->joins ? null : $sections->get($section->joins);
            if (null !== $carrier && isset($measured[$section->id])) {
                $key = "{$section->joins}/{$section->sits->value}";
                $seats[$key] = ($seats[$key] ?? 0) + (int) ceil($section->count / $carrier->count);
            }
        }

        return $seats;
    }

    private static function seat(Section $section, SectionGeometry $body, PlacedSection $on, int $seat, int $seats): PlacedSection
    {
        $sunk = Shape::Sphere === $section->shape ? self::SUNK * $body->height : 0.0;
        $z = $section->si('foot') ?? match ($section->sits) {
            Sits::Top => $on->top() - $sunk - (Shape::Sphere === $on->section->shape ? self::SUNK * $on->body->height : 0.0),
            Sits::Under => $on->z - $body->height + $sunk,
            // Several about one middle stand over one another, from its foot to its top.
            Sits::Around, Sits::Inside => $on->z
                + ($seats > 1 ? (($on->body->height - $body->height) * $seat) / ($seats - 1) : 0.0),
            // Rounds lie middle to middle, everything else on the same foot.
            default => $on->z + (self::isRoundFromTheSide($section) || self::isRoundFromTheSide($on->section)
                ? ($on->body->height - $body->height) / 2
                : 0.0),
        };
        [$x, $y, $turn] = match ($section->sits) {
            Sits::End, Sits::Beside => self::against($section, $body, $on, $seat, $seats),
            Sits::Around, Sits::Inside => self::about($section, $on),
            default => self::over($section, $body, $on, $seat, $seats),
        };

        return new PlacedSection($section, $body, $x, $y, $z, $turn);
    }

    private static function isRoundFromTheSide(Section $section): bool
    {
        return Shape::Sphere === $section->shape || ($section->upright && $section->shape->isRound());
    }

    /**
     * Against the outside of what it joins, lying outward.
     *
     * @return array{float, float, float} x, y, turn
     */
    private static function against(Section $section, SectionGeometry $body, PlacedSection $on, int $seat, int $seats): array
    {
        $first = Sits::Beside === $section->sits ? \M_PI_2 : 0.0;
        $turn = $section->si('turn') ?? 0.0;
        $own = $section->upright || !$section->shape->isRound() ? 0.0 : self::SUNK * $body->across;
        if ($on->isRound()) {
            $direction = $on->turn + $first + $turn + (2 * \M_PI * $seat) / $seats;
            $radius = $on->body->across / 2;
            $half = min($radius, $body->depth / 2) * (0.0 === $own ? 1.0 : 0.5);
            $out = sqrt(max(0.0, $radius ** 2 - $half ** 2)) + $body->across / 2 - $own;
            $aside = $section->si('offset') ?? 0.0;

            return [
                $on->x + $out * cos($direction) - $aside * sin($direction),
                $on->y + $out * sin($direction) + $aside * cos($direction),
                $direction,
            ];
        }
        $along = $section->si('offset') ?? 0.0;
        if ($seats > 4) {
            // Along both long sides, evenly.
            $side = $seat % 2;
            $each = intdiv($seats + 1 - $side, 2);
            $long = $on->body->across >= $on->body->depth;
            $quarter = ($long ? \M_PI_2 : 0.0) + $side * \M_PI;
            $along += ((intdiv($seat, 2) + 1) / ($each + 1) - 0.5) * max($on->body->across, $on->body->depth);
        } else {
            $order = [0.0, \M_PI, \M_PI_2, 3 * \M_PI_2];
            $quarter = $first + $order[$seat % 4] + \M_PI_2 * round($turn / \M_PI_2);
        }
        $out = (abs(cos($quarter)) > 0.5 ? $on->body->across : $on->body->depth) / 2 + $body->across / 2 - $own;
        $direction = $on->turn + $quarter;

        return [
            $on->x + $out * cos($direction) - $along * sin($direction),
            $on->y + $out * sin($direction) + $along * cos($direction),
            $direction,
        ];
    }

    /**
     * About the same middle, or out from it.
     *
     * @return array{float, float, float} x, y, turn
     */
    private static function about(Section $section, PlacedSection $on): array
    {
        $turn = $on->turn + ($section->si('turn') ?? 0.0);
        $out = $section->si('offset') ?? 0.0;

        return [$on->x + $out * cos($turn), $on->y + $out * sin($turn), $turn];
    }

    /**
     * Over or under what it joins.
     *
     * @return array{float, float, float} x, y, turn
     */
    private static function over(Section $section, SectionGeometry $body, PlacedSection $on, int $seat, int $seats): array
    {
        $turn = $on->turn + ($section->si('turn') ?? 0.0);
        $offset = $section->si('offset');
        $bore = $on->body->across - 2 * $on->radial();
        $hangs = $on->isRound() && $bore > max($body->across, $body->depth) * (1 - 1e-9);
        if (null === $offset && 2 * $on->bore() > max($body->across, $body->depth) * (1 - 1e-9) && !$on->isRound()) {
            // Over the hole of a block there is nothing to stand on: half way between the hole and the block's end.
            $offset = ($on->bore() + $on->body->across / 2) / 2;
        }
        if (null !== $offset || ($on->isRound() && ($seats > 1 || $hangs))) {
            $out = $offset ?? ($bore > 0 ? ($on->body->across - $on->radial()) / 2 : self::BOLT_CIRCLE * $on->body->across / 2);
            $direction = $turn + (2 * \M_PI * $seat) / $seats;

            return [$on->x + $out * cos($direction), $on->y + $out * sin($direction), 1 === $seats ? $turn : $direction];
        }
        // As long as it lies along what carries it.
        $own = $section->si('turn') ?? 0.0;
        $long = abs(cos($own)) * $body->across + abs(sin($own)) * $body->depth;
        [$u, $v] = self::inRows($long, $on, $seat, $seats);

        return [$on->x + $u * $on->cos - $v * $on->sin, $on->y + $u * $on->sin + $v * $on->cos, $turn];
    }

    /**
     * Several on a plate: in one row where they find room, else in rows.
     *
     * @return array{float, float} along and across it from its middle
     */
    private static function inRows(float $long, PlacedSection $on, int $seat, int $seats): array
    {
        [$a, $d] = [$on->body->across, $on->body->depth];
        $row = $seats * $long <= $a ? $seats : max(1, (int) ceil(sqrt(($seats * $a) / max($d, 1e-9))));
        $rows = (int) ceil($seats / $row);

        return [(($seat % $row + 1) / ($row + 1) - 0.5) * $a, ((intdiv($seat, $row) + 1) / ($rows + 1) - 0.5) * $d];
    }
}
