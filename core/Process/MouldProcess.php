<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Process;

use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Table;

/**
 * What is true of a mould process, whatever is poured. The door to the one table of processes.
 *
 * Units, ranges and sources of every column stand at the head of Data/processes.php; what asks about them says what it does with them.
 *
 * @phpstan-type Verdict array{standing: 'good'|'risky'|'bad', why: string}
 */
final readonly class MouldProcess
{
    private const USUAL = [
        'breathes' => false, 'bonded_sand' => false, 'rammed' => false, 'one_piece' => false, 'pour_offsets' => ['*' => [0, 0]],
        'open_below' => null, 'breaking_out' => '', 'wall' => null, 'least_bore' => 10.0, 'metal_limit' => null, 'mould_limit' => null,
        'warm_from' => null, 'gas' => null,
        'warmed_to' => null, 'rested_to' => null,
    ];
    private const SAID = [
        'code', 'common', 'skin', 'strength', 'label', 'hint', 'drawn', 'conductivity', 'density', 'heat', 'transfer', 'bears', 'waits_for',
        'hazards',
    ];

    /**
     * @param bool $breathes gas leaves through it; otherwise each high point needs a vent
     * @param bool $bondedSand moulding sand held together by a binder
     * @param bool $rammed packed around the pattern by hand
     * @param bool $onePiece no parting: nothing to float and nothing to leak
     * @param array{float, float, float} $conductivity W/mK under light metals, copper alloys and silver, iron; 0.2…50
     * @param float $density kg/m³, 1000…8000
     * @param float $heat J/kgK, 400…1400
     * @param array{float, float, float} $transfer W/m²K at the face: as a start, least, most
     * @param array<string, array{int, int}> $pourOffsets family or * → °C on top of the pour range in sand, heavy and thin sections
     * @param array<string, Verdict> $bears alloy, family or * → whether it bears the metal
     * @param array{float, float, float, string}|null $metalLimit °C questioned and refused at the face, K from metal to face, why
     * @param array{float, float, string}|null $mouldLimit °C questioned and refused, why
     * @param float|null $warmFrom °C below which it may be damp
     * @param float|null $warmedTo °C a remedy warms it to
     * @param float|null $restedTo °C it rests to between pours
     * @param list<string> $hazards codes of cautions
     * @param string $waitsFor what is taken for granted before it is poured
     * @param float|null $openBelow °C below which air may get at it, else it flares
     * @param string $breakingOut what is heeded when it is broken out; '' for nothing of its own
     * @param float|null $wall mm of a mould that stands free in the air; null for a thick one
     * @param array{float, float, float, float, float}|null $gas of its binder: usual share, mL per g of sand least, middle and most, usual
     *                                                           permeability number; null where it is no moulding sand
     * @param float $common share of hobby pours, 0…1
     * @param array{float, float} $skin mean height of the roughness as cast, µm
     * @param array{float, float} $strength of castings out of it against those of sand
     * @param float $leastBore mm of the narrowest sprue that is kept full by hand
     */
    private function __construct(
        public string $code,
        public string $label,
        public string $hint,
        public string $drawn,
        public bool $breathes,
        public bool $bondedSand,
        public bool $rammed,
        public bool $onePiece,
        public array $conductivity,
        public float $density,
        public float $heat,
        public array $transfer,
        public array $pourOffsets,
        public array $bears,
        public ?array $metalLimit,
        public ?array $mouldLimit,
        public ?float $warmFrom,
        public ?float $warmedTo,
        public ?float $restedTo,
        public array $hazards,
        public string $waitsFor,
        public ?float $openBelow,
        public string $breakingOut,
        public ?float $wall,
        public float $leastBore,
        public ?array $gas,
        public float $common,
        public array $skin,
        public array $strength,
    ) {
    }

    /** Null when it is not told, or not a process we know. */
    public static function find(?string $code): ?self
    {
        return self::all()[$code ?? ''] ?? null;
    }

    /** @return array<string, self> code → process, as they are offered */
    public static function all(): array
    {
        /** @var array<string, self>|null $all */
        static $all = null;

        return $all ??= self::load();
    }

    /**
     * @param callable(self): bool $which
     *
     * @return list<string> codes
     */
    public static function which(callable $which): array
    {
        return array_keys(array_filter(self::all(), $which));
    }

    /** @return list<string> codes of all moulds of bonded sand */
    public static function ofSand(): array
    {
        return self::which(static fn (self $process): bool => $process->bondedSand);
    }

    /** @return list<string> codes of all that a hazard goes with */
    public static function withHazard(string $caution): array
    {
        return self::which(static fn (self $process): bool => in_array($caution, $process->hazards, true));
    }

    /**
     * Whether it bears a metal: as its alloy is judged, else its family, else any other.
     *
     * @return Verdict
     */
    public function bears(string $alloy, string $family): array
    {
        return $this->bears[$alloy] ?? ($this->bears[$family] ?? $this->bears['*']);
    }

    /** @return array{int, int} °C on top of the pour range in sand: for heavy sections, for thin ones */
    public function pourOffset(string $family): array
    {
        return $this->pourOffsets[$family] ?? $this->pourOffsets['*'];
    }

    /** W/mK of the mould under such a metal: hotter metal, hotter sand; null counts as a light metal. */
    public function conductivityUnder(?MetalFamily $metal): float
    {
        return match ($metal?->heatsSand) {
            'white' => $this->conductivity[2],
            'hot' => $this->conductivity[1],
            default => $this->conductivity[0],
        };
    }

    /** @return array<string, self> */
    private static function load(): array
    {
        /**
         * @var list<array{code: string, common: float, skin: array{float|int, float|int}, strength: array{float|int, float|int},
         *     label: string, hint: string, drawn: string, breathes: bool, bonded_sand: bool,
         *     rammed: bool, one_piece: bool, conductivity: array{float, float, float}, density: float, heat: float,
         *     transfer: array{float, float, float},
         *     pour_offsets: array<string, array{int, int}>, bears: array<string, 'good'|array{'risky'|'bad', string}>,
         *     metal_limit: array{float, float, float, string}|null, mould_limit: array{float, float, string}|null, warm_from: float|null,
         *     warmed_to: float|null, rested_to: float|null, hazards: list<string>,
         *     waits_for: string, open_below: float|null, breaking_out: string, wall: float|null, least_bore: float,
         *     gas: array{float, float, float, float, float}|null}> $rows
         */
        $rows = Table::rows(__DIR__.'/Data/processes.php', self::SAID, self::USUAL);
        $all = [];
        foreach ($rows as $row) {
            $all[$row['code']] = new self(
                code: $row['code'],
                label: $row['label'],
                hint: $row['hint'],
                drawn: $row['drawn'],
                breathes: $row['breathes'],
                bondedSand: $row['bonded_sand'],
                rammed: $row['rammed'],
                onePiece: $row['one_piece'],
                conductivity: $row['conductivity'],
                density: $row['density'],
                heat: $row['heat'],
                transfer: $row['transfer'],
                pourOffsets: $row['pour_offsets'] + ['*' => [0, 0]],
                bears: array_map(
                    static fn (string|array $verdict): array => is_array($verdict)
                        ? ['standing' => $verdict[0], 'why' => $verdict[1]]
                        : ['standing' => $verdict, 'why' => ''],
                    $row['bears'],
                ),
                metalLimit: $row['metal_limit'],
                mouldLimit: $row['mould_limit'],
                warmFrom: $row['warm_from'],
                warmedTo: $row['warmed_to'],
                restedTo: $row['rested_to'],
                hazards: $row['hazards'],
                waitsFor: $row['waits_for'],
                openBelow: $row['open_below'],
                breakingOut: $row['breaking_out'],
                wall: $row['wall'],
                leastBore: $row['least_bore'],
                gas: $row['gas'],
                common: $row['common'],
                skin: [(float) $row['skin'][0], (float) $row['skin'][1]],
                strength: [(float) $row['strength'][0], (float) $row['strength'][1]],
            );
        }

        return $all;
    }
}
