<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\Core\NextAttempt\Outcome;
use MoltenNotes\Core\NextAttempt\Prediction;

/** What the change sheet expected of one defect, written down before the pour and never changed after. */
#[ORM\Entity]
#[ORM\Table(name: 'prediction')]
class WrittenPrediction
{
    /** The attempt whose change sheet it stands on; the attempt after it is the test. */
    #[ORM\Id]
    #[ORM\ManyToOne(targetEntity: Attempt::class, inversedBy: 'predictions')]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    private Attempt $attempt;

    #[ORM\Id]
    #[ORM\Column(length: 40)]
    private string $defect;

    #[ORM\Column]
    private float $chanceBefore;

    #[ORM\Column]
    private float $chanceAfter;

    #[ORM\Column(length: 8)]
    private string $expected;

    public function __construct(Attempt $attempt, Prediction $prediction)
    {
        $this->attempt = $attempt;
        $this->defect = $prediction->defect;
        $this->rewrite($prediction);
    }

    public function rewrite(Prediction $prediction): void
    {
        $this->chanceBefore = $prediction->before;
        $this->chanceAfter = $prediction->after;
        $this->expected = $prediction->expected->value;
    }

    public function defect(): string
    {
        return $this->defect;
    }

    public function expected(): Outcome
    {
        return Outcome::tryFrom($this->expected) ?? Outcome::Same;
    }

    public function toAnswer(): PredictionAnswer
    {
        return PredictionAnswer::of(new Prediction($this->defect, $this->chanceBefore, $this->chanceAfter, $this->expected()));
    }
}
