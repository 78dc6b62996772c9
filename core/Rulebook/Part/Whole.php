<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Part;

use Kontrast\Lure\Intent;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\LureSet;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\Profile;
use Kontrast\Rulebook\Slot;

/** What a rule says of the lure as a whole. */
final readonly class Whole extends Part
{
    public static function lure(LureKind $kind): self
    {
        return (new self())->says(Slot::Lure, $kind);
    }

    /** How well a kind suits the water, beside the others. */
    public static function ranked(LureKind $kind): self
    {
        return (new self())->says(Slot::LureRanking, $kind);
    }

    public static function profile(Profile $profile): self
    {
        return (new self())->says(Slot::Profile, $profile);
    }

    public static function intent(Intent $intent): self
    {
        return (new self())->says(Slot::Intent, $intent);
    }

    public static function pairing(Pairing $pairing): self
    {
        return (new self())->says(Slot::Pairing, $pairing);
    }

    public static function set(LureSet $set): self
    {
        return (new self())->says(Slot::Set, $set);
    }
}
