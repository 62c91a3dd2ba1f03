<?php

declare(strict_types=1);

namespace MoltenNotes\App\Workshop;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\KeptWorkshop;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\StaleSave;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\WorkshopReader;
use Psr\Clock\ClockInterface;

/** Writes the workshop down, whole. */
final readonly class SaveWorkshop
{
    public function __construct(private Notebook $notebook, private WorkshopView $view, private ClockInterface $clock)
    {
    }

    /** @param array<string, mixed> $body */
    public function __invoke(array $body, Caster $caster): void
    {
        $kept = $this->notebook->keptWorkshop($caster);
        $version = $body['version'] ?? 0;
        unset($body['version'], $body['learnt'], $body['unreadable'], $body['shown']);
        $reader = new ValueReader($caster->units());
        $workshop = WorkshopReader::read($body, '', $reader);
        $reader->insist();
        if (null === $kept) {
            $this->notebook->add(new KeptWorkshop($this->notebook->owner($caster), $workshop, $this->clock->now()));
        } elseif ($version !== $kept->version()) {
            throw StaleSave::of($this->view->of($caster));
        } else {
            $kept->rewrite($workshop, $this->clock->now());
        }
        $this->notebook->save();
    }
}
