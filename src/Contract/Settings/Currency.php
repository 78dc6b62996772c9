<?php

declare(strict_types=1);

namespace App\Contract\Settings;

/** The angler's own money, by its code in ISO 4217. */
enum Currency: string
{
    case Usd = 'USD';
    case Cad = 'CAD';
    case Mxn = 'MXN';
    case Eur = 'EUR';
    case Gbp = 'GBP';
    case Chf = 'CHF';
    case Aud = 'AUD';
    case Nzd = 'NZD';
    case Jpy = 'JPY';
    case Krw = 'KRW';
    case Brl = 'BRL';
    case Zar = 'ZAR';
}
