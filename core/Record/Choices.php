<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Record;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Charge\EnergySource;
use MoltenNotes\Core\Charge\Knowledge;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Recipe\Recipe;
use MoltenNotes\Core\Sand\SandKind;

/** The words a caster picks from. */
final class Choices
{
    /** How a finding looks is told in parts; one of each, but for its wall. */
    public const LOOKS = ['look_many', 'look_size', 'look_wall', 'look_depth', 'look_lies', 'look_edges'];

    /** @var array<string, array<string, array{label: string, hint: string}>>|null */
    private static ?array $lists = null;

    /**
     * @return array<string, array{label: string, hint: string}> code → words
     *
     * @throws UnknownField when there is no list of this name
     */
    public static function list(string $name): array
    {
        return self::all()[$name] ?? throw UnknownField::key($name, array_keys(self::all()));
    }

    /** The code, where the list knows it: what old rows hold may not be on it any more. */
    public static function known(string $name, ?string $code): ?string
    {
        return null !== $code && isset(self::list($name)[$code]) ? $code : null;
    }

    /** The words for a code, or the code itself where an old record holds a word that has gone. */
    public static function label(string $name, string $code): string
    {
        return self::all()[$name][$code]['label'] ?? $code;
    }

    /** @return array<string, array<string, array{label: string, hint: string}>> */
    public static function all(): array
    {
        return self::$lists ??= self::load();
    }

    /** @return array<string, array<string, array{label: string, hint: string}>> */
    private static function load(): array
    {
        /** @var array<string, array<string, string|array{string, string}>> $data */
        $data = require __DIR__.'/Data/choices.php';
        $lists = [];
        foreach ($data as $name => $entries) {
            foreach ($entries as $code => $entry) {
                $lists[$name][$code] = is_array($entry) ? ['label' => $entry[0], 'hint' => $entry[1]] : ['label' => $entry, 'hint' => ''];
            }
        }
        foreach (self::LOOKS as $part) {
            $lists['look'] = [...$lists['look'] ?? [], ...$lists[$part]];
        }
        foreach (MouldProcess::all() as $process) {
            $lists['process'][$process->code] = ['label' => $process->label, 'hint' => $process->hint];
        }
        foreach (Recipe::standard() as $recipe) {
            $lists['recipe'][$recipe->code] = ['label' => $recipe->label, 'hint' => ''];
        }
        foreach (SandKind::all() as $kind) {
            $lists['sand_kind'][$kind->code] = ['label' => $kind->label, 'hint' => $kind->hint];
        }
        foreach (Knowledge::all() as $known) {
            $lists['lot_knowledge'][$known->code] = ['label' => $known->label, 'hint' => ''];
        }
        foreach (MetalFamily::all() as $family) {
            $lists['metal_family'][$family->code] = ['label' => $family->label, 'hint' => ''];
        }
        foreach (EnergySource::all() as $source) {
            $lists['energy_source'][$source->code] = ['label' => $source->label, 'hint' => ''];
        }
        foreach (AlloyTable::all() as $alloy) {
            $lists['alloy'][$alloy->code] = ['label' => $alloy->name, 'hint' => $alloy->family];
        }

        return $lists;
    }
}
