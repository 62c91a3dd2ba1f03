<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Attempt;

use MoltenNotes\Core\Experience\Experience;
use MoltenNotes\Core\Experience\PastHeat;
use MoltenNotes\Core\Quantity\Nearest;
use MoltenNotes\Core\Quantity\Power;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\WorkshopReader;

/** Reads the attempt document (docs/formats/attempt.schema.json) from decoded JSON. Every fault is reported with its place. */
final class AttemptDocument
{
    public const FORMAT = 'molten-notes/attempt';
    public const VERSION = 1;
    /** Older ones than these are not learnt from. */
    private const MOST_POURS = 200;

    private const KNOWN = [
        'format',
        'version',
        'casting',
        'attempt',
        'planned',
        'made',
        'heat',
        'observations',
        'findings',
        'answers',
        'history',
        'verdict',
        'workshop',
        'experience',
        'beside',
        'same_heat',
        'sand',
    ];

    private ValueReader $reader;

    /** @param list<string> $causes */
    private function __construct(private readonly Vocabulary $vocabulary, private readonly array $causes, UnitPreferences $preferences)
    {
        $this->reader = new ValueReader($preferences);
    }

    /**
     * @param list<string> $causes codes a history may name
     * @param UnitPreferences|null $preferences units for strings without one; metric when not told
     *
     * @return array{record: AttemptRecord, questions: list<FieldProblem>}
     *
     * @throws RejectedRecord
     */
    public static function read(mixed $input, array $causes, ?UnitPreferences $preferences = null): array
    {
        $document = new self(Vocabulary::standard(), $causes, $preferences ?? UnitPreferences::metric());
        $record = $document->record($input);
        $document->reader->insist();

        return ['record' => $record, 'questions' => $document->reader->questions()];
    }

    private function record(mixed $input): AttemptRecord
    {
        $root = $this->object($input, '');
        $this->head($root);
        $casting = $this->object($root['casting'] ?? [], '/casting');
        $attempt = $this->object($root['attempt'] ?? [], '/attempt');
        $this->reader->refuseUnknown($casting, ['name', 'purpose'], '/casting', 'record.unknown_part', 'This is not told of a casting.');
        $this->reader->refuseUnknown(
            $attempt,
            ['number', 'poured_on', 'note'],
            '/attempt',
            'record.unknown_part',
            'This is not told of an attempt.',
        );

        return new AttemptRecord(
            $this->reader->text($casting['name'] ?? null, '/casting/name') ?? 'Casting',
            $this->optionalChoice('purpose', $casting['purpose'] ?? null, '/casting/purpose'),
            $this->wholeNumber($attempt['number'] ?? 1, '/attempt/number', 1),
            $this->date($attempt['poured_on'] ?? null, '/attempt/poured_on'),
            $this->reader->values($root['planned'] ?? null, '/planned'),
            $this->reader->values($root['made'] ?? null, '/made'),
            $this->reader->values($root['heat'] ?? null, '/heat'),
            $this->observations($root['observations'] ?? [], '/observations'),
            $this->findings($root['findings'] ?? [], '/findings'),
            $this->answers($root['answers'] ?? []),
            $this->history($root['history'] ?? []),
            $this->optionalChoice('verdict', $root['verdict'] ?? null, '/verdict'),
            $this->reader->text($attempt['note'] ?? null, '/attempt/note'),
            isset($root['workshop']) ? WorkshopReader::read($root['workshop'], '/workshop', $this->reader) : null,
            $this->experience($root['experience'] ?? []),
            beside: isset($root['beside']) ? $this->beside($root['beside']) : null,
            sameHeat: $this->sameHeat($root['same_heat'] ?? []),
            sand: isset($root['sand']) ? $this->reader->values($root['sand'], '/sand') : null,
        );
    }

    /** @return list<list<string>> */
    private function sameHeat(mixed $input): array
    {
        $moulds = [];
        foreach ($this->sequence($input, '/same_heat') as $index => $kinds) {
            $found = [];
            foreach ($this->sequence($kinds, "/same_heat/{$index}") as $place => $kind) {
                $found[] = FindingReader::kind($kind, "/same_heat/{$index}/{$place}", $this->reader, $this->vocabulary);
            }
            $moulds[] = array_values(array_filter($found, is_string(...)));
        }

        return $moulds;
    }

