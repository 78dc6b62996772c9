<?php

declare(strict_types=1);

namespace Kontrast\BuildSheet;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\PartKind;
use Kontrast\Measure\Said;

/**
 * The small things that hold a build together: which, of what size, how many (A1, A3; sizes of swivels and clevises from memory of common
 * practice).
 */
final readonly class Hardware
{
    /** Diameter of spinnerbait wire, in. A1. */
    public const WIRE_IN = 0.035;
    public const BEAD = '5/32 in';
    public const SPACER = '1 in';
    /** Of the front blade of a tandem. A5. */
    public const CLEVIS = '#2';
    public const TIE = '2.5 mm';

    private function __construct(public PartKind $kind, public string $size, public int $count)
    {
    }

    /** A size as it stands in a sentence: what is measured may be said in other units, a trade size is one. */
    public static function said(string $size): string
    {
        return str_ends_with($size, ' in') ? Said::mark($size) : $size;
    }

    /** @return list<self> */
    public static function count(Composition $build): array
    {
        $hardware = [];
        if ($build->kind->hasWire()) {
            if (null !== $build->front) {
                $hardware[] = new self(PartKind::Bead, self::BEAD, 3);
                $hardware[] = new self(PartKind::Clevis, self::CLEVIS, 1);
                $hardware[] = new self(PartKind::Spacer, self::SPACER, 1);
            }
            if (null !== $build->rear) {
                $hardware[] = new self(PartKind::Swivel, match (true) {
                    $build->rear->size->number <= 3 => '#2',
                    $build->rear->size->number <= 5 => '#3',
                    default => '#4',
                }, 1);
            }
        }
        if (null !== $build->skirt) {
            $hardware[] = new self(PartKind::Collar, self::TIE, 1);
        }

        return $hardware;
    }
}
