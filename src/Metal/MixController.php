<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\LotBook;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\App\Shared\Http\JsonBody;
use MoltenNotes\Core\Charge\LotState;
use MoltenNotes\Core\Charge\Mix;
use MoltenNotes\Core\Charge\Stock;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Money;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\ValueReader;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The cheapest charge from the caster's own stock for the composition asked for. */
final readonly class MixController
{
    private const MOST_ELEMENTS = 24;
    /** Stocks times windows: beyond it the programme takes longer than anybody waits. */
    private const MOST_CELLS = 1200;

    public function __construct(private Notebook $notebook, private LotBook $book)
    {
    }

    #[Route('/api/mix', methods: ['POST'])]
    #[Costly]
    public function __invoke(Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $body = JsonBody::of($request);
        $reader = new ValueReader($caster->units());
        $melt = $reader->measured('melt', 'kg', [0.001, 5000], null, $body['melt'] ?? null, '/melt');
        if (null === $melt) {
            $reader->refuse('/melt', 'charge.melt_missing', 'Say how much metal is wanted.');
        }
        $windows = self::windows($reader, $body['windows'] ?? []);
        $recovery = [];
        foreach (self::bounded($reader, $body['recovery'] ?? [], '/recovery') as $element => $share) {
            $recovery[(string) $element] =
                $reader
                    ->measured('recovery', 'percent', [1, 100], null, $share, '/recovery/'.ValueReader::escape((string) $element))
                    ?->si() ?? 1.0;
        }
        $stock = $this->stock($caster);
        if (count($stock) * count($windows) > self::MOST_CELLS) {
            $reader->refuse(
                '/windows',
                'charge.too_much',
                'So many kinds of stock and elements at once are too much: leave out some of either.',
            );
        }
        if ([] === $stock) {
            $reader->refuse('/stock', 'charge.no_stock', 'There is no stock with a mass in your workshop yet.');
        }
        $reader->insist();
        $wanted = $melt?->si() ?? 0.0;
        $mix = Mix::cheapest($wanted, $windows, $stock, $recovery);
        $format = new QuantityFormatter($caster->units());
        $currency = $this->notebook->workshop($caster)->currency;

        return new AnswerResponse(
            new MixAnswer(
                feasible: $mix->isFeasible(),
                words: $mix->isFeasible()
                    ? ''
                    : ($mix->enoughMetal
                        ? 'No mix of this stock meets every window. The nearest one:'
                        : 'The stock does not come to so much metal. All of it:'),
                cost: Money::rounded($mix->cost, $currency)->decimal(),
                currency: $currency,
                charge: array_map(
                    static fn (Stock $s, float $kg): MixChargeAnswer => new MixChargeAnswer(
                        $s->name,
                        round($kg, 4),
                        $kg < 5e-4 ? '–' : $format->si($kg, Dimension::Mass),
                    ),
                    $stock,
                    $mix->charge,
                ),
                composition: array_map(
                    static fn (string $element): MixElementAnswer => new MixElementAnswer(
                        element: $element,
                        percent: round(100 * ($mix->composition[$element] ?? 0.0), 3),
                        low: round(100 * ($windows[$element][0] ?? 0.0), 3),
                        high: isset($windows[$element]) ? round(100 * $windows[$element][1], 3) : null,
                        met: !in_array($element, array_column($mix->unmet, 'element'), true),
                    ),
                    array_values(array_unique([...array_keys($windows), ...array_keys($mix->composition)])),
                ),
            ),
        );
    }

    /** @return array<string, array{float, float}> */
    private static function windows(ValueReader $reader, mixed $raw): array
    {
        $windows = [];
        foreach (self::bounded($reader, $raw, '/windows') as $element => $ends) {
            $at = '/windows/'.ValueReader::escape((string) $element);
            $ends = $reader->object($ends, $at, 'A window is an object with its low and high end.');
            $reader->refuseUnknown($ends, ['low', 'high'], $at, 'record.unknown_part', 'A window has a low and a high end.');
            $low = $reader->measured('low', 'percent', [0, 100], null, $ends['low'] ?? null, $at.'/low')?->si() ?? 0.0;
            $high = $reader->measured('high', 'percent', [0, 100], null, $ends['high'] ?? null, $at.'/high')?->si() ?? 1.0;
            if ($low > $high) {
                $reader->refuse($at.'/high', 'charge.window_backwards', 'The window runs backwards: the smaller share first.');
            }
            if (1 !== preg_match('/^[A-Z][a-z]?$/', (string) $element)) {
                $reader->refuse($at, 'workshop.element', 'This is not the sign of an element, such as Si.');
            }
            $windows[(string) $element] = [$low, max($low, $high)];
        }

        return $windows;
    }

    /** @return array<mixed> */
    private static function bounded(ValueReader $reader, mixed $raw, string $pointer): array
    {
        $rows = $reader->object($raw, $pointer);
        if (count($rows) > self::MOST_ELEMENTS) {
            $reader->refuse($pointer, 'charge.too_much', 'At most '.self::MOST_ELEMENTS.' elements.');

            return [];
        }

        return $rows;
    }

    /** @return list<Stock> */
    private function stock(Caster $caster): array
    {
        return array_values(array_map(
            static fn (LotState $state): Stock => new Stock(
                $state->lot->name,
                $state->composition?->middle() ?? [],
                $state->lot->loss->si,
                $state->lot->price ?? 0.0,
                min($state->lot->least->si(), $state->mass->si),
                $state->mass->si,
            ),
            array_filter($this->book->shelf($caster)->states(), static fn (LotState $state): bool => $state->mass->si > 0.0),
        ));
    }
}
