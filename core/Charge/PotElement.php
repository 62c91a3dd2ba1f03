<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Quantity\Estimate;

/** One element of a metal against its window. */
final readonly class PotElement
{
    /** A thousandth of a limit is beyond any assay. */
    private const SLACK = 0.001;

    /**
     * @param array{float, float}|null $window least and most share, 0…1; null where none is asked
     * @param 'good'|'risky'|'bad'|'plain' $standing
     */
    private function __construct(
        public string $element,
        public Estimate $share,
        public ?array $window,
        public string $standing,
        public string $words,
    ) {
    }

    /** @param array{float, float}|null $window least and most share, 0…1; null where none is asked */
    public static function of(string $element, Estimate $share, ?array $window): self
    {
        if (null === $window) {
            return new self($element, $share, null, 'plain', '');
        }
        $low = $window[0] * (1 - self::SLACK);
        $high = $window[1] * (1 + self::SLACK);
        [$standing, $words] = match (true) {
            $share->highSi < $low => ['bad', 'too little'],
            $share->lowSi > $high => ['bad', 'too much'],
            $share->si < $low => ['risky', 'probably too little'],
            $share->si > $high => ['risky', 'probably too much'],
            $share->lowSi < $low => ['risky', 'may be too little'],
            $share->highSi > $high => ['risky', 'may be too much'],
            default => ['good', 'inside'],
        };

        return new self($element, $share, $window, $standing, $words);
    }

    /** "Too much Fe: 0.9 (0.8–1) % where no more than 0.45 % is wanted". */
    public function sentence(): string
    {
        return ucfirst($this->words)." {$this->element}: ".PotMetal::percent($this->share).' where '
            .self::window($this->window ?? [0.0, 1.0]).' is wanted';
    }

    /**
     * "0.25 to 0.45 %", "no more than 0.45 %".
     *
     * @param array{float, float} $window
     */
    public static function window(array $window): string
    {
        $number = static function (float $share): string {
            return rtrim(rtrim(number_format(100 * $share, $share < 0.001 ? 3 : 2, '.', ''), '0'), '.');
        };

        return match (true) {
            $window[0] <= 0.0 => 'no more than '.$number($window[1]).' %',
            $window[1] >= 1.0 => 'at least '.$number($window[0]).' %',
            default => $number($window[0]).' to '.$number($window[1]).' %',
        };
    }
}
