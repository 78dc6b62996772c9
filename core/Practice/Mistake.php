<?php

declare(strict_types=1);

namespace Kontrast\Practice;

/** What beginners do wrong, each by a fact: one of them is in a lure or a day, and is to be found. */
enum Mistake: string
{
    case CurlToBend = 'curl_to_bend';
    case HookPointDown = 'hook_point_down';
    case HookPastSkirt = 'hook_past_skirt';
    case LongSkirtBeforeCraw = 'long_skirt_before_craw';
    case StretchyInBox = 'stretchy_in_box';
    case GreenPumpkinOnBlackBlue = 'green_pumpkin_on_black_blue';
    case SilverForCrawfish = 'silver_for_crawfish';
    case HeavyUnderDock = 'heavy_under_dock';
    case HeavyOverGrass = 'heavy_over_grass';
    case ColdWithoutJacket = 'cold_without_jacket';

    public function fact(): string
    {
        return match ($this) {
            self::CurlToBend => 'T5',
            self::HookPointDown => 'H3',
            self::HookPastSkirt => 'H2',
            self::LongSkirtBeforeCraw => 'S16',
            self::StretchyInBox => 'T10',
            self::GreenPumpkinOnBlackBlue => 'M5',
            self::SilverForCrawfish => 'B14',
            self::HeavyUnderDock => 'Z3',
            self::HeavyOverGrass => 'Z2',
            self::ColdWithoutJacket => 'C4',
        };
    }

    public function topic(): Topic
    {
        return match ($this) {
            self::CurlToBend, self::LongSkirtBeforeCraw => Topic::Trailers,
            self::GreenPumpkinOnBlackBlue => Topic::Sets,
            self::SilverForCrawfish => Topic::Forage,
            self::HeavyUnderDock, self::HeavyOverGrass => Topic::Weight,
            self::HookPointDown, self::HookPastSkirt, self::StretchyInBox, self::ColdWithoutJacket => Topic::Safety,
        };
    }

    /** @return non-empty-list<Spot> where it is found; either of two that do not go together */
    public function spots(): array
    {
        return match ($this) {
            self::CurlToBend => [Spot::Trailer],
            self::HookPointDown, self::HookPastSkirt => [Spot::TrailerHook],
            self::LongSkirtBeforeCraw => [Spot::Skirt, Spot::Trailer],
            self::StretchyInBox => [Spot::Box],
            self::GreenPumpkinOnBlackBlue => [Spot::Blade, Spot::Skirt],
            self::SilverForCrawfish => [Spot::Blade],
            self::HeavyUnderDock, self::HeavyOverGrass => [Spot::Head],
            self::ColdWithoutJacket => [Spot::Aboard],
        };
    }

    /** What is wrong, and what is done instead. */
    public function because(): string
    {
        return match ($this) {
            self::CurlToBend => 'The curl of a grub faces away from the bend of the hook: here it is threaded the wrong way round.',
            self::HookPointDown => 'A trailer hook points up like the main hook: with its point down it drags through everything.',
            self::HookPastSkirt => 'A trailer hook ends where the skirt does: this one hangs past it, and is a size for a heavier head.',
            self::LongSkirtBeforeCraw => 'A long-tail skirt needs no trailer: it hides the craw, and the claws cannot work.',
            self::StretchyInBox => 'Stretchy (TPE) plastic melts together with other soft plastic: it gets a bag of its own.',
            self::GreenPumpkinOnBlackBlue => 'A green pumpkin blade goes with a green pumpkin skirt, never with black and blue.',
            self::SilverForCrawfish => 'Silver is for baitfish: where they eat crawfish the blade is gold or copper, in clear water too.',
            self::HeavyUnderDock => 'A swim jig worked high under a dock is light, ‹5/16 oz›: ‹1/2 oz|half an ounce› sinks below them.',
            self::HeavyOverGrass => 'A bladed jig rides over grass when it is light, ‹5/16 or 3/8 oz›: ‹1/2 oz|half an ounce› digs in.',
            self::ColdWithoutJacket => 'Cold water takes your breath and strength in minutes: wear a life jacket, and do not go alone.',
        };
    }
}
