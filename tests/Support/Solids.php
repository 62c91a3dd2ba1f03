<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Support;

use MoltenNotes\Core\Geometry\CastingGeometry;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Geometry\SolidReader;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\SectionsReader;
use MoltenNotes\Core\Record\ValueReader;
use PHPUnit\Framework\Assert;

/** Bodies for tests, from sections as a caster would type them. */
final class Solids
{
    /** @param list<array<string, mixed>> $raw */
    public static function sections(array $raw): Sections
    {
        $reader = new ValueReader(UnitPreferences::metric());
        $sections = SectionsReader::read($raw, '', $reader);
        $reader->insist();
        Assert::assertNotNull($sections);

        return $sections;
    }

    /** @param list<array<string, mixed>> $raw */
    public static function read(array $raw): CastingGeometry
    {
        $read = SolidReader::read(self::sections($raw));
        Assert::assertNotNull($read);

        return $read;
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    public static function plate(string $id, float $length, float $width, float $thickness, array $more = []): array
    {
        return [
            'id' => $id, 'shape' => 'plate', 'length' => "{$length} mm", 'width' => "{$width} mm", 'thickness' => "{$thickness} mm",
        ] + $more;
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    public static function rod(string $id, float $diameter, float $height, array $more = []): array
    {
        return ['id' => $id, 'shape' => 'cylinder', 'diameter' => "{$diameter} mm", 'height' => "{$height} mm"] + $more;
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    public static function ring(string $id, float $diameter, float $width, float $thickness, array $more = []): array
    {
        return [
            'id' => $id, 'shape' => 'ring', 'diameter' => "{$diameter} mm", 'width' => "{$width} mm", 'thickness' => "{$thickness} mm",
        ] + $more;
    }
}
