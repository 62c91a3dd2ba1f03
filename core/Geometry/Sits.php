<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** Where a section stands on the one it joins. */
enum Sits: string
{
    case End = 'end';
    case Beside = 'beside';
    case Top = 'top';
    case Under = 'under';
    case Around = 'around';
    case Inside = 'inside';

    /** As it stands before the name of what it joins. */
    public function words(): string
    {
        return match ($this) {
            self::End => 'at the end of',
            self::Beside => 'at the side of',
            self::Top => 'on top of',
            self::Under => 'under',
            self::Around => 'around',
            self::Inside => 'inside',
        };
    }

    /** Whether it lies beside what it joins as seen from above, and so makes the casting longer. */
    public function isOutside(): bool
    {
        return self::End === $this || self::Beside === $this;
    }

    /** @return list<string> */
    public static function codes(): array
    {
        return array_map(static fn (self $way): string => $way->value, self::cases());
    }
}
