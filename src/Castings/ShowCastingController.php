<?php

declare(strict_types=1);

namespace MoltenNotes\App\Castings;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\LogPour\AttemptLineAnswer;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\CauseOpinion;
use MoltenNotes\App\Notebook\FindingAnswer;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\RecordedFinding;
use MoltenNotes\App\PlanCasting\PlanView;
use MoltenNotes\App\PlanNext\SheetView;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\Core\Attempt\History;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** A casting with its trail: the latest attempts in order, and the change sheet between each two; earlier ones by their number. */
final readonly class ShowCastingController
{
    private const SHOWN = 12;

    public function __construct(
        private Notebook $notebook,
        private EntityManagerInterface $storage,
        private SheetView $sheets,
        private PlanView $plans,
    ) {
    }

    #[Route('/api/castings/{id}', methods: ['GET'])]
    #[Costly]
    public function __invoke(string $id, Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $casting = $this->notebook->casting($id, $caster);
        $before = $request->query->getInt('before', \PHP_INT_MAX);
        /** @var list<Attempt> $latest */
        $latest = $this->storage
            ->createQuery('SELECT a FROM '.Attempt::class.' a WHERE a.casting = :casting AND a.binnedAt IS NULL AND a.number < :before
                ORDER BY a.number DESC')
            ->setParameter('casting', $casting->id(), 'uuid')
            ->setParameter('before', min($before, 2_000_000_000))
            ->setMaxResults(self::SHOWN)
            ->getResult();
        $trail = array_reverse($latest);
        $first = [] === $trail ? 1 : $trail[0]->number();

        $steps = array_map($this->step(...), $trail);

        return new AnswerResponse(
            new CastingDetailAnswer(
                $casting->toAnswer(),
                $this->notebook->attempts($casting),
                $this->notebook->nextNumber($casting),
                $this->notebook->hasAttemptBefore($casting, $first) ? $first : null,
                $steps,
                self::patternChanges($steps),
                self::bySection($trail),
            ),
        );
    }

    private function step(Attempt $attempt): TrailAttemptAnswer
    {
        return new TrailAttemptAnswer(
            line: AttemptLineAnswer::of($attempt),
            name: $attempt->name(),
            note: $attempt->note(),
            findings: array_map(static fn (RecordedFinding $finding): FindingAnswer => $finding->toAnswer(), $attempt->findings()),
            confirmed: array_keys(
                array_filter($attempt->opinions(), static fn (CauseOpinion $opinion): bool => 'confirmed' === $opinion->opinion()),
            ),
            previousId: $attempt->previous()?->id()->toRfc4122(),
            section: $this->plans->drawing($attempt),
            sheet: null === $attempt->previous() ? null : $this->sheets->followed($attempt->previous(), $attempt),
        );
    }

    /**
     * @param list<TrailAttemptAnswer> $steps
     *
     * @return list<PatternChangeAnswer>
     */
    private static function patternChanges(array $steps): array
    {
        $changes = [];
        foreach ($steps as $step) {
            foreach ($step->sheet->changes ?? [] as $line) {
                if ($line->ofPattern) {
                    $changes[] = new PatternChangeAnswer($step->line->number, $line->label, "{$line->fieldLabel}: {$line->new}");
                }
            }
        }

        return $changes;
    }

    /**
     * @param list<Attempt> $trail
     *
     * @return list<SectionTrailAnswer>
     */
    private static function bySection(array $trail): array
    {
        $labels = $faults = [];
        foreach ($trail as $attempt) {
            $record = $attempt->toRecord(new History(), null);
            foreach ($record->values()->sections()?->all() ?? [] as $section) {
                $labels[$section->id] = $section->label;
            }
            foreach ($record->findings as $finding) {
                if (null !== $finding->section) {
                    $faults[$finding->section][$attempt->number()][] = $finding->kind;
                }
            }
        }
        $rows = [];
        foreach ([] === $faults ? [] : $labels as $section => $label) {
            $rows[] = new SectionTrailAnswer((string) $section, $label, array_map(
                static fn (Attempt $attempt): array => [
                    'number' => $attempt->number(),
                    'judged' => null !== $attempt->verdict(),
                    'faults' => array_values(array_unique($faults[$section][$attempt->number()] ?? [])),
                ],
                $trail,
            ));
        }

        return $rows;
    }
}
