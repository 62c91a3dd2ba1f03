<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Record\Values;
use Symfony\Component\Uid\Uuid;

/** One melt. It can fill several moulds, so several attempts may share it. */
#[ORM\Entity]
#[ORM\Table(name: 'heat')]
#[ORM\Index(columns: ['caster_id', 'binned_at', 'melted_on'], name: 'heat_list')]
class Heat
{
    use Binnable;
    use Versioned;

    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\ManyToOne(targetEntity: Caster::class)]
    #[ORM\JoinColumn(nullable: false)]
    private Caster $caster;

    #[ORM\Column(type: Types::DATE_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $meltedOn;

    /** What the caster calls it: "the big one of Saturday". */
    #[ORM\Column(length: 120, nullable: true)]
    private ?string $name = null;

    /** Instruments by their id, each with the seconds between which its readings belong here; whatever else may be stored is kept. */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private mixed $listens = null;

    /** What was found in its pot: how it is known, and shares by element as they were typed; whatever else may be stored is kept. */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private mixed $found = null;

    /** @var Collection<string, HeatValue> */
    #[ORM\OneToMany(
        targetEntity: HeatValue::class,
        mappedBy: 'heat',
        cascade: ['persist', 'remove'],
        orphanRemoval: true,
        indexBy: 'field',
    ),]
    private Collection $values;

    public function __construct(Uuid $id, Caster $caster, ?\DateTimeImmutable $meltedOn, \DateTimeImmutable $now)
    {
        $this->id = $id;
        $this->caster = $caster;
        $this->meltedOn = $meltedOn;
        $this->updatedAt = $now;
        $this->values = new ArrayCollection();
    }

    /** Sets or blanks one value; what stood there unreadable gives way to it. */
    public function setValue(string $field, Measurement|Sections|string|int|bool|null $value): void
    {
        $row = $this->values->get($field);
        if (null === $value) {
            $this->values->remove($field);
        } elseif (null === $row) {
            $this->values->set($field, new HeatValue($this, $field, $value));
        } else {
            $row->change($value);
        }
    }

    public function rename(?string $name): void
    {
        $this->name = $name;
    }

    public function meltOn(?\DateTimeImmutable $day): void
    {
        $this->meltedOn = $day;
    }

    /** @param array{from: float, to: float|null}|null $when null: not to it any more */
    public function listenTo(string $instrument, ?array $when): void
    {
        $all = is_array($this->listens) ? $this->listens : [];
        unset($all[$instrument]);
        $this->listens = null === $when ? $all : $all + [$instrument => $when];
    }

    /** @return array<string, array{from: float, to: float|null}> instrument → seconds since 1970; no end where it goes on */
    public function listens(): array
    {
        $listens = [];
        foreach (is_array($this->listens) ? $this->listens : [] as $id => $when) {
            $from = is_array($when) ? $when['from'] ?? null : null;
            $to = is_array($when) ? $when['to'] ?? null : null;
            if (is_float($from) || is_int($from)) {
                $listens[(string) $id] = ['from' => (float) $from, 'to' => is_float($to) || is_int($to) ? (float) $to : null];
            }
        }

        return $listens;
    }

    /** @return array<string, mixed> "by" and the signs of elements, as they are stored */
    public function found(): array
    {
        $found = [];
        foreach (is_array($this->found) ? $this->found : [] as $key => $value) {
            $found[(string) $key] = $value;
        }

        return $found;
    }

    public function find(string $what, mixed $value): void
    {
        $found = $this->found();
        $found[$what] = $value;
        $this->found = array_filter($found, static fn (mixed $kept): bool => null !== $kept);
    }

    public function name(): ?string
    {
        return $this->name;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function caster(): Caster
    {
        return $this->caster;
    }

    public function meltedOn(): ?\DateTimeImmutable
    {
        return $this->meltedOn;
    }

    public function updatedAt(): \DateTimeImmutable
    {
        return $this->updatedAt;
    }

    public function values(): Values
    {
        $values = [];
        foreach ($this->values as $field => $row) {
            $value = $row->value();
            if (null !== $value) {
                $values[$field] = $value;
            }
        }

        return Values::of($values);
    }

    /** @return list<Unreadable> */
    public function unreadable(): array
    {
        return array_values(
            array_filter(array_map(static fn (HeatValue $row): ?Unreadable => $row->unreadable(), $this->values->toArray())),
        );
    }
}
