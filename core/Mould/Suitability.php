<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Mould;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Table;

/**
 * Whether a mould bears a metal, and how hot the one and the other may be.
 *
 * Temperatures as Temperature; every question or refusal is a sentence with its reason. Source: common practice and handbook tables, row
 * by row in the table of processes and in Data/boiling.php.
 *
 * @phpstan-type Question array{code: string, standing: 'risky'|'bad', words: string}
 */
final readonly class Suitability
{
    private ?MouldProcess $process;

    public function __construct(?string $process, private ?Alloy $alloy)
    {
        $this->process = MouldProcess::find($process);
    }

    /**
     * Everything to be asked or refused before such metal goes into such a mould.
     *
     * @param Temperature|null $metal as hot as it gets, null when not told
     * @param Temperature|null $mould null when not told
     *
     * @return list<Question>
     */
    public function questions(?Temperature $metal, ?Temperature $mould, bool $washed, QuantityFormatter $format): array
    {
        return [...$this->pairing($washed, $format), ...$this->hotMetal($metal, $format), ...$this->mouldItself($mould, $format)];
    }

    /**
     * The hottest that this metal may be in this mould before it is refused; null where nothing here forbids more. Celsius bounds of the
     * table.
     */
    public function hottest(): ?Temperature
    {
        $bounds = [];
        if (null !== $this->process?->metalLimit) {
            [, $refused, $drop] = $this->process->metalLimit;
            $bounds[] = $refused + $drop;
        }
        foreach (self::boiling() as ['metal' => $metal, 'refused' => $refused]) {
            if ($this->is($metal)) {
                $bounds[] = $refused;
            }
        }

        return [] === $bounds ? null : Temperature::fromCelsius(min($bounds));
    }

    /** A mould as hot as the metal's solidus freezes nothing: no time and no distance can be told. Derived. */
    public function mouldFreezesNothing(Temperature $mould): bool
    {
        return null !== $this->alloy && $mould->kelvin() >= $this->alloy->solidus->kelvin();
    }

    /** @return list<Question> */
    private function pairing(bool $washed, QuantityFormatter $format): array
    {
        if (null === $this->process || null === $this->alloy) {
            return [];
        }
        ['standing' => $standing, 'why' => $why] = $this->process->bears($this->alloy->code, $this->alloy->family);
        $answered = $washed && 'risky' === $standing && str_contains($why, 'wash');

        return 'good' === $standing || $answered
            ? []
            : [['code' => 'process_metal', 'standing' => $standing, 'words' => "{$this->alloy->name}: ".$format->words($why)]];
    }

    /** @return list<Question> */
    private function hotMetal(?Temperature $metal, QuantityFormatter $format): array
    {
        if (null === $metal || null === $this->alloy) {
            return [];
        }
        $questions = [];
        $shown = $format->quantity($metal);
        if ($metal->kelvin() < $this->alloy->liquidus->kelvin()) {
            $questions[] = [
                'code' => 'not_liquid',
                'standing' => 'bad',
                'words' => "At {$shown} {$this->alloy->name} is not all liquid: its liquidus is {$format->quantity(
                    $this->alloy->liquidus,
                )}.",
            ];
        }
        foreach (self::boiling() as ['metal' => $of, 'questioned' => $questioned, 'refused' => $refused, 'why' => $why]) {
            if ($this->is($of) && $metal->celsius() >= $questioned - 1e-6) {
                $bad = $metal->celsius() >= $refused - 1e-6;
                $why = $format->words($why);
                $questions[] = [
                    'code' => 'boils',
                    'standing' => $bad ? 'bad' : 'risky',
                    'words' => $bad ? "{$shown} is too hot: {$why}." : "{$shown} is near the limit: {$why}.",
                ];
            }
        }
        if (null !== $this->process?->metalLimit) {
            [$questioned, $refused, $drop, $why] = $this->process->metalLimit;
            $face = $metal->celsius() - $drop;
            if ($face >= $questioned - 1e-6) {
                $bad = $face >= $refused - 1e-6;
                $questions[] = [
                    'code' => 'mould_limit',
                    'standing' => $bad ? 'bad' : 'risky',
                    'words' => "{$shown} is ".($bad ? 'too hot for this mould' : 'near this mould’s limit').': '.$format->words($why).'.',
                ];
            }
        }

        return $questions;
    }

    /** @return list<Question> */
    private function mouldItself(?Temperature $mould, QuantityFormatter $format): array
    {
        $questions = [];
        $from = $this->process?->warmFrom;
        if (null !== $from && (null === $mould || $mould->celsius() < $from)) {
            $least = $format->quantity(Temperature::fromCelsius($from));
            $questions[] = [
                'code' => 'mould_damp',
                'standing' => null === $mould ? 'risky' : 'bad',
                'words' => null === $mould
                        ? "Warm the mould through, above {$least}, and say how warm it is: a cold or damp one throws the metal out."
                        : "A mould at {$format->quantity($mould)} may be damp and throw the metal out: warm it through, above {$least}.",
            ];
        }
        if (null === $mould) {
            return $questions;
        }
        if (null !== $this->process?->mouldLimit) {
            [$questioned, $refused, $why] = $this->process->mouldLimit;
            if ($mould->celsius() >= $questioned) {
                $questions[] = [
                    'code' => 'mould_limit',
                    'standing' => $mould->celsius() >= $refused ? 'bad' : 'risky',
                    'words' => "A mould at {$format->quantity($mould)}: ".$format->words($why).'.',
                ];
            }
        }
        if (null !== $this->alloy && $this->mouldFreezesNothing($mould)) {
            $questions[] = [
                'code' => 'mould_too_hot',
                'standing' => 'bad',
                'words' => "The mould at {$format->quantity($mould)} is as hot as the solidus of {$this->alloy->name}, {$format->quantity(
                    $this->alloy->solidus,
                )}: nothing freezes in it until it cools, so neither filling nor freezing can be told.",
            ];
        }

        return $questions;
    }

    private function is(string $metal): bool
    {
        return $metal === $this->alloy?->code || $metal === $this->alloy?->family;
    }

    /** @return list<array{metal: string, questioned: float, refused: float, why: string}> */
    private static function boiling(): array
    {
        /** @var list<array{metal: string, questioned: float, refused: float, why: string}>|null $rows */
        static $rows = null;

        return $rows ??= self::load();
    }

    /** @return list<array{metal: string, questioned: float, refused: float, why: string}> */
    private static function load(): array
    {
        /** @var list<array{metal: string, questioned: float, refused: float, why: string}> $rows */
        $rows = Table::rows(__DIR__.'/Data/boiling.php', ['metal', 'questioned', 'refused', 'why']);

        return $rows;
    }
}
