<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Attempt;

use MoltenNotes\Core\Experience\Experience;
use MoltenNotes\Core\Geometry\FreshSolids;
use MoltenNotes\Core\Geometry\Solids;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Workshop\Workshop;

/** Everything known of one attempt: what the diagnosis reads and what a change sheet copies. */
final readonly class AttemptRecord
{
    /**
     * @param list<string> $observations codes noticed during the pour
     * @param list<Finding> $findings
     * @param array<string, 'yes'|'no'|'unclear'> $answers check → answer
     * @param list<list<string>> $sameHeat of each other judged mould that was filled from the same melt, the kinds of defects found
     * @param Values|null $sand what the mould took from its heap that day, and from its pattern
     * @param self|null $beside another attempt at the same thing that it is compared with; itself compared with none
     */
    public function __construct(
        public string $castingName,
        public ?string $purpose,
        public int $number,
        public ?string $pouredOn,
        public Values $planned,
        public Values $made,
        public Values $heat,
        public array $observations,
        public array $findings,
        public array $answers,
        public History $history,
        public ?string $verdict,
        public ?string $note = null,
        public ?Workshop $workshop = null,
        public Experience $experience = new Experience(),
        public Solids $solids = new FreshSolids(),
        public ?self $beside = null,
        public array $sameHeat = [],
        public ?Values $sand = null,
    ) {
    }

    /** Values that are no attempt yet, on the same ground as one: the caster's workshop and experience. */
    public static function ofValues(
        Values $values,
        ?Workshop $workshop,
        Experience $experience,
        Solids $solids = new FreshSolids(),
        ?Values $sand = null,
    ): self {
        return new self(
            '',
            null,
            1,
            null,
            $values,
            Values::none(),
            Values::none(),
            [],
            [],
            [],
            new History(),
            null,
            null,
            $workshop,
            $experience,
            $solids,
            sand: $sand,
        );
    }

    /** The same ground with other values; nothing of the pour that is over. */
    public function with(Values $values): self
    {
        return self::ofValues($values, $this->workshop, $this->experience, $this->solids, $this->sand);
    }

    /**
     * What counts for computing: as made where known, as planned where not; the heat's own values for the melt; nothing of another
     * process. What a heap's tests say of the sand is what was there on the day; before it, what is planned may be mixed yet.
     */
    public function values(): Values
    {
        $sand = $this->sand ?? Values::none();
        $planned = null === $this->pouredOn ? $sand->overlaidBy($this->planned) : $this->planned->overlaidBy($sand);

        return $planned->overlaidBy($this->made)->overlaidBy($this->heat)->ofItsProcess();
    }

    /** Whether this value was not told of the attempt but taken from its heap. */
    public function isOfItsHeap(string $field, mixed $value): bool
    {
        return null !== $value && ($this->sand?->all()[$field] ?? null) === $value && !isset($this->made->all()[$field]);
    }

    /** @return list<string> kinds of defect, each once, in a fixed order */
    public function defectKinds(): array
    {
        $kinds = array_values(array_unique(array_map(static fn (Finding $finding): string => $finding->kind, $this->findings)));
        sort($kinds);

        return $kinds;
    }

    /** @return array<string, mixed> the attempt document of docs/formats */
    public function toArray(): array
    {
        return array_filter(
            [
                'format' => AttemptDocument::FORMAT,
                'version' => AttemptDocument::VERSION,
                'casting' => array_filter(
                    ['name' => $this->castingName, 'purpose' => $this->purpose],
                    static fn (?string $value): bool => null !== $value,
                ),
                'attempt' => array_filter(
                    ['number' => $this->number, 'poured_on' => $this->pouredOn, 'note' => $this->note],
                    static fn (mixed $value): bool => null !== $value,
                ),
                'planned' => $this->planned->toArray(),
                'made' => $this->made->toArray(),
                'heat' => $this->heat->toArray(),
                'observations' => $this->observations,
                'findings' => array_map(static fn (Finding $finding): array => $finding->toArray(), $this->findings),
                'answers' => $this->answers,
                'history' => array_filter(
                    ['attempts' => $this->history->attempts, 'confirmed' => $this->history->confirmed],
                    static fn (mixed $value): bool => 0 !== $value && [] !== $value,
                ),
                'verdict' => $this->verdict,
                'workshop' => $this->workshop?->toArray(),
                'experience' => $this->experience->toArray(),
                'beside' => $this->beside?->besideArray(),
                'same_heat' => $this->sameHeat,
                'sand' => $this->sand?->toArray(),
            ],
            static fn (mixed $value): bool => null !== $value && [] !== $value,
        );
    }

    /** @return array<string, mixed> what counts of an attempt that stands beside another; what its sand was like goes where it counts */
    private function besideArray(): array
    {
        [$told, $values] = null === $this->pouredOn ? ['planned', $this->planned] : ['made', $this->made];

        return array_filter(
            [$told => ($this->sand ?? Values::none())->overlaidBy($values)->toArray()] + array_intersect_key(
                $this->toArray(),
                ['planned' => 0, 'made' => 0, 'heat' => 0, 'observations' => 0, 'findings' => 0, 'verdict' => 0],
            ) + ['number' => $this->number],
            static fn (mixed $value): bool => null !== $value && [] !== $value,
        );
    }

    /**
     * The same attempt with another beside it, and what the other moulds of its melt showed.
     *
     * @param list<list<string>> $sameHeat
     */
    public function beside(?self $other, array $sameHeat = []): self
    {
        return $this->again($other, $sameHeat, $this->sand, $this->heat);
    }

    /** The same attempt, its mould made of a heap that was like this on the day. */
    public function madeOf(Values $sand): self
    {
        return $this->again($this->beside, $this->sameHeat, $sand, $this->heat);
    }

    /** The same attempt, its melt charged like this by the book of the shelf; what was written of the melt goes before it. */
    public function chargedWith(Values $charge): self
    {
        return $this->again($this->beside, $this->sameHeat, $this->sand, $charge->overlaidBy($this->heat));
    }

    /** @param list<list<string>> $sameHeat */
    private function again(?self $beside, array $sameHeat, ?Values $sand, Values $heat): self
    {
        return new self(
            $this->castingName,
            $this->purpose,
            $this->number,
            $this->pouredOn,
            $this->planned,
            $this->made,
            $heat,
            $this->observations,
            $this->findings,
            $this->answers,
            $this->history,
            $this->verdict,
            $this->note,
            $this->workshop,
            $this->experience,
            $this->solids,
            $beside,
            $sameHeat,
            $sand,
        );
    }
}
