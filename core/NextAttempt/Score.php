<?php

declare(strict_types=1);

namespace MoltenNotes\Core\NextAttempt;

use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Attempt\Finding;

/** A prediction held against what was then found. */
final readonly class Score
{
    public function __construct(public string $defect, public ?Outcome $expected, public Outcome $found, public bool $held)
    {
    }

    /**
     * Scores a change sheet once the attempt after it has been judged.
     *
     * A defect that is not recorded any more counts as gone, one of less severity as better. "Better" is held by better or gone.
     * Defects that were not there before and that nobody predicted are listed as new.
     *
     * @param array<string, Outcome> $expected defect → expected
     *
     * @return list<self> empty while the attempt after has no verdict: an unopened mould proves nothing
     */
    public static function of(array $expected, AttemptRecord $before, AttemptRecord $after): array
    {
        if (null === $after->verdict) {
            return [];
        }
        $then = self::weights($before);
        $now = self::weights($after);
        $scores = [];
        foreach ($expected as $defect => $outcome) {
            $found = self::outcome($then[$defect] ?? 0, $now[$defect] ?? 0);
            $scores[] = new self($defect, $outcome, $found, self::isHeld($outcome, $found));
        }
        foreach (array_keys(array_diff_key($now, $then, $expected)) as $defect) {
            $scores[] = new self($defect, null, Outcome::NewDefect, false);
        }

        return $scores;
    }

    private static function outcome(int $then, int $now): Outcome
    {
        return match (true) {
            0 === $now => Outcome::Gone,
            0 === $then => Outcome::NewDefect,
            $now < $then => Outcome::Better,
            $now > $then => Outcome::Worse,
            default => Outcome::Same,
        };
    }

    private static function isHeld(Outcome $expected, Outcome $found): bool
    {
        return match ($expected) {
            Outcome::Gone => Outcome::Gone === $found,
            Outcome::Better => in_array($found, [Outcome::Gone, Outcome::Better], true),
            Outcome::Same => Outcome::Same === $found,
            Outcome::Worse, Outcome::NewDefect => in_array($found, [Outcome::Worse, Outcome::NewDefect], true),
        };
    }

    /** @return array<string, int> defect → heaviest weight */
    private static function weights(AttemptRecord $record): array
    {
        $weights = [];
        foreach ($record->findings as $finding) {
            $weights[$finding->kind] = max($weights[$finding->kind] ?? 0, self::weight($finding));
        }

        return $weights;
    }

    private static function weight(Finding $finding): int
    {
        return $finding->weight();
    }
}
