<?php

declare(strict_types=1);

namespace MoltenNotes\App\Workshop;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\OwnExperience;
use MoltenNotes\App\Notebook\WorkshopRow;
use MoltenNotes\App\Shared\Http\ToldAnswer;
use MoltenNotes\Core\Experience\LikeHeats;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\WorkshopReader;

/** The workshop as the API shows it, with what its heats have taught. */
final readonly class WorkshopView
{
    public function __construct(private Notebook $notebook, private OwnExperience $experience)
    {
    }

    public function of(Caster $caster): WorkshopAnswer
    {
        $shelves = $this->notebook->shelves($caster);
        $heats = array_values($this->experience->heats($caster));
        $format = new QuantityFormatter($caster->units());
        $lift = $shelves->workshop->safeLift;
        $things = array_fill_keys(WorkshopReader::kinds(), []);
        foreach ($shelves->rows as $row) {
            $things[$row->kind()][] = self::thing($row, $format);
        }

        return new WorkshopAnswer(
            furnaces: $things['furnaces'],
            crucibles: $things['crucibles'],
            flasks: $things['flasks'],
            cutters: $things['cutters'],
            stock: $things['stock'],
            tariffs: (object) $shelves->workshop->tariffs,
            safeLift: null === $lift ? null : new ToldAnswer($lift->toArray(), $format->measurement($lift)),
            currency: $shelves->workshop->currency,
            school: $shelves->workshop->school,
            unreadable: $shelves->unreadable,
            version: $shelves->kept?->version() ?? 0,
            learnt: array_map(static function (array $row) use ($format): array {
                $share = $row['like']->efficiency();
                $pace = $row['like']->pace();

                return [
                    'furnace' => $row['furnace'],
                    'crucible' => $row['crucible'],
                    'heats' => $row['count'],
                    'efficiency' => null === $share ? null : $format->si($share->si, Dimension::Ratio),
                    'pace' => null === $pace ? null : $format->estimate($pace),
                ];
            }, LikeHeats::each($heats)),
        );
    }

    /** Its columns as they are stored and as this caster reads them; what can no longer be read is left out. */
    private static function thing(WorkshopRow $row, QuantityFormatter $format): WorkshopRowAnswer
    {
        $reader = new ValueReader(UnitPreferences::metric());
        $columns = [];
        foreach (WorkshopReader::columns($row->kind()) as $column) {
            $raw = $row->content()[$column] ?? null;
            $value = null === $raw ? null : WorkshopReader::column($row->kind(), $column, $raw, '', $reader);
            if (null !== $value && [] !== $value) {
                $columns[$column] = new ToldAnswer(
                    $raw,
                    match (true) {
                        $value instanceof Measurement => $format->measurement($value),
                        is_array($value) => implode(
                            ', ',
                            array_map(
                                static fn (string $element, float $share): string => $element.' '.round(100 * $share, 4),
                                array_keys($value),
                                $value,
                            ),
                        ),
                        default => (string) $value,
                    },
                );
            }
        }

        return new WorkshopRowAnswer($row->id()->toRfc4122(), $row->version(), (object) $columns);
    }
}
