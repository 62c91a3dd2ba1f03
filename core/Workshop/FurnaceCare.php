<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Workshop;

/** Whether a furnace was looked over lately, and what was found: gas line, nozzle, elements, lining, probe. Common practice. */
final readonly class FurnaceCare
{
    private const LOOK_EVERY_HEATS = 12;
    private const LOOK_EVERY_S = 180 * 86400.0;
    private const WORDS = [
        'leak' => 'It leaked gas when it was last looked at: do not light it before that is mended and tried with soapy water.',
        'nozzle' => 'Its nozzle or burner is dirty: it heats less than it did and may go out.',
        'element' => 'An element is broken or sagging: it takes longer, and may fail in the middle of a heat.',
        'lining' => 'Its lining is cracked: it loses heat, and may fall into the crucible.',
        'probe' => 'Its probe reads wrong: check it in freezing tin or aluminium before it is believed.',
    ];

    /**
     * @param string $sentence '' where nothing is to be said
     * @param 'good'|'risky'|'bad'|'plain' $standing
     */
    private function __construct(public string $sentence, public string $standing)
    {
    }

    /**
     * @param list<array{float, string|null}> $looks seconds since 1970 and what was found, in the order of time
     * @param list<float> $heats seconds since 1970
     */
    public static function of(array $looks, array $heats, float $now): self
    {
        $last = [] === $looks ? null : $looks[array_key_last($looks)];
        $found = $last[1] ?? null;
        if (null !== $found && isset(self::WORDS[$found])) {
            return new self(self::WORDS[$found], 'leak' === $found ? 'bad' : 'risky');
        }
        $since = count(array_filter($heats, static fn (float $at): bool => null === $last || $at > $last[0]));
        $old = null !== $last && $now - $last[0] > self::LOOK_EVERY_S && [] !== $heats;
        if ($since >= self::LOOK_EVERY_HEATS || $old) {
            return new self(
                'Look it over before the day: line and joints with soapy water, nozzle, elements, lining, probe. '
                    .($since > 0 ? "{$since} heats since." : 'Half a year since.'),
                'risky',
            );
        }

        return new self(null === $last ? '' : 'It was sound when it was last looked over.', null === $last ? 'plain' : 'good');
    }
}