    /** Another attempt at the same thing: its values and what came of it. */
    private function beside(mixed $input): AttemptRecord
    {
        $root = $this->object($input, '/beside');
        $this->reader->refuseUnknown(
            $root,
            ['number', 'planned', 'made', 'heat', 'observations', 'findings', 'verdict'],
            '/beside',
            'record.unknown_part',
            'This is not told of an attempt that stands beside.',
        );

        return new AttemptRecord(
            '',
            null,
            $this->wholeNumber($root['number'] ?? 1, '/beside/number', 1),
            null,
            $this->reader->values($root['planned'] ?? null, '/beside/planned'),
            $this->reader->values($root['made'] ?? null, '/beside/made'),
            $this->reader->values($root['heat'] ?? null, '/beside/heat'),
            $this->observations($root['observations'] ?? [], '/beside/observations'),
            $this->findings($root['findings'] ?? [], '/beside/findings'),
            [],
            new History(),
            $this->optionalChoice('verdict', $root['verdict'] ?? null, '/beside/verdict'),
        );
    }

    /** @param array<mixed> $root */
    private function head(array $root): void
    {
        if (self::FORMAT !== ($root['format'] ?? null)) {
            $this->reader->refuse('/format', 'record.format', 'This must be "'.self::FORMAT.'".');
        }
        if (self::VERSION !== ($root['version'] ?? null)) {
            $this->reader->refuse('/version', 'record.version', 'This must be version '.self::VERSION.'.');
        }
        $this->reader->refuseUnknown($root, self::KNOWN, '', 'record.unknown_part', 'This is not a part of an attempt document.');
    }

    /** @return list<string> */
    private function observations(mixed $input, string $at): array
    {
        $codes = [];
        foreach ($this->sequence($input, $at) as $index => $code) {
            if (is_string($code) && isset($this->vocabulary->observations[$code])) {
                $codes[] = $code;
                continue;
            }
            $this->unknownCode($code, array_keys($this->vocabulary->observations), "{$at}/{$index}", 'an observation');
        }

        return array_values(array_unique($codes));
    }

    /** @return list<Finding> */
    private function findings(mixed $input, string $at): array
    {
        $findings = [];
        foreach ($this->sequence($input, $at) as $index => $raw) {
            $findings[] = FindingReader::read($raw, "{$at}/{$index}", $this->reader, $this->vocabulary);
        }

        return array_values(array_filter($findings));
    }

    /** @return array<string, 'yes'|'no'|'unclear'> */
    private function answers(mixed $input): array
    {
        $answers = [];
        foreach ($this->object($input, '/answers') as $check => $answer) {
            $pointer = '/answers/'.ValueReader::escape((string) $check);
            if (!isset($this->vocabulary->checks[$check])) {
                $this->unknownCode($check, array_keys($this->vocabulary->checks), $pointer, 'a check');
                continue;
            }
            $choice = $this->reader->choice('answer', $answer, $pointer);
            if ('yes' === $choice || 'no' === $choice || 'unclear' === $choice) {
                $answers[(string) $check] = $choice;
            }
        }

        return $answers;
    }

    private function history(mixed $input): History
    {
        $root = $this->object($input, '/history');
        $this->reader->refuseUnknown($root, ['attempts', 'confirmed'], '/history', 'record.unknown_part', 'This is not told of a history.');
        $attempts = $this->wholeNumber($root['attempts'] ?? 0, '/history/attempts', 0);
        $confirmed = [];
        foreach ($this->object($root['confirmed'] ?? [], '/history/confirmed') as $cause => $count) {
            $pointer = '/history/confirmed/'.ValueReader::escape((string) $cause);
            if (!in_array((string) $cause, $this->causes, true)) {
                $this->unknownCode($cause, $this->causes, $pointer, 'a cause');
                continue;
            }
            $confirmed[(string) $cause] = $this->wholeNumber($count, $pointer, 0);
        }
        foreach ($confirmed as $cause => $count) {
            if ($count > $attempts) {
                $this->reader->refuse(
                    "/history/confirmed/{$cause}",
                    'record.impossible',
                    'A cause cannot be confirmed more often than there were attempts.',
                );
            }
        }

        return new History($attempts, $confirmed);
    }

