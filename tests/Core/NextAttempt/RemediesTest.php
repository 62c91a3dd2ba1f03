<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\NextAttempt;

use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\NextAttempt\Remedies;
use MoltenNotes\Core\NextAttempt\UnknownRemedy;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\ValueReader;
use PHPUnit\Framework\TestCase;

final class RemediesTest extends TestCase
{
    public function testEveryRemedyIsAgainstACauseAndChangesAValueThatExists(): void
    {
        foreach (Remedies::all() as $code => $remedy) {
            self::assertArrayHasKey($remedy->cause, Catalogue::standard()->causes, $code);
            self::assertGreaterThan(0.0, $remedy->left, $code);
            self::assertLessThan(1.0, $remedy->left, $code);
            self::assertContains($remedy->effort, [1, 2, 3], $code);
            self::assertSame('habit' === $remedy->how, null === $remedy->field, $code);
            if (null !== $remedy->field) {
                Fields::get($remedy->field);
            }
        }
    }

    public function testWhatARemedySetsIsSomethingTheFieldTakes(): void
    {
        foreach (Remedies::all() as $code => $remedy) {
            if (null === $remedy->field || !in_array($remedy->how, ['set', 'quantity'], true)) {
                continue;
            }
            $reader = new ValueReader(UnitPreferences::metric());
            $raw = is_array($remedy->argument) ? ['value' => $remedy->argument[0], 'unit' => $remedy->argument[1]] : $remedy->argument;
            $reader->value(Fields::get($remedy->field), $raw, "/{$code}");
            self::assertSame([], $reader->problems(), $code);
        }
    }

    public function testAnUnknownRemedySuggestsTheNearest(): void
    {
        try {
            Remedies::get('hoter');
            self::fail('an unknown remedy was taken');
        } catch (UnknownRemedy $unknown) {
            self::assertSame('hotter', $unknown->suggestion);
        }
    }
}
