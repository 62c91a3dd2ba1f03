<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Working;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\QuantityFormatter;

/** One computed number of a plan: what it is, its value with spread, how it came about and what to think of it. */
final readonly class Figure
{
    /**
     * @param string $subject the section it is about; empty for the whole casting
     * @param 'good'|'risky'|'bad'|'plain' $standing
     * @param string $note one sentence, when the standing wants a word
     */
    public function __construct(
        public string $code,
        public string $label,
        public Estimate $value,
        public Working $working,
        public string $standing = 'plain',
        public string $note = '',
        public string $subject = '',
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(QuantityFormatter $format): array
    {
        return [
            'code' => $this->code,
            'label' => $this->label,
            'value' => $this->value->toArray(),
            'shown' => self::shown($this->value, $format),
            'offer' => $this->offer($format),
            'standing' => $this->standing,
            'note' => $this->note,
            'subject' => $this->subject,
            'working' => $this->working->toArray(),
        ];
    }

    /**
     * To take over into the record: the value itself, not what is shown of it. Null where it is nothing to be cut.
     *
     * @return array{field: string, raw: array{value: float, unit: string}, shown: string}|null
     */
    private function offer(QuantityFormatter $format): ?array
    {
        $field = Figures::cutInto($this->code);

        return null === $field ? null : [
            'field' => $field,
            'raw' => $format->exact($this->value),
            'shown' => $format->si($this->value->si, $this->value->dimension),
        ];
    }

    /** Shares of a limit read as plain numbers, 1.4; parts of a whole carry their own per cent in the words. */
    public static function shown(Estimate $value, QuantityFormatter $format): string
    {
        if (Dimension::Ratio !== $value->dimension) {
            return $format->estimate($value);
        }
        // A spread leaves two figures; an exact share may have three decimals.
        $exact = $value->isExact();
        $number = static function (float $x) use ($exact): string {
            $decimals = match (true) {
                abs($x) >= 10 => 0,
                $exact => 3,
                default => abs($x) >= 1 ? 1 : 2,
            };
            $text = number_format($x, $decimals, '.', '');

            return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
        };

        return $exact ? $number($value->si) : $number($value->si).' ('.$number($value->lowSi).'–'.$number($value->highSi).')';
    }
}
