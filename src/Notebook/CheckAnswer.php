<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\ORM\Mapping as ORM;

/** What the caster found when making a check. */
#[ORM\Entity]
#[ORM\Table(name: 'check_answer')]
class CheckAnswer
{
    #[ORM\Id]
    #[ORM\ManyToOne(targetEntity: Attempt::class, inversedBy: 'answers')]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    private Attempt $attempt;

    #[ORM\Id]
    #[ORM\Column(name: 'check_code', length: 40)]
    private string $check;

    /** @var 'yes'|'no'|'unclear' */
    #[ORM\Column(length: 8)]
    private string $answer;

    /** @param 'yes'|'no'|'unclear' $answer */
    public function __construct(Attempt $attempt, string $check, string $answer)
    {
        $this->attempt = $attempt;
        $this->check = $check;
        $this->answer = $answer;
    }

    /** @param 'yes'|'no'|'unclear' $answer */
    public function change(string $answer): void
    {
        $this->answer = $answer;
    }

    /** @return 'yes'|'no'|'unclear' */
    public function answer(): string
    {
        return $this->answer;
    }
}
