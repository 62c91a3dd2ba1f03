<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Architecture;

use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Plan\Steps;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Table;
use MoltenNotes\Core\Working\Figures;
use MoltenNotes\Tests\Support\Records;
use MoltenNotes\Tests\Support\WildRecords;
use PHPUnit\Framework\TestCase;

/** One table each for values, figures and defects; the types of PHP and of the web client are made from it. */
final class CodesTest extends TestCase
{
    public function testTheTypesAreMadeFromTheTablesAsTheyAre(): void
    {
        require_once dirname(__DIR__, 2).'/tools/codes.php';
        foreach (generated() as $path => $content) {
            self::assertSame($content, file_get_contents(dirname(__DIR__, 2).'/'.$path), "run php tools/codes.php: {$path}");
        }
    }

    public function testEveryFigureOfAPlanStandsInTheTableWithItsStage(): void
    {
        $format = new QuantityFormatter(UnitPreferences::metric());
        $figures = Figures::all();
        $seen = [];
        $wild = new WildRecords(140);
        $documents = array_map(static fn (array $planned): array => ['planned' => $planned], array_values(WildRecords::bases()));
        for ($i = 0; $i < 120; ++$i) {
            $documents[] = $wild->document();
        }
        foreach ($documents as $document) {
            $plan = PlanCasting::of(Basis::of(Records::read($document), $format));
            foreach ($plan->stages as $stage => $result) {
                foreach ($result->figures as $figure) {
                    self::assertSame($stage, $figures[$figure->code]['stage'] ?? null, $figure->code);
                    $seen[$figure->code] = true;
                }
            }
        }
        self::assertGreaterThan(40, count($seen), 'most of the table was met');
    }

    public function testASizeIsCutIntoAValueOfTheRecord(): void
    {
        foreach (Figures::all() as $code => $row) {
            self::assertTrue(null === $row['cut_into'] || null !== Fields::find($row['cut_into']), $code);
        }
    }

    public function testEveryStageOfAPlanIsWalkedThroughOnceAndAsksForValuesThatThereAre(): void
    {
        $walked = array_merge(...array_column(Steps::all(), 'stages'));
        $planned = array_keys(PlanCasting::of(Basis::of(Records::read([]), new QuantityFormatter(UnitPreferences::metric())))->stages);

        self::assertEqualsCanonicalizing($planned, $walked);
        foreach ([...array_column(Steps::all(), 'asks'), ...array_values(Steps::volumeWays())] as $asks) {
            self::assertSame([], array_values(array_diff($asks, array_keys(Fields::all()))));
        }
        self::assertSame([], array_diff(array_keys(Steps::volumeWays()), array_keys(Choices::list('volume_by'))));
    }

    public function testATableThatSaysTooLittleOrTooMuchIsNamedWithItsRow(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'table').'.php';
        file_put_contents($file, "<?php return [['code' => 'a', 'label' => 'A'], ['code' => 'b', 'lable' => 'B']];");
        try {
            Table::rows($file, ['code', 'label']);
            self::fail('nobody noticed');
        } catch (\LogicException $fault) {
            self::assertStringContainsString('row b: lacks label has no column lable', $fault->getMessage());
        } finally {
            unlink($file);
        }
        self::assertSame([['code' => 'a', 'hint' => '']], self::read("[['code' => 'a']]"));
    }

    /** @return list<array<string, mixed>> */
    private static function read(string $rows): array
    {
        $file = tempnam(sys_get_temp_dir(), 'table').'.php';
        file_put_contents($file, "<?php return {$rows};");
        $table = Table::rows($file, ['code'], ['hint' => '']);
        unlink($file);

        return $table;
    }
}
