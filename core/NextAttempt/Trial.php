<?php

declare(strict_types=1);

namespace MoltenNotes\Core\NextAttempt;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Table;

/** A cheap pour that tells a suspect before the dear one, in the measures of the part. */
final readonly class Trial
{
    /** A strip is this many walls wide, so that its edges do not freeze it. Common practice. */
    private const WIDTHS = 6;
    /** A thumb of metal. */
    private const CUP_ML = 15.0;
    private const TILE_M = 0.08;

    /** @param list<string> $common what it must have in common with the part, or it tells nothing */
    private function __construct(public string $code, public string $label, public string $words, public array $common)
    {
    }

    /** Null where no small pour tells of this cause. */
    public static function against(string $cause, Values $values, QuantityFormatter $format): ?self
    {
        /** @var list<array{code: string, body: string, label: string, causes: list<string>, words: string, common: list<string>}> $rows */
        $rows = Table::rows(__DIR__.'/Data/trials.php', ['code', 'body', 'label', 'causes', 'words', 'common']);
        foreach ($rows as $row) {
            if (in_array($cause, $row['causes'], true)) {
                $words = strtr($row['words'], self::measures($row['body'], $values, $format));

                return new self($row['code'], $row['label'], $words, $row['common']);
            }
        }

        return null;
    }

    /** @return array<string, string> */
    private static function measures(string $body, Values $values, QuantityFormatter $format): array
    {
        $thick = self::ofSections($values, ['thickness', 'wall', 'diameter']);
        $wall = $values->measurement('casting.wall')?->si() ?? ([] === $thick ? null : min($thick));
        $heaviest = $values->measurement('casting.heaviest')?->si() ?? ([] === $thick ? $wall : max($thick));
        $long = self::ofSections($values, ['length', 'height', 'diameter']);
        $run = $values->measurement('casting.run')?->si() ?? ([] === $long ? null : max($long));
        $shown = static fn (?float $metres, string $else): string => null === $metres ? $else : $format->quantity(Length::fromSi($metres));
        $volume = match ($body) {
            'strip' => null === $wall || null === $run ? null : $wall * self::WIDTHS * $wall * $run,
            'block' => null === $heaviest ? null : $heaviest ** 3,
            'tile' => null === $heaviest ? null : $heaviest * self::TILE_M ** 2,
            default => self::CUP_ML / 1e6,
        };
        $alloy = AlloyTable::find($values->choice('metal.alloy') ?? '');
        $mass = null === $volume || null === $alloy ? null : $volume * $alloy->densitySolid->si();

        return [
            '{wall}' => $shown($wall, 'as thin as the thinnest wall'),
            '{run}' => $shown($run, 'as long as the longest run'),
            '{heaviest}' => $shown($heaviest, 'as thick as the heaviest section'),
            '{mass}' => null === $mass ? '' : ', about '.$format->quantity(Mass::fromSi($mass)).' of metal',
        ];
    }

    /**
     * @param list<string> $measures
     *
     * @return list<float> in metres, of each section the first of these that it has
     */
    private static function ofSections(Values $values, array $measures): array
    {
        $found = [];
        foreach ($values->sections()?->all() ?? [] as $section) {
            foreach ($measures as $measure) {
                $si = $section->si($measure);
                if (null !== $si && $si > 0) {
                    $found[] = $si;
                    break;
                }
            }
        }

        return $found;
    }
}
