<?php

declare(strict_types=1);

namespace MoltenNotes\App\Handbook;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Attempt\Sign;
use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Cause;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Unit;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Quantity\UnitTable;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Safety\Cautions;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The words and tables of the trade, once for the whole browser session: fields, choices, defects, alloys, cautions. */
final class HandbookController
{
    #[Route('/api/handbook', methods: ['GET'])]
    public function __invoke(Catalogue $catalogue, #[CurrentUser] ?Caster $caster = null): AnswerResponse
    {
        $vocabulary = Vocabulary::standard();
        $format = new QuantityFormatter($caster?->units() ?? UnitPreferences::metric());

        return new AnswerResponse(
            new HandbookAnswer(
                fields: array_map(FieldAnswer::of(...), array_values(Fields::all())),
                choices: array_map(
                    static fn (array $list): array => array_map(
                        static fn (string $code, array $words): ChoiceAnswer => new ChoiceAnswer($code, $words['label'], $words['hint']),
                        array_keys($list),
                        array_values($list),
                    ),
                    Choices::all(),
                ),
                classes: $vocabulary->classes,
                defects: array_map(
                    static fn (Sign $sign): DefectAnswer => new DefectAnswer(
                        $sign->code,
                        $sign->group,
                        $sign->label,
                        $sign->words,
                        $vocabulary->looks[$sign->group],
                    ),
                    array_values($vocabulary->defects),
                ),
                observations: array_map(
                    static fn (string $code, array $row): ObservationKindAnswer => new ObservationKindAnswer(
                        $code,
                        $row['label'],
                        $row['when'],
                        $row['step'],
                    ),
                    array_keys($vocabulary->observations),
                    array_values($vocabulary->observations),
                ),
                causes: array_map(
                    static fn (Cause $cause): CauseKindAnswer => new CauseKindAnswer(
                        $cause->code,
                        $cause->label,
                        $cause->words,
                        $cause->processes,
                        array_keys(array_intersect_key($catalogue->signs[$cause->code], $vocabulary->defects)),
                    ),
                    array_values($catalogue->causes),
                ),
                cautions: Cautions::rows(),
                alloys: array_map(
                    static fn (Alloy $alloy): AlloyAnswer => AlloyAnswer::of($alloy, $format),
                    array_values(AlloyTable::all()),
                ),
                units: array_map(
                    static fn (Dimension $dimension): UnitListAnswer => new UnitListAnswer(
                        $dimension->value,
                        array_map(
                            static fn (Unit $unit): UnitLabelAnswer => new UnitLabelAnswer($unit->code, $unit->label),
                            UnitTable::of($dimension),
                        ),
                    ),
                    Dimension::cases(),
                ),
            ),
        );
    }
}
