<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Attempt;

/** Something that can be seen: a defect on the casting, or the outcome of a check. */
final readonly class Sign
{
    /**
     * @param string $group class letter of a defect; empty for a check
     * @param string $words how to know the defect, or how to make the check
     * @param list<string> $askedWith defects that make the check worth asking; empty for always
     * @param float $leak chance to be seen with none of our causes at work, 0…1
     * @param list<string>|null $processes where it means something, null for all
     * @param list<string> $knownBy what is noted already where it is not asked
     * @param string $effort code of the list "check_effort"; blank for a defect
     * @param list<string> $needs what must be noted for it to be asked: what is not there is not asked about; empty for nothing
     * @param string $destroys what must be looked at before the check is made; blank where it hurts nothing
     */
    public function __construct(
        public string $code,
        public string $group,
        public string $label,
        public string $words,
        public array $askedWith,
        public float $leak,
        public ?array $processes,
        public array $knownBy = [],
        public string $effort = '',
        public string $destroys = '',
        public array $needs = [],
    ) {
    }
}
