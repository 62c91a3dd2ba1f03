<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Geometry;

use MoltenNotes\Core\Geometry\CastingGeometry;
use MoltenNotes\Core\Geometry\PartGeometry;
use MoltenNotes\Core\Geometry\SolidReader;
use MoltenNotes\Tests\Support\Solids;
use MoltenNotes\Tests\Support\WildCastings;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** A casting twice as large says twice the lengths, four times the areas and eight times the volumes; one turned round says the same. */
final class InvarianceTest extends TestCase
{
    /** Lengths grow as the size, areas as its square, volumes as its cube; how many high points and necks there are stays. */
    #[Group('wide')]
    public function testALargerCastingSaysTheSameInLarger(): void
    {
        $wild = new WildCastings(88);
        $compared = 0;
        for ($i = 0; $i < 40; ++$i) {
            $raw = $wild->next();
            $one = SolidReader::read(Solids::sections($raw));
            if (null === $one) {
                continue;
            }
            foreach ([0.5, 3.0] as $times) {
                $other = SolidReader::read(Solids::sections(self::scaled($raw, $times)));
                self::assertNotNull($other);
                ++$compared;
                // Measurements are rounded to a tenth of a micrometre.
                $alike = static function (float $a, float $b, string $what): void {
                    self::assertEqualsWithDelta($a, $b, 1e-3 * abs($a) + 1e-9, $what);
                };
                $alike($times ** 3 * $one->volume(), $other->volume(), 'volume');
                $alike($times * $one->way, $other->way, 'way of the metal');
                self::assertCount(count($one->highPoints), $other->highPoints);
                self::assertCount(count($one->hotSpots), $other->hotSpots);
                foreach ($one->parts as $id => $part) {
                    $alike($times * $part->thickest, $other->parts[$id]->thickest, 'thickest');
                    $alike($times ** 2 * $part->open, $other->parts[$id]->open, 'open above');
                    $alike($times ** 2 * $part->cooled, $other->parts[$id]->cooled, 'cooled');
                }
            }
        }
        self::assertGreaterThan(60, $compared);
    }

    /** A boss that stands anywhere on a circle round the middle of a disc: volumes stay, what is read from cells stays to a few of 100. */
    public function testWhereABossStandsOnACircleIsOfNoMatter(): void
    {
        $at = static fn (int $degrees): CastingGeometry => Solids::read([
            Solids::rod('disc', 100, 8, ['gates' => 1]),
            Solids::rod('boss', 24, 20, [
                'joins' => 'disc', 'sits' => 'top', 'offset' => '25 mm', 'turn' => ['value' => $degrees, 'unit' => 'deg'],
            ]),
        ]);
        $first = $at(0);
        foreach ([37, 90, 141, 180, 270, 315] as $degrees) {
            $turned = $at($degrees);
            self::assertEqualsWithDelta($first->volume(), $turned->volume(), 1e-12);
            self::assertCount(count($first->highPoints), $turned->highPoints);
            foreach ($first->parts as $id => $part) {
                $of = static fn (PartGeometry $one): array => [
                    'open' => $one->open, 'cooled' => $one->cooled, 'thickest' => $one->thickest,
                ];
                foreach ($of($part) as $what => $value) {
                    self::assertEqualsWithDelta($value, $of($turned->parts[$id])[$what], 0.06 * $value, "{$what} of {$id} at {$degrees}");
                }
            }
        }
    }

    /**
     * @param list<array<string, mixed>> $raw
     *
     * @return list<array<string, mixed>>
     */
    private static function scaled(array $raw, float $times): array
    {
        return array_map(
            static fn (array $section): array => array_map(
                static fn (mixed $value): mixed => is_string($value) && 1 === preg_match('/^([\d.]+) mm$/', $value, $match)
                    ? ($times * (float) $match[1]).' mm'
                    : $value,
                $section,
            ),
            $raw,
        );
    }
}
