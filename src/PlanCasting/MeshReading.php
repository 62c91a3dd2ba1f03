<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\App\Account\Caster;
use Symfony\Component\Uid\Uuid;

/** One uploaded mesh on its way through the worker: waiting, being read, measured or refused. The file goes when it has been read. */
#[ORM\Entity]
#[ORM\Table(name: 'mesh_reading')]
#[ORM\Index(columns: ['caster_id', 'created_at'])]
class MeshReading
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\ManyToOne(targetEntity: Caster::class)]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    private Caster $caster;

    #[ORM\Column(length: 4)]
    private string $unit;

    /** @var 'waiting'|'reading'|'done'|'refused' */
    #[ORM\Column(length: 8)]
    private string $state = 'waiting';

    /** Of the file, 0 to 1. */
    #[ORM\Column]
    private float $share = 0.0;

    /** What was measured, or the words of the refusal. */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private mixed $answer = null;

    #[ORM\Column]
    private \DateTimeImmutable $createdAt;

    public function __construct(Uuid $id, Caster $caster, string $unit, \DateTimeImmutable $now)
    {
        $this->id = $id;
        $this->caster = $caster;
        $this->unit = $unit;
        $this->createdAt = $now;
    }

    /** @param array<string, mixed> $measured in SI */
    public function measured(array $measured): void
    {
        $this->state = 'done';
        $this->share = 1.0;
        $this->answer = $measured;
    }

    public function refuse(string $code, string $words): void
    {
        $this->state = 'refused';
        $this->answer = ['code' => $code, 'title' => $words];
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function caster(): Caster
    {
        return $this->caster;
    }

    public function unit(): string
    {
        return $this->unit;
    }

    public function createdAt(): \DateTimeImmutable
    {
        return $this->createdAt;
    }

    /** @return 'waiting'|'reading'|'done'|'refused' */
    public function state(): string
    {
        return $this->state;
    }

    public function share(): float
    {
        return $this->share;
    }

    /** @return array{code: string, title: string}|null why it could not be read */
    public function refusal(): ?array
    {
        if ('refused' !== $this->state) {
            return null;
        }
        ['code' => $code, 'title' => $title] = $this->answer() + ['code' => null, 'title' => null];

        return [
            'code' => is_string($code) ? $code : 'mesh.refused',
            'title' => is_string($title) ? $title : 'This file could not be read.',
        ];
    }

    /** @return array<mixed> */
    public function answer(): array
    {
        return is_array($this->answer) ? $this->answer : [];
    }
}
