<?php

declare(strict_types=1);

namespace Kontrast\BuildSheet;

/** What is done at one step; equal tasks of several builds can be done in one go. */
enum Task: string
{
    case LayOut = 'lay_out';
    case Marker = 'marker';
    case Plate = 'plate';
    case FirstBead = 'first_bead';
    case FrontBlade = 'front_blade';
    case SecondBead = 'second_bead';
    case Spacer = 'spacer';
    case ThirdBead = 'third_bead';
    case FormLoop = 'form_loop';
    case RearBlade = 'rear_blade';
    case CloseLoop = 'close_loop';
    case Skirt = 'skirt';
    case Trim = 'trim';
    case Tie = 'tie';
    case Trailer = 'trailer';
    case Hook = 'hook';
    case Stop = 'stop';
    case Check = 'check';
    case Boatside = 'boatside';

    /** How long it takes a practised hand, minutes. (Chosen.) */
    public function minutes(): float
    {
        return match ($this) {
            self::FirstBead, self::SecondBead, self::Spacer, self::ThirdBead => 0.25,
            self::FrontBlade, self::RearBlade, self::Skirt, self::Trailer, self::Check, self::Stop, self::Boatside => 0.5,
            self::LayOut, self::CloseLoop, self::Hook, self::Plate, self::Trim => 0.75,
            self::FormLoop, self::Tie => 1.0,
            self::Marker => 1.5,
        };
    }

    public function title(): string
    {
        return match ($this) {
            self::LayOut => 'Lay out the parts',
            self::Marker => 'Darken the blade',
            self::Plate => 'Attach the blade',
            self::FirstBead => 'First bead on the wire',
            self::FrontBlade => 'Front blade on the clevis',
            self::SecondBead => 'Second bead',
            self::Spacer => 'Spacer',
            self::ThirdBead => 'Third bead',
            self::FormLoop => 'Form the end loop',
            self::RearBlade => 'Attach the rear blade',
            self::CloseLoop => 'Close the loop',
            self::Skirt => 'Put the skirt on',
            self::Trim => 'Trim the skirt',
            self::Tie => 'Replace the collar with a cable tie',
            self::Trailer => 'Thread the trailer',
            self::Hook => 'Put the trailer hook on',
            self::Stop => 'Put a stop behind the trailer hook',
            self::Check => 'Final check',
            self::Boatside => 'At the boat, before the first cast',
        };
    }
}
