<?php

declare(strict_types=1);

namespace MoltenNotes\App\Workshop;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\KeptWorkshop;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\OwnExperience;
use MoltenNotes\App\Notebook\WorkshopRow;
use MoltenNotes\App\Shared\Http\ToldAnswer;
use MoltenNotes\Core\Cost\Rates;
use MoltenNotes\Core\Experience\LikeHeats;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\ThingKind;

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
        $things = array_fill_keys(array_keys(ThingKind::all()), []);
        foreach ($shelves->rows as $row) {
            $things[$row->kind()][] = self::thing($row, $format);
        }

        return new WorkshopAnswer(
            furnaces: $things['furnaces'],
            crucibles: $things['crucibles'],
            flasks: $things['flasks'],
            cutters: $things['cutters'],
            stock: $things['stock'],
            consumables: $things['consumables'],
            heaps: $things['heaps'],
            recipes: $things['recipes'],
            patterns: $things['patterns'],
            tariffs: (object) $shelves->workshop->tariffs,
            costs: (object) self::costs($shelves->kept, $format),
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

    /** @return array<string, ToldAnswer> */
    private static function costs(?KeptWorkshop $kept, QuantityFormatter $format): array
    {
        $told = $kept?->settings()['costs'] ?? [];
        $reader = new ValueReader(UnitPreferences::metric());
        $costs = [];
        foreach (Rates::SETTINGS as $setting) {
            $raw = is_array($told) ? $told[$setting] ?? null : null;
            $value = Rates::setting($setting, $raw, '', $reader);
            if (null !== $value) {
                $costs[$setting] = new ToldAnswer($raw, $value instanceof Measurement ? $format->measurement($value) : (string) $value);
            }
        }

        return $costs;
    }

    private static function thing(WorkshopRow $row, QuantityFormatter $format): WorkshopRowAnswer
    {
        $name = $row->name();
        $columns = null === $name ? [] : ['name' => new ToldAnswer($name, $name)];

        return new WorkshopRowAnswer(
            $row->id()->toRfc4122(),
            $row->version(),
            (object) ($columns + ToldColumns::of(ThingKind::find($row->kind())->columns ?? [], $row->content(), $format)),
        );
    }
}
