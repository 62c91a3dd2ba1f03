<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Attempt\History;
use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Experience\Experience;
use MoltenNotes\Core\Geometry\FreshSolids;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Geometry\Solids;
use MoltenNotes\Core\NextAttempt\Change;
use MoltenNotes\Core\NextAttempt\Prediction;
use MoltenNotes\Core\PourDay\DayEvent;
use MoltenNotes\Core\PourDay\Tap;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Workshop\Workshop;
use Symfony\Component\Uid\Uuid;

/** One try at a casting: plan, pour, findings, diagnosis, change sheet. */
#[ORM\Entity]
#[ORM\Table(name: 'attempt')]
#[ORM\UniqueConstraint(name: 'attempt_number', columns: ['casting_id', 'number'])]
#[ORM\Index(columns: ['caster_id', 'binned_at', 'happened_on', 'id'], name: 'attempt_ledger')]
#[ORM\Index(columns: ['caster_id', 'recipe'], name: 'attempt_recipe')]
class Attempt
{
    use Binnable {
        bin as private binAlone;
    }
    use Versioned;

    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\ManyToOne(targetEntity: Casting::class)]
    #[ORM\JoinColumn(nullable: false)]
    private Casting $casting;

    #[ORM\ManyToOne(targetEntity: Caster::class)]
    #[ORM\JoinColumn(nullable: false)]
    private Caster $caster;

    #[ORM\ManyToOne(targetEntity: Heat::class)]
    private ?Heat $heat = null;

    /** The attempt whose change sheet this one follows. */
    #[ORM\ManyToOne(targetEntity: self::class)]
    private ?self $previous;

    /** Another attempt at the same casting that the caster holds this one against. */
    #[ORM\ManyToOne(targetEntity: self::class)]
    #[ORM\JoinColumn(onDelete: 'SET NULL')]
    private ?self $beside = null;

    /** The sand heap its mould is made of. */
    #[ORM\ManyToOne(targetEntity: WorkshopRow::class)]
    #[ORM\JoinColumn(name: 'heap_id', onDelete: 'SET NULL')]
    private ?WorkshopRow $heap = null;

    /** The pattern its mould is made of, or the mould that is used again. */
    #[ORM\ManyToOne(targetEntity: WorkshopRow::class)]
    #[ORM\JoinColumn(name: 'pattern_id', onDelete: 'SET NULL')]
    private ?WorkshopRow $pattern = null;

    /** The mix its mould, core or coat was made by: one of the trade by its code, or one of the caster's own by its id. */
    #[ORM\Column(length: 40, nullable: true)]
    private ?string $recipe = null;

    /** Which version of the caster's own it was then; null for one of the trade. */
    #[ORM\Column(nullable: true)]
    private ?int $recipeVersion = null;

    #[ORM\Column]
    private int $number;

    #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $pouredOn = null;

    /** Day of the pour, or of planning: the ledger is ordered by it. */
    #[ORM\Column(type: Types::DATE_IMMUTABLE)]
    private \DateTimeImmutable $happenedOn;

    #[ORM\Column(length: 8, nullable: true)]
    private ?string $verdict = null;

    #[ORM\Column(type: Types::TEXT, nullable: true)]
    private ?string $note = null;

    /** What the caster calls it, beside its number. */
    #[ORM\Column(length: 120, nullable: true)]
    private ?string $name = null;

    /** Whether it went there with its casting, and comes back with it. */
    #[ORM\Column]
    private bool $binnedWithCasting = false;

    /** A list of codes; whatever else may be stored here is kept and shown. */
    #[ORM\Column(type: Types::JSON)]
    private mixed $observations = [];

    /** Fields that are to stay as they are, since they worked; whatever else may be stored here is kept. */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private mixed $kept = null;

    /** The caster's own changes by their id: words, and the defect each is meant against; whatever else may be stored here is kept. */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private mixed $ownChanges = null;

    /** What was tapped on the day, by id: tap, second since 1970, word; whatever else may be stored here is kept. */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private mixed $events = null;

    /** Holds by code: seen to, or overridden with a reason; whatever else may be stored here is kept. */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private mixed $holds = null;

    /** When it is to be poured, seconds since 1970. */
    #[ORM\Column(type: Types::FLOAT, nullable: true)]
    private ?float $wantedAt = null;

    /** Steps of its week that are done: step → seconds since 1970; whatever else may be stored is kept. */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private mixed $steps = null;

    /** Steps of its finishing that are done: step → at, minutes, note; whatever else may be stored is kept. */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private mixed $finish = null;

    /** Repairs that are chosen, by code; whatever else may be stored is kept. */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private mixed $mends = null;

    // What lists and filters need, as made where known; kept by summarise().
    #[ORM\Column(length: 40, nullable: true)]
    private ?string $process = null;

    #[ORM\Column(length: 40, nullable: true)]
    private ?string $alloy = null;

    #[ORM\Column(type: Types::FLOAT, nullable: true)]
    private ?float $pourTemperatureK = null;

    #[ORM\Column]
    private \DateTimeImmutable $createdAt;

    /** @var Collection<string, AttemptValue> */
    #[ORM\OneToMany(
        targetEntity: AttemptValue::class,
        mappedBy: 'attempt',
        cascade: ['persist', 'remove'],
        orphanRemoval: true,
        indexBy: 'slot',
    ),]
    private Collection $values;

    /** @var Collection<int, RecordedFinding> */
    #[ORM\OneToMany(targetEntity: RecordedFinding::class, mappedBy: 'attempt', cascade: ['persist', 'remove'], orphanRemoval: true)]
    #[ORM\OrderBy(['id' => 'ASC'])]
    private Collection $findings;

    /** @var Collection<string, CheckAnswer> */
    #[ORM\OneToMany(
        targetEntity: CheckAnswer::class,
        mappedBy: 'attempt',
        cascade: ['persist', 'remove'],
        orphanRemoval: true,
        indexBy: 'check',
    ),]
    private Collection $answers;

    /** @var Collection<string, CauseOpinion> */
    #[ORM\OneToMany(
        targetEntity: CauseOpinion::class,
        mappedBy: 'attempt',
        cascade: ['persist', 'remove'],
        orphanRemoval: true,
        indexBy: 'cause',
    ),]
    private Collection $opinions;

    /** @var Collection<string, AcceptedChange> */
    #[ORM\OneToMany(
        targetEntity: AcceptedChange::class,
        mappedBy: 'attempt',
        cascade: ['persist', 'remove'],
        orphanRemoval: true,
        indexBy: 'remedy',
    ),]
    private Collection $changes;

    /** @var Collection<string, WrittenPrediction> */
    #[ORM\OneToMany(
        targetEntity: WrittenPrediction::class,
        mappedBy: 'attempt',
        cascade: ['persist', 'remove'],
        orphanRemoval: true,
        indexBy: 'defect',
    ),]
    private Collection $predictions;

    /** @var array<string, Values> what the stored rows say, read once a request */
    private array $read = [];

    public function __construct(Uuid $id, Casting $casting, int $number, ?self $previous, \DateTimeImmutable $now)
    {
        $this->id = $id;
        $this->casting = $casting;
        $this->caster = $casting->caster();
        $this->number = $number;
        $this->previous = $previous;
        $this->createdAt = $now;
        $this->updatedAt = $now;
        $this->happenedOn = $now;
        $this->values = new ArrayCollection();
        $this->findings = new ArrayCollection();
        $this->answers = new ArrayCollection();
        $this->opinions = new ArrayCollection();
        $this->changes = new ArrayCollection();
        $this->predictions = new ArrayCollection();
    }

    /** Sets or blanks one value; what stood there unreadable gives way to it. */
    public function setValue(string $stage, string $field, Measurement|Sections|string|int|bool|null $value): void
    {
        $slot = "{$stage} {$field}";
        $this->read = [];
        $row = $this->values->get($slot);
        if (null === $value) {
            $this->values->remove($slot);
        } elseif (null === $row) {
            $this->values->set($slot, new AttemptValue($this, $slot, $value));
        } else {
            $row->change($value);
        }
    }

    public function rename(?string $name): void
    {
        $this->name = $name;
    }

    public function moveTo(Casting $casting, int $number): void
    {
        $this->casting = $casting;
        $this->number = $number;
    }

    public function joinHeat(?Heat $heat): void
    {
        $this->heat = $heat;
    }

    public function mouldFrom(?WorkshopRow $heap): void
    {
        $this->heap = $heap;
    }

    public function mouldOf(?WorkshopRow $pattern): void
    {
        $this->pattern = $pattern;
    }

    /** Null while it is in the bin. */
    public function pattern(): ?WorkshopRow
    {
        return null === $this->pattern?->binnedAt() ? $this->pattern : null;
    }

    public function mixBy(?string $recipe, ?int $version): void
    {
        $this->recipe = $recipe;
        $this->recipeVersion = $version;
    }

    public function recipe(): ?string
    {
        return $this->recipe;
    }

    /** Null while it is in the bin. */
    public function heap(): ?WorkshopRow
    {
        return null === $this->heap?->binnedAt() ? $this->heap : null;
    }

    public function pourOn(?\DateTimeImmutable $day): void
    {
        $this->pouredOn = $day;
        $this->happenedOn = $day ?? $this->createdAt;
    }

    public function judge(?string $verdict): void
    {
        $this->verdict = $verdict;
    }

    public function remark(?string $note): void
    {
        $this->note = $note;
    }

    public function compareWith(?self $other): void
    {
        $this->beside = $other;
    }

    /** Null while it is in the bin. */
    public function beside(): ?self
    {
        return null === $this->beside?->binnedAt() ? $this->beside : null;
    }

    /** Whether the value of a field is to stay as it is. */
    public function keep(string $field, bool $is): void
    {
        $others = array_values(array_diff($this->kept(), [$field]));
        $this->kept = $is ? [...$others, $field] : $others;
    }

    /** @return list<string> fields whose values are to stay as they are */
    public function kept(): array
    {
        return array_values(array_filter(
            is_array($this->kept) ? $this->kept : [],
            static fn (mixed $field): bool => is_string($field) && null !== Fields::find($field),
        ));
    }

    /** @param array{words: string, against: string|null}|null $change null takes it off the sheet */
    public function changeOwn(string $id, ?array $change): void
    {
        $this->ownChanges = self::with($this->ownChanges, $id, $change);
    }

    /** @return array<string, array{words: string, against: string|null}> by id */
    public function ownChanges(): array
    {
        $changes = [];
        foreach (is_array($this->ownChanges) ? $this->ownChanges : [] as $id => $change) {
            if (is_array($change) && is_string($change['words'] ?? null)) {
                $against = $change['against'] ?? null;
                $changes[(string) $id] = ['words' => $change['words'], 'against' => is_string($against) ? $against : null];
            }
        }

        return $changes;
    }

    /** @param array{code: string, at: float, word: string|null}|null $event null takes the tap back */
    public function tap(string $id, ?array $event): void
    {
        $this->events = self::with($this->events, $id, $event);
    }

    /** @return array<string, DayEvent> by id, in the order of the day */
    public function events(): array
    {
        $events = [];
        foreach (is_array($this->events) ? $this->events : [] as $id => $event) {
            $code = is_array($event) ? $event['code'] ?? null : null;
            $at = is_array($event) ? $event['at'] ?? null : null;
            $word = is_array($event) ? $event['word'] ?? null : null;
            if (is_string($code) && isset(Tap::all()[$code]) && (is_float($at) || is_int($at))) {
                $events[(string) $id] = new DayEvent($code, (float) $at, is_string($word) ? $word : null);
            }
        }
        uasort($events, static fn (DayEvent $a, DayEvent $b): int => $a->at <=> $b->at);

        return $events;
    }

    public function want(?float $at): void
    {
        $this->wantedAt = $at;
    }

    public function wantedAt(): ?float
    {
        return $this->wantedAt;
    }

    /** @param float|null $at seconds since 1970; null: not done after all */
    public function stepDone(string $step, ?float $at): void
    {
        $this->steps = self::with($this->steps, $step, null === $at ? null : ['at' => $at]);
    }

    /** @return array<string, float> step → when it was done, seconds since 1970 */
    public function steps(): array
    {
        $steps = [];
        foreach (is_array($this->steps) ? $this->steps : [] as $step => $done) {
            $at = is_array($done) ? $done['at'] ?? null : null;
            if (is_float($at) || is_int($at)) {
                $steps[(string) $step] = (float) $at;
            }
        }

        return $steps;
    }

    /** @param array{at: float, minutes: int|null, note: string|null}|null $done null: not done after all */
    public function finishStep(string $step, ?array $done): void
    {
        $this->finish = self::with($this->finish, $step, $done);
    }

    /** @return array<string, array{at: float, minutes: int|null, note: string|null}> steps of its finishing that are done */
    public function finished(): array
    {
        $done = [];
        foreach (is_array($this->finish) ? $this->finish : [] as $step => $one) {
            $at = is_array($one) ? $one['at'] ?? null : null;
            if (is_array($one) && (is_float($at) || is_int($at))) {
                $minutes = $one['minutes'] ?? null;
                $note = $one['note'] ?? null;
                $done[(string) $step] = [
                    'at' => (float) $at,
                    'minutes' => is_int($minutes) ? $minutes : null,
                    'note' => is_string($note) ? $note : null,
                ];
            }
        }

        return $done;
    }

    public function mend(string $repair, bool $is): void
    {
        $this->mends = self::with($this->mends, $repair, $is ? ['chosen' => true] : null);
    }

    /** @return list<string> repairs that are chosen, by code */
    public function mends(): array
    {
        return array_map(strval(...), array_keys(is_array($this->mends) ? $this->mends : []));
    }

    /** @param array{reason: string|null}|null $seen null: not seen to any more */
    public function hold(string $code, ?array $seen): void
    {
        $this->holds = self::with($this->holds, $code, $seen);
    }

    /** @return array<string, array{reason: string|null}> holds that were seen to; a reason where one was overridden */
    public function holds(): array
    {
        $holds = [];
        foreach (is_array($this->holds) ? $this->holds : [] as $code => $seen) {
            $reason = is_array($seen) ? $seen['reason'] ?? null : null;
            if (is_array($seen)) {
                $holds[(string) $code] = ['reason' => is_string($reason) ? $reason : null];
            }
        }

        return $holds;
    }

    /**
     * What is stored by keys, with one of them set or taken out.
     *
     * @param array<string, mixed>|null $value
     *
     * @return array<mixed>
     */
    private static function with(mixed $stored, string $key, ?array $value): array
    {
        $all = is_array($stored) ? $stored : [];
        unset($all[$key]);

        return null === $value ? $all : $all + [$key => $value];
    }

    public function notice(string $observation, bool $seen): void
    {
        $others = array_values(array_diff($this->storedObservations(), [$observation]));
        $this->observations = $seen ? [...$others, $observation] : $others;
    }

    /** Into the bin, or out of it. */
    public function bin(?\DateTimeImmutable $at): void
    {
        $this->binAlone($at);
        $this->binnedWithCasting = false;
    }

    /** Brings the columns that lists and filters read up to what the values say; the heat's are among them. */
    public function summarise(): void
    {
        $all = $this->toRecord(new History(), null)->values();
        $this->process = $all->choice('mould.process');
        $this->alloy = $all->choice('metal.alloy');
        $this->pourTemperatureK = $all->measurement('pour.temperature')?->si();
    }

    public function toRecord(
        History $history,
        ?Workshop $workshop,
        Experience $experience = new Experience(),
        Solids $solids = new FreshSolids(),
    ): AttemptRecord {
        $answers = [];
        foreach ($this->answers as $check => $answer) {
            if (isset(Vocabulary::standard()->checks[$check])) {
                $answers[$check] = $answer->answer();
            }
        }

        return new AttemptRecord(
            $this->casting->name(),
            $this->casting->purpose(),
            $this->number,
            $this->pouredOn?->format('Y-m-d'),
            $this->valuesOf('planned'),
            $this->valuesOf('made'),
            $this->heat()?->values() ?? Values::none(),
            $this->observations(),
            array_map(static fn (RecordedFinding $finding) => $finding->toFinding(), $this->findings()),
            $answers,
            $history,
            $this->verdict(),
            $this->note,
            $workshop,
            $experience,
            $solids,
        );
    }

    public function valuesOf(string $stage): Values
    {
        return $this->read[$stage] ??= $this->readValues($stage);
    }

    private function readValues(string $stage): Values
    {
        $values = [];
        foreach ($this->values as $slot => $row) {
            $value = $row->value();
            if (str_starts_with($slot, $stage.' ') && null !== $value) {
                $values[substr($slot, strlen($stage) + 1)] = $value;
            }
        }

        return Values::of($values);
    }

    /** planned: nothing poured yet; poured: waiting for inspection; judged: has a verdict. */
    /** @return 'planned'|'poured'|'judged' also for whoever reads plain columns */
    public static function stateOf(?string $verdict, bool $poured): string
    {
        return match (true) {
            null !== $verdict => 'judged',
            $poured => 'poured',
            default => 'planned',
        };
    }

    public function state(): string
    {
        return self::stateOf($this->verdict(), null !== $this->pouredOn);
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function casting(): Casting
    {
        return $this->casting;
    }

    public function caster(): Caster
    {
        return $this->caster;
    }

    /** Null while its heat is in the bin. */
    public function heat(): ?Heat
    {
        return null === $this->heat?->binnedAt() ? $this->heat : null;
    }

    public function name(): ?string
    {
        return $this->name;
    }

    /** Null while it is in the bin. */
    public function previous(): ?self
    {
        return null === $this->previous?->binnedAt() ? $this->previous : null;
    }

    public function number(): int
    {
        return $this->number;
    }

    public function pouredOn(): ?\DateTimeImmutable
    {
        return $this->pouredOn;
    }

    public function verdict(): ?string
    {
        return Choices::known('verdict', $this->verdict);
    }

    public function note(): ?string
    {
        return $this->note;
    }

    /** @return list<string> */
    public function observations(): array
    {
        return array_values(
            array_filter($this->storedObservations(), static fn (string $code): bool => isset(Vocabulary::standard()->observations[$code])),
        );
    }

    /** @return list<string> */
    private function storedObservations(): array
    {
        return array_values(array_filter(is_array($this->observations) ? $this->observations : [], is_string(...)));
    }

    /**
     * Everything of this attempt that no longer fits the tables.
     *
     * @return list<Unreadable>
     */
    public function unreadable(): array
    {
        $causes = Catalogue::standard()->causes;
        $told = [
            ...array_map(static fn (AttemptValue $row): ?Unreadable => $row->unreadable(), array_values($this->values->toArray())),
            ...$this->heat()?->unreadable() ?? [],
            ...array_map(
                static fn (string $code): Unreadable => new Unreadable('observation', $code),
                array_values(array_diff($this->storedObservations(), $this->observations())),
            ),
            ...array_map(
                static fn (RecordedFinding $finding): ?Unreadable => null === $finding->binnedAt() ? $finding->unreadable() : null,
                array_values($this->findings->toArray()),
            ),
            ...array_map(
                static fn (string $check): ?Unreadable => isset(Vocabulary::standard()->checks[$check])
                    ? null
                    : new Unreadable('answer', $check),
                $this->answers->getKeys(),
            ),
            ...array_map(
                static fn (string $cause): ?Unreadable => isset($causes[$cause]) ? null : new Unreadable('opinion', $cause),
                $this->opinions->getKeys(),
            ),
            ...array_map(
                static fn (AcceptedChange $change): ?Unreadable => null !== $change->toChange()
                    ? null
                    : new Unreadable('change', $change->remedy()),
                array_values($this->changes->toArray()),
            ),
            ...array_map(
                static fn (string $defect): ?Unreadable => isset(Vocabulary::standard()->defects[$defect])
                    ? null
                    : new Unreadable('prediction', $defect),
                $this->predictions->getKeys(),
            ),
            $this->verdict !== $this->verdict() ? new Unreadable('verdict', (string) $this->verdict) : null,
        ];

        return array_values(array_filter($told));
    }

    public function process(): ?string
    {
        return $this->process;
    }

    public function alloy(): ?string
    {
        return $this->alloy;
    }

    public function pourTemperatureK(): ?float
    {
        return $this->pourTemperatureK;
    }

    public function updatedAt(): \DateTimeImmutable
    {
        return $this->updatedAt;
    }

    /** @return list<RecordedFinding> */
    public function findings(): array
    {
        return array_values(
            array_filter(
                $this->findings->toArray(),
                static fn (RecordedFinding $finding): bool => null === $finding->binnedAt() && null === $finding->unreadable(),
            ),
        );
    }

    public function addFinding(RecordedFinding $finding): void
    {
        $this->findings->add($finding);
    }

    /** @param 'yes'|'no'|'unclear'|null $answer null takes the answer back */
    public function answer(string $check, ?string $answer): void
    {
        $row = $this->answers->get($check);
        if (null === $answer) {
            $this->answers->remove($check);
        } elseif (null === $row) {
            $this->answers->set($check, new CheckAnswer($this, $check, $answer));
        } else {
            $row->change($answer);
        }
    }

    /** @param 'confirmed'|'suspected'|'ruled_out'|null $opinion null takes the opinion back */
    public function opine(string $cause, ?string $opinion, ?string $note, ?string $sure = null): void
    {
        $row = $this->opinions->get($cause);
        if (null === $opinion) {
            $this->opinions->remove($cause);
        } elseif (null === $row) {
            $this->opinions->set($cause, new CauseOpinion($this, $cause, $opinion, $note, $sure));
        } else {
            $row->change($opinion, $note, $sure);
        }
    }

    public function answerTo(string $check): ?string
    {
        return $this->answers->get($check)?->answer();
    }

    /** @return array<string, CauseOpinion> */
    public function opinions(): array
    {
        return array_intersect_key($this->opinions->toArray(), Catalogue::standard()->causes);
    }

    /** @return array<string, AcceptedChange> those that can be read */
    public function changes(): array
    {
        return array_filter($this->changes->toArray(), static fn (AcceptedChange $change): bool => null !== $change->toChange());
    }

    /** @return array<string, Change> what the change sheet of this attempt changes */
    public function changeSheet(): array
    {
        return array_filter(array_map(static fn (AcceptedChange $change): ?Change => $change->toChange(), $this->changes->toArray()));
    }

    public function acceptChange(AcceptedChange $change): void
    {
        $this->changes->set($change->remedy(), $change);
    }

    public function dropChange(string $remedy): void
    {
        $this->changes->remove($remedy);
    }

    /** @return array<string, WrittenPrediction> */
    public function predictions(): array
    {
        return array_intersect_key($this->predictions->toArray(), Vocabulary::standard()->defects);
    }

    /** @param list<Prediction> $predictions written anew where the attempt that followed went into the bin */
    public function predict(array $predictions): void
    {
        $told = array_map(static fn (Prediction $prediction): string => $prediction->defect, $predictions);
        foreach (array_diff($this->predictions->getKeys(), $told) as $gone) {
            $this->predictions->remove($gone);
        }
        foreach ($predictions as $prediction) {
            $known = $this->predictions->get($prediction->defect);
            if (null === $known) {
                $this->predictions->set($prediction->defect, new WrittenPrediction($this, $prediction));
            } else {
                $known->rewrite($prediction);
            }
        }
    }
}
