<?php

declare(strict_types=1);

namespace MoltenNotes\App\Castings;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Casting;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\Ids;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use MoltenNotes\App\Shared\Http\StaleSave;
use MoltenNotes\Core\Record\ValueReader;
use Psr\Clock\ClockInterface;

/** Adds a casting to the notebook or describes it anew. */
final readonly class SaveCasting
{
    public function __construct(private Notebook $notebook, private ClockInterface $clock)
    {
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return array{casting: Casting, created: bool}
     */
    public function __invoke(string $id, array $body, Caster $caster): array
    {
        $uuid = Ids::of($id, 'casting');
        $reader = new ValueReader($caster->units());
        $reader->refuseUnknown($body, ['name', 'purpose', 'wanted', 'note', 'version'], '', 'record.unknown_part', 'This is not told of a casting.');
        $name = trim($reader->text($body['name'] ?? null, '/name') ?? '');
        if ('' === $name || mb_strlen($name) > 120) {
            $reader->refuse('/name', 'casting.name', 'Give the casting a name of at most 120 characters.');
        }
        $purpose = isset($body['purpose']) ? $reader->choice('purpose', $body['purpose'], '/purpose') : null;
        $wanted = $body['wanted'] ?? 1;
        if (!is_int($wanted) || $wanted < 1 || $wanted > 10000) {
            $reader->refuse('/wanted', 'casting.wanted', 'Say how many you want, from 1 to 10000.');
            $wanted = 1;
        }
        $note = $reader->text($body['note'] ?? null, '/note');
        $casting = $this->notebook->findCasting($uuid, $caster);
        if (null === $casting && ($this->notebook->isTaken('casting', $uuid) || isset($body['version']))) {
            throw RecordNotFound::named('casting');
        }
        if (null === $casting && !Ids::isFresh($uuid)) {
            $reader->refuse('', 'record.id', 'A new casting needs a UUID of version 7.');
        }
        $reader->insist();
        if (null === $casting) {
            $casting = new Casting($uuid, $this->notebook->owner($caster), $name, $purpose, $wanted, $note, $this->clock->now());
            $this->notebook->add($casting);
            $this->notebook->save();

            return ['casting' => $casting, 'created' => true];
        }
        if (isset($body['version'])) {
            if ($body['version'] !== $casting->version()) {
                throw StaleSave::of($casting->toArray());
            }
            $casting->describe($name, $purpose, $wanted, $note, $this->clock->now());
            $this->notebook->save();
        }

        return ['casting' => $casting, 'created' => false];
    }
}
