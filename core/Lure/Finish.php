<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** What covers a blade: metal or paint. */
enum Finish: string
{
    use HasLabel;

    case Silver = 'silver';
    case Gold = 'gold';
    case Copper = 'copper';
    case Black = 'black';
    case GreenPumpkin = 'green_pumpkin';
    case PaintedWhite = 'painted_white';
    case PaintedChartreuse = 'painted_chartreuse';
    case PaintedOrange = 'painted_orange';
    case PaintedRed = 'painted_red';
    case PaintedPink = 'painted_pink';

    /** The color of its paint; null for bare metal and for plain black. */
    public function paint(): ?Colour
    {
        return match ($this) {
            self::Silver, self::Gold, self::Copper, self::Black => null,
            self::GreenPumpkin => Colour::GreenPumpkin,
            self::PaintedWhite => Colour::White,
            self::PaintedChartreuse => Colour::Chartreuse,
            self::PaintedOrange => Colour::Orange,
            self::PaintedRed => Colour::Red,
            self::PaintedPink => Colour::Pink,
        };
    }

    /** Bare metal that shines, and paint hot enough to be called loud. */
    public function isBright(): bool
    {
        return $this->isMetal() || \in_array(
            $this,
            [self::PaintedChartreuse, self::PaintedOrange, self::PaintedRed, self::PaintedPink],
            true,
        );
    }

    public function isMetal(): bool
    {
        return \in_array($this, [self::Silver, self::Gold, self::Copper], true);
    }
}
