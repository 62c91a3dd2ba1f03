<?php

declare(strict_types=1);

namespace MoltenNotes\App\Findings;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\RecordedFinding;
use MoltenNotes\App\Shared\Http\Ids;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\Finding;
use MoltenNotes\Core\Record\RejectedRecord;
use Psr\Clock\ClockInterface;

/** Records, changes and removes findings. The id is the client's: the same finding sent twice is one finding. */
final readonly class RecordFinding
{
    private const MOST = 100;

    public function __construct(private EntityManagerInterface $storage, private Notebook $notebook, private ClockInterface $clock)
    {
    }

    /** @return bool true when it was new */
    public function record(Attempt $attempt, string $id, Finding $finding): bool
    {
        $uuid = Ids::of($id, 'finding');
        $known = $this->storage->find(RecordedFinding::class, $uuid);
        if (null !== $known && $known->attempt() !== $attempt) {
            throw RecordNotFound::named('finding');
        }
        if (null === $known && !Ids::isFresh($uuid)) {
            throw RejectedRecord::because([new FieldProblem('', 'record.id', 'A new finding needs a UUID of version 7.')]);
        }
        if (null === $known && count($attempt->findings()) >= self::MOST) {
            throw RejectedRecord::because([new FieldProblem('', 'record.too_many_findings', 'At most '.self::MOST.' findings to an attempt: put alike ones together.')]);
        }
        if (null === $known) {
            $attempt->addFinding(new RecordedFinding($uuid, $attempt, $finding));
        } else {
            $known->change($finding);
        }
        $attempt->touch($this->clock->now());
        $this->notebook->save();

        return null === $known;
    }

    public function remove(Attempt $attempt, string $id): void
    {
        $known = $this->storage->find(RecordedFinding::class, Ids::of($id, 'finding'));
        if (null === $known || $known->attempt() !== $attempt) {
            throw RecordNotFound::named('finding');
        }
        $attempt->removeFinding($known);
        $attempt->touch($this->clock->now());
        $this->notebook->save();
    }
}
