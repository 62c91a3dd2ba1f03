<?php

declare(strict_types=1);

namespace MoltenNotes\App\Demo;

/** A picture for the demo, drawn here and plainly no photograph: a small casting on a bench, with its faults. */
final class DrawnPhoto
{
    private const WIDTH = 1600;
    private const HEIGHT = 1200;

    private \GdImage $image;

    private function __construct(private readonly int $seed)
    {
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        if (false === $image) {
            throw new \RuntimeException('A picture cannot be drawn.');
        }
        $this->image = $image;
        imageantialias($image, true);
    }

    /**
     * @param list<array{kind: string, x: float, y: float}> $faults where they show, as shares of width and height
     *
     * @return string a PNG
     */
    public static function of(array $faults, int $seed): string
    {
        $photo = new self($seed);
        $photo->bench();
        $photo->socket(in_array('misrun', array_column($faults, 'kind'), true));
        foreach ($faults as $fault) {
            $photo->fault($fault['kind'], (int) round($fault['x'] * self::WIDTH), (int) round($fault['y'] * self::HEIGHT));
        }
        imagestring($photo->image, 5, self::WIDTH - 250, self::HEIGHT - 34, 'Drawn for the demo', $photo->colour(90, 70, 45));
        ob_start();
        imagepng($photo->image, null, 6);

        return (string) ob_get_clean();
    }

    private function bench(): void
    {
        for ($y = 0; $y < self::HEIGHT; ++$y) {
            $shade = (int) (18 * sin($y / 41 + $this->seed) + 6 * sin($y / 7));
            $plank = intdiv($y, 200) % 2 * 8;
            $wood = $this->colour(196 + $shade - $plank, 164 + $shade - $plank, 120 + $shade - $plank);
            imageline($this->image, 0, $y, self::WIDTH, $y, $wood);
        }
        for ($y = 200; $y < self::HEIGHT; $y += 200) {
            imagefilledrectangle($this->image, 0, $y - 3, self::WIDTH, $y, $this->colour(110, 86, 58));
        }
    }

    /** A foot with two holes, a boss on it, and a ring on top. */
    private function socket(bool $short): void
    {
        $shadow = $this->colour(120, 96, 66);
        imagefilledellipse($this->image, 830, 930, 1000, 190, $shadow);
        $this->shaded(320, 800, 1280, 900, 60);
        foreach ([420, 1180] as $x) {
            imagefilledellipse($this->image, $x, 850, 64, 44, $this->colour(60, 58, 56));
        }
        $this->shaded(660, 520, 940, 800, 30);
        // The ring: a thick stroke round, open on one side where the metal stopped short.
        for ($thick = 0; $thick < 70; ++$thick) {
            $grey = 150 + (int) (70 * sin(\M_PI * $thick / 70));
            $metal = $this->colour($grey, $grey, $grey + 4);
            [$from, $to] = $short ? [-20, 262] : [0, 360];
            // Twice, a dot apart: a thin arc leaves dots out.
            foreach ([360, 361] as $middle) {
                imagearc($this->image, 800, $middle, 420 - 2 * $thick, 360 - 2 * $thick, $from, $to, $metal);
            }
        }
    }

    private function shaded(int $left, int $top, int $right, int $bottom, int $round): void
    {
        for ($x = $left; $x <= $right; ++$x) {
            $share = ($x - $left) / ($right - $left);
            $grey = 128 + (int) (86 * sin(\M_PI * (0.15 + 0.6 * $share)));
            $cut = (int) ($round * (1 - min(1.0, min($x - $left, $right - $x) / max(1, $round))) ** 2);
            imageline($this->image, $x, $top + $cut, $x, $bottom - $cut, $this->colour($grey, $grey, $grey + 5));
        }
    }

    private function fault(string $kind, int $x, int $y): void
    {
        match ($kind) {
            'blowhole' => $this->holes($x, $y),
            'sink', 'internal_shrinkage' => $this->dip($x, $y),
            default => null,
        };
    }

    private function holes(int $x, int $y): void
    {
        $dark = $this->colour(52, 50, 50);
        for ($i = 0; $i < 8; ++$i) {
            [$right, $down] = [($i * 37) % 90 - 45, ($i * 23) % 34 - 17];
            imagefilledellipse($this->image, $x + $right, $y + $down, 16 + ($i * 7) % 14, 12 + ($i * 5) % 9, $dark);
        }
    }

    /** A hollow: darker towards one side, lighter towards the other. */
    private function dip(int $x, int $y): void
    {
        for ($i = 60; $i > 0; --$i) {
            $grey = 214 - (int) (1.9 * (60 - $i));
            $metal = $this->colour($grey, $grey, $grey + 3);
            imagefilledellipse($this->image, $x + intdiv(60 - $i, 6), $y + intdiv(60 - $i, 5), 3 * $i, 2 * $i, $metal);
        }
    }

    private function colour(int $red, int $green, int $blue): int
    {
        $part = static fn (int $value): int => max(0, min(255, $value));

        return (int) imagecolorallocate($this->image, $part($red), $part($green), $part($blue));
    }
}
