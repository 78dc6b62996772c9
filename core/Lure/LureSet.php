<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** Blade, skirt and trailer as one: a builder names the set first, and the parts out of it (M1 to M4). */
enum LureSet: string
{
    use HasLabel;

    /** The blade painted like the skirt, or black; nothing shines. */
    case Dull = 'dull';
    /** Black blade, dark skirt, dark trailer: one outline. */
    case Dark = 'dark';
    /** Natural skirt and trailer, and the blade the only thing that shines. */
    case Flash = 'flash';
    /** A hot or metal blade with a bright skirt, or a hot blade for schooling fish. */
    case Bright = 'bright';

    /** The set that a blade of this finish belongs to by itself. */
    public static function ofBlade(Finish $finish): self
    {
        return match ($finish) {
            Finish::Silver, Finish::Gold, Finish::Copper => self::Flash,
            Finish::Black => self::Dark,
            Finish::GreenPumpkin, Finish::PaintedWhite => self::Dull,
            Finish::PaintedChartreuse, Finish::PaintedOrange, Finish::PaintedRed, Finish::PaintedPink => self::Bright,
        };
    }

    /** The set that a lure makes by its looks, whatever water it was tied for (M1 to M5). */
    public static function of(Finish $finish, ?Colour $skirt): self
    {
        $isHot = \in_array($skirt, [Colour::Chartreuse, Colour::Yellow, Colour::Pink, Colour::Orange, Colour::Red], true);

        return match (true) {
            $finish->isMetal() => $isHot ? self::Bright : self::Flash,
            Finish::Black === $finish => Colour::Black === $skirt ? self::Dark : self::Dull,
            default => self::ofBlade($finish),
        };
    }

    /** Whether a blade of this finish can be part of it; gold is dull only under black ink (B8). */
    public function allows(Finish $finish): bool
    {
        return match ($this) {
            self::Dull => \in_array($finish, [Finish::GreenPumpkin, Finish::PaintedWhite, Finish::Black, Finish::Gold], true),
            self::Dark => Finish::Black === $finish,
            self::Flash => $finish->isMetal(),
            self::Bright => $finish->isBright() || Finish::PaintedWhite === $finish,
        };
    }

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [self::Flash->value => 'natural with one flash'];
    }
}
