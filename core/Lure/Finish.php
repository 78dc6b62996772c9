<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** What covers a blade: metal or paint. */
enum Finish: string
{
    case Silver = 'silver';
    case Gold = 'gold';
    case Copper = 'copper';
    case Black = 'black';
    case GreenPumpkin = 'green_pumpkin';
    case PaintedWhite = 'painted_white';
    case PaintedChartreuse = 'painted_chartreuse';
    case PaintedOrange = 'painted_orange';
    case PaintedRed = 'painted_red';
}
