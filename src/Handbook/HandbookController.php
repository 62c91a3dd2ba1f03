<?php

declare(strict_types=1);

namespace MoltenNotes\App\Handbook;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Attempt\Sign;
use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Cause;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Unit;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Quantity\UnitTable;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\Field;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Safety\Cautions;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The words and tables of the trade, once for the whole browser session: fields, choices, defects, alloys, cautions. */
final class HandbookController
{
    #[Route('/api/handbook', methods: ['GET'])]
    public function __invoke(Catalogue $catalogue, #[CurrentUser] ?Caster $caster = null): JsonResponse
    {
        $vocabulary = Vocabulary::standard();
        $format = new QuantityFormatter($caster?->units() ?? UnitPreferences::metric());

        return new JsonResponse([
            'fields' => array_map(self::field(...), array_values(Fields::all())),
            'choices' => array_map(
                static fn (array $list): array => array_map(
                    static fn (string $code, array $words): array => ['code' => $code] + $words,
                    array_keys($list),
                    array_values($list),
                ),
                Choices::all(),
            ),
            'classes' => $vocabulary->classes,
            'defects' => array_map(
                static fn (Sign $sign): array => [
                    'code' => $sign->code,
                    'class' => $sign->group,
                    'label' => $sign->label,
                    'words' => $sign->words,
                ],
                array_values($vocabulary->defects),
            ),
            'observations' => array_map(
                static fn (string $code, array $row): array => ['code' => $code, 'label' => $row['label'], 'when' => $row['when']],
                array_keys($vocabulary->observations),
                array_values($vocabulary->observations),
            ),
            'causes' => array_map(
                static fn (Cause $cause): array => [
                    'code' => $cause->code,
                    'label' => $cause->label,
                    'words' => $cause->words,
                    'processes' => $cause->processes,
                    'signs' => array_keys(array_intersect_key($catalogue->signs[$cause->code], $vocabulary->defects)),
                ],
                array_values($catalogue->causes),
            ),
            'cautions' => Cautions::rows(),
            'alloys' => array_map(static fn (Alloy $alloy): array => self::alloy($alloy, $format), array_values(AlloyTable::all())),
            'units' => array_map(
                static fn (Dimension $dimension): array => [
                    'dimension' => $dimension->value,
                    'units' => array_map(
                        static fn (Unit $unit): array => ['code' => $unit->code, 'label' => $unit->label],
                        UnitTable::of($dimension),
                    ),
                ],
                Dimension::cases(),
            ),
        ]);
    }

    /** @return array<string, mixed> */
    private static function field(Field $field): array
    {
        return [
            'key' => $field->key,
            'keeper' => $field->keeper,
            'stage' => $field->stage,
            'label' => $field->label,
            'kind' => $field->kind->value,
            'choices' => $field->choices,
            'dimension' => $field->dimension()?->value,
            'processes' => $field->processes,
            'hint' => $field->hint,
        ];
    }

    /** @return array<string, mixed> temperatures and density as this caster reads them */
    private static function alloy(Alloy $alloy, QuantityFormatter $format): array
    {
        return [
            'code' => $alloy->code,
            'name' => $alloy->name,
            'family' => $alloy->family,
            'note' => $format->words($alloy->note),
            'attributes' => $alloy->attributes,
            'freezing' => $alloy->freezing->value,
            'liquidus' => $format->quantity($alloy->liquidus),
            'solidus' => $format->quantity($alloy->solidus),
            'pour' => $format->measurement(Measurement::fromSi($alloy->pourHeavy->kelvin(), 'degC', $alloy->pourThin->kelvin())),
            'density' => $format->quantity($alloy->densitySolid),
            'contraction_percent' => round($alloy->contraction->in('percent'), 2),
            'shrinkage_percent' => round($alloy->shrinkage->in('percent'), 2),
            'mark' => $alloy->mark('liquidus_c')->value,
            'source' => $alloy->source('liquidus_c'),
        ];
    }
}
