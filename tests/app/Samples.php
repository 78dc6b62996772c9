<?php

declare(strict_types=1);

namespace Tests\app;

/** Documents to send, valid as they are, to change a little. */
final class Samples
{
    /** @return array<string, mixed> */
    public static function reading(): array
    {
        return [
            'lure' => 'spinnerbait', 'visibility_in' => 20, 'tint' => 'green', 'sky' => 'sun', 'wind' => 'ripple', 'depth_ft' => 5,
            'season' => 'summer', 'cover' => 'open', 'cover_density' => 'normal', 'forage' => 'shad', 'red_crawfish' => false,
            'bite' => 'normal', 'bass' => 'largemouth',
        ];
    }

    /** @return array<string, mixed> */
    public static function water(): array
    {
        return ['name' => 'Tamarack flowage', 'tint' => 'tannic', 'red_crawfish' => false, 'forage' => 'bluegill', 'note' => ''];
    }

    /** @return array<string, mixed> */
    public static function head(): array
    {
        return ['kind' => 'head', 'name' => 'Black head', 'weight_oz' => 0.375, 'colour' => 'black', 'lures' => ['jig']];
    }

    /** @return array<string, mixed> */
    public static function craw(): array
    {
        return ['kind' => 'trailer', 'name' => 'Black craw', 'colour' => 'black', 'style' => 'craw', 'length_in' => 3.5];
    }

    /** @return array<string, mixed> */
    public static function skirt(): array
    {
        return ['kind' => 'skirt', 'name' => 'Black skirt', 'colour' => 'black'];
    }

    /** @return array<string, mixed> */
    public static function build(): array
    {
        return ['lure' => 'jig', 'head' => self::head(), 'skirt' => self::skirt(), 'trailer' => self::craw()];
    }
}
