<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Feeding\Chill;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Quantity\Area;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Volume;
use MoltenNotes\Core\Working\StageSheet;

/** How much of a heavy part has to lie on a chill. */
final readonly class ChillAdvice
{
    /** More than this share of its skin cannot be laid on chills. Common practice. */
    private const MOST = 0.5;

    public function __construct(private Basis $basis, private StageSheet $sheet, private SectionModuli $cooling)
    {
    }

    /** For a section that is to freeze no later than one of this modulus, m. */
    public function wanted(string $id, string $label, float $modulus): void
    {
        $volume = Volume::fromSi($this->cooling->volumes[$id]);
        $cooled = Area::fromSi($this->cooling->cooled[$id]);
        $contact = Chill::contact($volume, $cooled, Length::fromSi($modulus))->si();
        if ($contact <= 0.0) {
            return;
        }
        $enough = $contact <= self::MOST * $cooled->si();
        $on = $this->cooling->onChill[$id] ?? null;
        $this->sheet->add(
            code: 'chill_area',
            label: "On a chill, {$label}",
            value: Estimate::about(Area::fromSi($contact), 0.25),
            formula: 'A = V / M − A_cooled',
            inputs: [
                $this->sheet->input('V', 'Volume', Estimate::exactly($volume)),
                $this->sheet->input('A_cooled', 'Face on sand', Estimate::exactly($cooled)),
                $this->sheet->input('M', 'No later than this modulus', Estimate::exact(Dimension::Length, $modulus)),
                ...null === $on ? [] : [$this->sheet->input('A_chill', 'On a chill now', Estimate::exact(Dimension::Area, $on))],
            ],
            source: 'a face on a chill counts for two on sand',
            mark: Mark::CommonPractice,
            standing: 'plain',
            note: match (true) {
                !$enough => 'More than half of its skin: a chill alone will not do. Make it lighter, or feed it.',
                null !== $on => 'There is one, of '.$this->basis->shown($on, Dimension::Area).': too little.',
                default => 'As thick as the part, dry and warm: a damp chill blows.',
            },
            subject: $id,
        );
    }
}
