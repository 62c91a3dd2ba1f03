<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Working;

use MoltenNotes\Core\Mark;

/** How a number came about, built where it is computed, so that it can be opened on the screen. */
final readonly class Working
{
    /** @param list<WorkingInput> $inputs */
    public function __construct(
        public string $formula,
        public array $inputs,
        public string $result,
        public string $spread,
        public string $source,
        public Mark $mark,
    ) {
    }

    /**
     * @return array{formula: string, inputs: list<array{symbol: string, label: string, value: string, origin: string}>, result: string,
     *     spread: string, source: string, mark: string}
     */
    public function toArray(): array
    {
        return [
            'formula' => $this->formula,
            'inputs' => array_map(static fn (WorkingInput $input): array => $input->toArray(), $this->inputs),
            'result' => $this->result,
            'spread' => $this->spread,
            'source' => $this->source,
            'mark' => $this->mark->value,
        ];
    }
}
