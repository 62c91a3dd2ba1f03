<?php

declare(strict_types=1);

namespace MoltenNotes\App\MeltCurve;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Instruments\Instruments;
use MoltenNotes\App\Instruments\Readings;
use MoltenNotes\App\Instruments\ReadingsBody;
use MoltenNotes\App\Instruments\TakenReadingsAnswer;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\App\Shared\Http\Problem;
use MoltenNotes\Core\Instrument\InstrumentKind;
use MoltenNotes\Core\Instrument\ReadingLine;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The curve of a melt: shown, written to a file and read from one. */
final readonly class CurveController
{
    private const MOST_BYTES = 4_000_000;
    private const LONGEST_NAME = 80;

    public function __construct(
        private Notebook $notebook,
        private CurveView $view,
        private HeatReadings $heatReadings,
        private Instruments $instruments,
        private Readings $readings,
        private ClockInterface $clock,
    ) {
    }

    #[Route('/api/heats/{id}/curve', methods: ['GET'])]
    #[Costly]
    public function show(string $id, Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $from = self::second($request, 'from');
        $to = self::second($request, 'to');

        return new AnswerResponse($this->view->of(
            $this->notebook->heat($id, $caster),
            self::second($request, 'after') ?? 0.0,
            null === $from || null === $to ? null : [$from, $to],
        ));
    }

    /** All readings as lines of time, instrument, what, value and unit; the same door reads it again. */
    #[Route('/api/heats/{id}/curve.csv', methods: ['GET'])]
    public function write(string $id, #[CurrentUser] Caster $caster): Response
    {
        $heat = $this->notebook->heat($id, $caster);
        $file = fopen('php://temp/maxmemory:4000000', 'w+');
        if (false === $file) {
            throw new \RuntimeException('A file in memory cannot be opened.');
        }
        $rows = [];
        $simulated = false;
        $events = HeatReadings::events($this->notebook->pouredFrom($heat));
        foreach ($this->heatReadings->series($caster, $this->heatReadings->listened($heat), $events) as $series) {
            $simulated = $simulated || $series['simulated'];
            $unit = $caster->units()->unit($series['quantity']);
            foreach ($series['at'] as $index => $at) {
                $value = (string) round($unit->fromSi($series['value'][$index]), 3);
                $rows[] = [$at, self::iso($at), $value, $unit->label, $series['name'], $series['quantity']->words()];
            }
        }
        usort($rows, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        if ($simulated) {
            fwrite($file, "# simulated\n");
        }
        fputcsv($file, ['time', 'value', 'unit', 'instrument', 'quantity'], ',', '"', '');
        foreach ($rows as $row) {
            fputcsv($file, array_slice($row, 1), ',', '"', '');
        }
        $content = (string) stream_get_contents($file, -1, 0);
        fclose($file);

        return new Response($content, 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', "melt-{$heat->meltedOn()?->format('Y-m-d')}.csv"),
        ]);
    }

    /** Readings from a file. They are one more series of this melt. */
    #[Route('/api/heats/{id}/curve', methods: ['POST'])]
    public function read(string $id, Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        $heat = $this->notebook->heat($id, $caster);
        $content = $request->getContent();
        if (strlen($content) > self::MOST_BYTES) {
            throw new HttpException(413, 'Body too large.');
        }
        $name = mb_substr(trim(mb_scrub($request->query->getString('name'))), 0, self::LONGEST_NAME);
        $now = $this->clock->now();
        $body = ReadingsBody::csv($content, InstrumentKind::File, (float) $now->format('U.u'));
        if ([] === $body->readings) {
            $words = 'None of these lines is a reading: a time, a temperature and its unit.';

            return Problem::response(422, 'readings.none', $words, $body->faults);
        }
        $instrument = $this->instruments->fromFile($caster, '' === $name ? 'A file' : $name);
        $new = $this->readings->take($instrument->id(), $body->readings, $body->simulated);
        $times = array_map(static fn (ReadingLine $line): float => $line->at, $body->readings);
        $heat->listenTo($instrument->id()->toRfc4122(), ['from' => min($times), 'to' => max($times) + 0.001]);
        $heat->touch($now);
        $this->notebook->save();
        $this->readings->heard($instrument->id(), $now, $body->simulated, $body->readings);

        return new AnswerResponse(new TakenReadingsAnswer($new, count($body->readings) - $new, $body->faults));
    }

    private static function second(Request $request, string $name): ?float
    {
        $raw = $request->query->getString($name);

        return is_numeric($raw) && abs((float) $raw) < 1e11 ? (float) $raw : null;
    }

    private static function iso(float $at): string
    {
        return gmdate('Y-m-d\TH:i:s', (int) floor($at)).sprintf('.%03dZ', (int) round(1000 * ($at - floor($at))) % 1000);
    }
}
