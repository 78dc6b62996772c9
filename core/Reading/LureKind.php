<?php

declare(strict_types=1);

namespace Kontrast\Reading;

/** The four kinds of lure that Kontrast knows how to build. */
enum LureKind: string
{
    use HasLabel;

    case Jig = 'jig';
    case SwimJig = 'swim_jig';
    case Spinnerbait = 'spinnerbait';
    case BladedJig = 'bladed_jig';
}
