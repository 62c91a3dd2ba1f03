<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Workshop;

use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use MoltenNotes\Core\Workshop\Workshop;
use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a caster owns, read with care. */
final class WorkshopTest extends TestCase
{
    public function testAWorkshopComesBackAsItWasTyped(): void
    {
        $workshop = self::read([
            'furnaces' => [['name' => 'Kiln', 'source' => 'electric', 'power' => '2 kW', 'efficiency' => '35 %']],
            'crucibles' => [['name' => 'A', 'volume' => '0.5 L', 'mass' => '2 lb']],
            'flasks' => [['name' => 'Box', 'length' => '12 in', 'width' => '8 in', 'cope' => '4 in', 'drag' => '4 in']],
            'cutters' => [['name' => 'Tube', 'kind' => 'tube', 'size' => '5/8 in']],
            'stock' => [['name' => 'Wheels', 'mass' => '6 kg', 'price' => '1,80', 'composition' => ['Si' => 7]]],
            'tariffs' => ['electric' => 0.34],
            'safe_lift' => '15 kg',
            'currency' => 'EUR',
            'school' => 'pressurised',
        ])->toArray();
        $again = self::read($workshop)->toArray();

        self::assertSame($workshop, $again);
        self::assertSame('in', self::at($workshop, 'cutters', 0, 'size', 'unit'));
        self::assertEqualsWithDelta(0.625, self::at($workshop, 'cutters', 0, 'size', 'value'), 1e-9);
        self::assertSame(1.8, self::at($workshop, 'stock', 0, 'price'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function faults(): iterable
    {
        yield 'a cutter without a size' => [['cutters' => [['name' => 'Tube', 'kind' => 'tube']]], '/workshop/cutters/0/size'];
        yield 'a cutter of no kind' => [
            ['cutters' => [['name' => 'Spoon', 'kind' => 'spoon', 'size' => '8 mm']]],
            '/workshop/cutters/0/kind',
        ];
        yield 'a crucible weighed in metres' => [['crucibles' => [['name' => 'A', 'mass' => '2 m']]], '/workshop/crucibles/0/mass'];
        yield 'a second furnace that gives more than it takes' => [
            ['furnaces' => [['name' => 'A'], ['name' => 'B', 'efficiency' => '140 %']]],
            '/workshop/furnaces/1/efficiency',
        ];
        yield 'a price that is none' => [['stock' => [['name' => 'Scrap', 'price' => 'cheap']]], '/workshop/stock/0/price'];
        yield 'an unknown school' => [['school' => 'grandfather'], '/workshop/school'];
        yield 'a list where an object belongs' => [['furnaces' => 'kiln'], '/workshop/furnaces'];
    }

    /** @param array<string, mixed> $workshop */
    #[DataProvider('faults')]
    public function testAFaultPointsAtItsField(array $workshop, string $pointer): void
    {
        try {
            self::read($workshop);
            self::fail('It was taken.');
        } catch (RejectedRecord $rejected) {
            self::assertSame([$pointer], array_map(static fn (FieldProblem $problem): string => $problem->pointer, $rejected->problems));
        }
    }

    public function testTheSmallestCutterThatIsLargeEnoughIsTaken(): void
    {
        $workshop = self::read([
            'cutters' => [
                ['name' => 'A', 'kind' => 'tube', 'size' => '20 mm'],
                ['name' => 'B', 'kind' => 'tube', 'size' => '14 mm'],
                ['name' => 'C', 'kind' => 'drill', 'size' => '13 mm'],
                ['name' => 'D', 'kind' => 'bar', 'size' => '12.5 mm'],
            ],
        ]);

        self::assertEqualsWithDelta(0.014, $workshop->cutterFor(0.0125, 'tube')?->si(), 1e-9);
        self::assertEqualsWithDelta(0.013, $workshop->cutterFor(0.0125, 'tube', 'drill')?->si(), 1e-9);
        self::assertNull($workshop->cutterFor(0.03, 'tube', 'drill', 'bar'));
    }

    public function testTheFurnaceOfThatNameIsFound(): void
    {
        $workshop = self::read(['furnaces' => [['name' => 'Gas', 'source' => 'propane'], ['name' => 'Kiln', 'source' => 'electric']]]);

        self::assertSame('electric', $workshop->furnace('Kiln')['source'] ?? null);
    }

    /** @param array<mixed> $workshop */
    private static function read(array $workshop): Workshop
    {
        return Records::read(['workshop' => $workshop])->workshop ?? new Workshop();
    }

    private static function at(mixed $data, string|int ...$path): mixed
    {
        foreach ($path as $key) {
            $data = is_array($data) ? $data[$key] ?? null : null;
        }

        return $data;
    }
}