    private function experience(mixed $input): Experience
    {
        $root = $this->object($input, '/experience');
        $this->reader->refuseUnknown(
            $root,
            ['process', 'pours', 'efficiencies', 'heats'],
            '/experience',
            'record.unknown_part',
            'This is not told of experience.',
        );
        $pours = [];
        foreach ($this->sequence($root['pours'] ?? [], '/experience/pours') as $index => $pour) {
            $pour = $this->object($pour, "/experience/pours/{$index}");
            $ratio = $pour['ratio'] ?? null;
            $filled = $pour['filled'] ?? null;
            if ((!is_int($ratio) && !is_float($ratio)) || $ratio <= 0 || $ratio > 1e6 || !is_bool($filled)) {
                $this->reader->refuse(
                    "/experience/pours/{$index}",
                    'record.impossible',
                    'A pour has the fill ratio that was foretold, above 0, and whether it filled.',
                );
                continue;
            }
            $pours[] = ['ratio' => (float) $ratio, 'filled' => $filled];
        }
        $heats = [];
        // Documents of before furnaces were told apart hold the shares alone.
        foreach ($this->sequence($root['efficiencies'] ?? [], '/experience/efficiencies') as $index => $share) {
            $efficiency = $this->between($share, 1.0, "/experience/efficiencies/{$index}", 'An efficiency is a share between 0 and 1.');
            if (null !== $efficiency) {
                $heats[] = new PastHeat(null, null, Ratio::fromSi($efficiency), null);
            }
        }
        foreach ($this->sequence($root['heats'] ?? [], '/experience/heats') as $index => $heat) {
            $heats[] = $this->pastHeat($heat, "/experience/heats/{$index}");
        }

        return new Experience(
            $this->optionalChoice('process', $root['process'] ?? null, '/experience/process'),
            array_slice($pours, 0, self::MOST_POURS),
            array_slice($heats, 0, self::MOST_POURS),
        );
    }

    private function pastHeat(mixed $input, string $pointer): PastHeat
    {
        $heat = $this->object($input, $pointer);
        $known = ['furnace', 'crucible', 'efficiency', 'pace', 'source'];
        $this->reader->refuseUnknown($heat, $known, $pointer, 'record.unknown_part', 'This is not told of a heat.');
        $share = 'An efficiency is a share between 0 and 1.';
        $efficiency = isset($heat['efficiency']) ? $this->between($heat['efficiency'], 1.0, "{$pointer}/efficiency", $share) : null;
        $pace = isset($heat['pace']) ? $this->between($heat['pace'], 1e8, "{$pointer}/pace", 'A pace is in watts, above 0.') : null;

        return new PastHeat(
            PastHeat::name($this->reader->text($heat['furnace'] ?? null, "{$pointer}/furnace")),
            PastHeat::name($this->reader->text($heat['crucible'] ?? null, "{$pointer}/crucible")),
            null === $efficiency ? null : Ratio::fromSi($efficiency),
            null === $pace ? null : Power::fromSi($pace),
            $this->optionalChoice('energy_source', $heat['source'] ?? null, "{$pointer}/source"),
        );
    }

    /** A number above nothing and below a limit; null where it was refused. */
    private function between(mixed $raw, float $below, string $pointer, string $words): ?float
    {
        if ((is_int($raw) || is_float($raw)) && $raw > 0 && $raw < $below) {
            return (float) $raw;
        }
        $this->reader->refuse($pointer, 'record.impossible', $words);

        return null;
    }

    /** @param list<string> $known */
    private function unknownCode(mixed $given, array $known, string $pointer, string $what): void
    {
        $shown = is_scalar($given) ? mb_substr(mb_scrub((string) $given), 0, 40) : gettype($given);
        $suggestion = Nearest::to($shown, $known);
        $this->reader->refuse(
            $pointer,
            'record.unknown_code',
            "“{$shown}” is not {$what} we know.".(null === $suggestion ? '' : " Did you mean {$suggestion}?"),
        );
    }

    private function optionalChoice(string $list, mixed $raw, string $pointer): ?string
    {
        return null === $raw ? null : $this->reader->choice($list, $raw, $pointer);
    }

    private function wholeNumber(mixed $raw, string $pointer, int $least): int
    {
        if (is_int($raw) && $raw >= $least && $raw <= 1_000_000) {
            return $raw;
        }
        $this->reader->refuse($pointer, 'record.not_a_count', "This must be a whole number, {$least} or more.");

        return $least;
    }

    private function date(mixed $raw, string $pointer): ?string
    {
        if (null === $raw) {
            return null;
        }
        if (
            is_string($raw)
            && 1 === preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $raw, $m)
            && checkdate((int) $m[2], (int) $m[3], (int) $m[1])
        ) {
            return $raw;
        }
        $this->reader->refuse($pointer, 'record.not_a_date', 'This must be a date such as 2026-05-03.');

        return null;
    }

    /** @return array<mixed> */
    private function object(mixed $input, string $pointer): array
    {
        return $this->reader->object($input, $pointer);
    }

    /** @return list<mixed> */
    private function sequence(mixed $input, string $pointer): array
    {
        if (is_array($input) && array_is_list($input)) {
            return $input;
        }
        $this->reader->refuse($pointer, 'record.not_a_list', 'This must be a list.');

        return [];
    }
}
