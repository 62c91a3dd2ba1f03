<?php

declare(strict_types=1);

namespace MoltenNotes\App\Demo;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Account\DemoAccount;
use MoltenNotes\App\Account\Register;
use MoltenNotes\App\Castings\SaveCasting;
use MoltenNotes\App\Findings\RecordFinding;
use MoltenNotes\App\LogPour\AttemptEntry;
use MoltenNotes\App\LogPour\LogPour;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\PlanNext\AcceptChanges;
use MoltenNotes\App\PlanNext\StartNext;
use MoltenNotes\App\Workshop\SaveWorkshop;
use MoltenNotes\Core\Record\FindingReader;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Record\Vocabulary;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/**
 * Fills a notebook with the made-up scenario, through the same services a caster's own actions go through.
 *
 * @phpstan-type Pour array{string|null, array<string, mixed>, array<string, mixed>, list<string>, list<array<string, mixed>>, array<string, 'yes'|'no'|'unclear'>, array<string, 'confirmed'|'suspected'|'ruled_out'>, string|null, string|null, list<array{0: string, 1?: string}>}
 */
final readonly class LoadDemo
{
    public function __construct(
        private Register $register,
        private SaveCasting $saveCasting,
        private LogPour $logPour,
        private RecordFinding $findings,
        private AcceptChanges $acceptChanges,
        private StartNext $startNext,
        private SaveWorkshop $saveWorkshop,
        private Notebook $notebook,
        private ClockInterface $clock,
    ) {
    }

    /** @return int attempts logged */
    public function __invoke(string $email = DemoAccount::EMAIL, string $password = DemoAccount::PASSWORD): int
    {
        $caster = ($this->register)($email, 'The boat shed', $password) ?? throw new \LogicException('There is an account with this address already.');
        /** @var array<string, mixed> $workshop */
        $workshop = require __DIR__.'/Data/workshop.php';
        ($this->saveWorkshop)($workshop, $caster);
        /** @var list<array{name: string, purpose: string, wanted: int, note: string, plan: array<string, mixed>, pours: list<Pour>}> $scenario */
        $scenario = require __DIR__.'/Data/scenario.php';
        $count = 0;
        foreach ($scenario as $row) {
            $about = array_intersect_key($row, ['name' => 0, 'purpose' => 0, 'wanted' => 0, 'note' => 0]);
            $casting = ($this->saveCasting)(Uuid::v7()->toRfc4122(), $about, $caster)['casting'];
            $attempt = null;
            foreach ($row['pours'] as $pour) {
                $attempt = $this->pour($attempt, $pour, $casting->id()->toRfc4122(), $row['plan'], $caster);
                ++$count;
            }
        }

        return $count;
    }

    /**
     * @param Pour                 $pour
     * @param array<string, mixed> $plan
     */
    private function pour(?Attempt $previous, array $pour, string $castingId, array $plan, Caster $caster): Attempt
    {
        [$date, $made, $heat, $observations, $findings, $answers, $opinions, $verdict, $note, $accepted] = $pour;
        $id = Uuid::v7()->toRfc4122();
        $body = ['casting_id' => $castingId, 'planned' => $plan, 'made' => $made, 'observations' => $observations, 'poured_on' => $date, 'verdict' => $verdict, 'note' => $note];
        if (null !== $previous) {
            $started = ($this->startNext)($previous, $id)['attempt'];
            $body['planned'] = $started->valuesOf('planned')->toArray();
            $body['version'] = $started->version();
        }
        if (null !== $date) {
            // The metal of the plan is the metal that was melted.
            $body['heat'] = ['values' => $heat + ['metal.alloy' => $body['planned']['metal.alloy']]];
        }
        $attempt = ($this->logPour)($id, AttemptEntry::read($body, $caster->units(), $this->clock->now()), $caster)['attempt'];
        $this->inspect($attempt, $findings, $answers, $opinions, $caster);
        if ([] !== $accepted) {
            ($this->acceptChanges)($attempt, ['accepted' => array_map(static fn (array $row): array => ['remedy' => $row[0]] + (isset($row[1]) ? ['new' => $row[1]] : []), $accepted)]);
        }

        return $attempt;
    }

    /**
     * @param list<array<string, mixed>>                         $findings
     * @param array<string, 'yes'|'no'|'unclear'>                $answers
     * @param array<string, 'confirmed'|'suspected'|'ruled_out'> $opinions
     */
    private function inspect(Attempt $attempt, array $findings, array $answers, array $opinions, Caster $caster): void
    {
        $reader = new ValueReader($caster->units());
        foreach ($findings as $index => $raw) {
            $finding = FindingReader::read($raw, "/findings/{$index}", $reader, Vocabulary::standard());
            $reader->insist();
            if (null !== $finding) {
                $this->findings->record($attempt, Uuid::v7()->toRfc4122(), $finding);
            }
        }
        foreach ($answers as $check => $answer) {
            $attempt->answer($check, $answer);
        }
        foreach ($opinions as $cause => $opinion) {
            $attempt->opine($cause, $opinion, null);
        }
        $attempt->touch($this->clock->now());
        $this->notebook->save();
    }
}
