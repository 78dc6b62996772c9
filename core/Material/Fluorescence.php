<?php

declare(strict_types=1);

namespace Kontrast\Material;

/** Whether a dye gives short-wave light back as a band of its own. */
enum Fluorescence: string
{
    case None = 'none';
    case Chartreuse = 'chartreuse';
    case Orange = 'orange';
}
