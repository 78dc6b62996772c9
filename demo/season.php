<?php

declare(strict_types=1);

/*
 * A made-up season of thirty outings on the demo's invented waters: php demo/season.php [YEAR] prints it as a logbook, php demo/season.php
 * --truth the rates it was made from. Bites come by chance at those rates and no others, so that what the analysis says can be held against
 * the truth. The same year always gives the same season.
 */

use App\Format\PartsTable;

require __DIR__.'/../vendor/autoload.php';

/** Bites an hour before anything is multiplied in, and what multiplies it. Whatever is not named here makes no difference. */
const TRUTH = [
    'bites_per_hour' => 2.0,
    'water' => ['quarry' => 0.8, 'flowage' => 1.2, 'pond' => 1.0],
    'finish_in_stain' => ['gold' => 1.8, 'silver' => 1.0],
    'low_light' => 1.5,
    'day_spread' => 0.35,
    'ends' => ['bite' => 0.35, 'lost' => 0.15, 'landed' => 0.5],
    'follows_per_hour' => 0.8,
];
const SEED = 20_260_417;
const OUTINGS = 30;
const WATERS = [
    'quarry' => '0193a000-0000-7000-8000-000000000001',
    'flowage' => '0193a000-0000-7000-8000-000000000002',
    'pond' => '0193a000-0000-7000-8000-000000000003',
];
/** Parts by the end of their id in demo/parts.csv. */
const BUILDS = [
    'quarry' => [
        ['lure' => 'spinnerbait', 'head' => '018', 'front' => '030', 'rear' => '034', 'skirt' => '065', 'trailer' => '087'],
        ['lure' => 'spinnerbait', 'head' => '018', 'front' => '038', 'rear' => '042', 'skirt' => '065', 'trailer' => '087'],
        ['lure' => 'swim_jig', 'head' => '010', 'skirt' => '063', 'trailer' => '083'],
        ['lure' => 'swim_jig', 'head' => '012', 'skirt' => '058', 'trailer' => '085'],
        ['lure' => 'jig', 'head' => '002', 'skirt' => '058', 'trailer' => '075'],
        ['lure' => 'bladed_jig', 'head' => '024', 'rear' => '052', 'skirt' => '063', 'trailer' => '082'],
    ],
    'flowage' => [
        ['lure' => 'spinnerbait', 'head' => '019', 'front' => '038', 'rear' => '042', 'skirt' => '059', 'trailer' => '093'],
        ['lure' => 'spinnerbait', 'head' => '019', 'front' => '030', 'rear' => '034', 'skirt' => '059', 'trailer' => '093'],
        ['lure' => 'bladed_jig', 'head' => '026', 'rear' => '050', 'skirt' => '058', 'trailer' => '090'],
        ['lure' => 'bladed_jig', 'head' => '026', 'rear' => '052', 'skirt' => '058', 'trailer' => '101'],
        ['lure' => 'jig', 'head' => '001', 'skirt' => '055', 'trailer' => '077'],
        ['lure' => 'swim_jig', 'head' => '011', 'skirt' => '055', 'trailer' => '074'],
    ],
    'pond' => [
        ['lure' => 'jig', 'head' => '001', 'skirt' => '055', 'trailer' => '103'],
        ['lure' => 'jig', 'head' => '001', 'skirt' => '055', 'trailer' => '074'],
        ['lure' => 'spinnerbait', 'head' => '017', 'front' => '038', 'rear' => '047', 'skirt' => '064', 'trailer' => '094'],
        ['lure' => 'bladed_jig', 'head' => '028', 'rear' => '050', 'skirt' => '055', 'trailer' => '078'],
        ['lure' => 'bladed_jig', 'head' => '028', 'rear' => '054', 'skirt' => '055', 'trailer' => '103'],
    ],
];
const PLACES = [
    'quarry' => [
        'tint' => 'none', 'visibility' => [60, 110], 'depth_ft' => 10,
        'cover' => 'rock', 'forage' => 'shad', 'forage_in' => 3, 'bass' => 'smallmouth',
    ],
    'flowage' => [
        'tint' => 'tannic', 'visibility' => [20, 34], 'depth_ft' => 6,
        'cover' => 'wood', 'forage' => 'bluegill', 'forage_in' => 4, 'bass' => 'largemouth',
    ],
    'pond' => [
        'tint' => 'clay', 'visibility' => [7, 16], 'depth_ft' => 4,
        'cover' => 'grass', 'forage' => 'crawfish', 'forage_in' => 2.5, 'bass' => 'largemouth',
    ],
];
const SKIES = ['sun', 'sun', 'broken', 'overcast', 'overcast', 'rain'];
const WINDS = ['calm', 'ripple', 'ripple', 'chop'];
/** Surface temperature by month, °F. */
const WARMTH = [3 => 44, 4 => 53, 5 => 62, 6 => 71, 7 => 77, 8 => 76, 9 => 68, 10 => 56, 11 => 46];

if ('--truth' === ($argv[1] ?? '')) {
    echo json_encode(TRUTH, \JSON_PRETTY_PRINT | \JSON_THROW_ON_ERROR), "\n";
    exit;
}
$today = new DateTimeImmutable('now', new DateTimeZone('UTC'));
$year = (int) ($argv[1] ?? ((int) $today->format('n') >= 11 ? $today->format('Y') : (int) $today->format('Y') - 1));

mt_srand(SEED);
$parts = [];
foreach (PartsTable::read((string) file_get_contents(__DIR__.'/parts.csv')) as ['data' => $part]) {
    if (is_string($part['id'] ?? null)) {
        $parts[substr($part['id'], -3)] = $part;
    }
}
$chance = static fn (): float => mt_rand() / mt_getrandmax();
$between = static fn (float $low, float $high): float => $low + ($high - $low) * $chance();
$some = static fn (array $list): mixed => $list[mt_rand(0, count($list) - 1)];
$normal = static fn (): float => sqrt(-2 * log(mt_rand(1, 1_000_000) / 1_000_000)) * cos(2 * M_PI * $chance());
$ids = 0;
$id = static function () use (&$ids): string {
    return sprintf('0193a000-0000-7000-b000-%012d', ++$ids);
};
$written = static fn (float $unix): string => gmdate('Y-m-d\TH:i:s+00:00', (int) $unix);
$season = static fn (int $month): string => match (true) {
    $month <= 3 => 'early_spring',
    $month <= 5 => 'spring',
    $month <= 8 => 'summer',
    default => 'fall',
};

$build = static function (array $slots) use ($parts): array {
    $build = ['lure' => $slots['lure']];
    foreach (array_diff_key($slots, ['lure' => 0]) as $slot => $end) {
        $build[$slot] = array_filter($parts[$end], static fn (mixed $value): bool => null !== $value && '' !== $value && [] !== $value);
    }

    return $build;
};

$rate = static function (array $slots, array $reading, string $water, float $day, int $hour): float {
    $blade = substr($slots['rear'] ?? '', -3);
    $finish = match (true) {
        in_array($blade, ['038', '042', '047', '050'], true) => 'gold',
        in_array($blade, ['034', '052'], true) => 'silver',
        default => 'other',
    };
    $isStained = $reading['visibility_in'] >= 18 && $reading['visibility_in'] < 36;

    return TRUTH['bites_per_hour'] * TRUTH['water'][$water] * $day
        * ($isStained ? TRUTH['finish_in_stain'][$finish] ?? 1.0 : 1.0)
        * ($hour < 8 || $hour >= 19 ? TRUTH['low_light'] : 1.0);
};

$outings = [];
$zone = new DateTimeZone('America/Chicago');
$first = new DateTimeImmutable("$year-03-21 06:30", $zone);
for ($n = 0; $n < OUTINGS; ++$n) {
    $date = $first->modify('+'.(int) round($n * 7.4).' days')->modify('+'.mt_rand(0, 90).' minutes');
    $water = array_keys(WATERS)[$n % 3];
    $place = PLACES[$water];
    $month = (int) $date->format('n');
    $day = exp(TRUTH['day_spread'] * $normal() - TRUTH['day_spread'] ** 2 / 2);
    $into = ((int) $date->format('j') - 1) / 30;
    $warmth = WARMTH[$month] + $into * ((WARMTH[$month + 1] ?? 44) - WARMTH[$month]) + $normal();
    $reading = [
        'lure' => 'any', 'visibility_in' => round($between(...$place['visibility'])), 'tint' => $place['tint'], 'sky' => $some(SKIES),
        'wind' => $some(WINDS), 'surface_f' => round($warmth, 1), 'trend_f' => round($normal(), 1), 'depth_ft' => $place['depth_ft'],
        'season' => $season($month), 'cover' => $place['cover'], 'cover_density' => 'normal', 'forage' => $place['forage'],
        'forage_in' => $place['forage_in'], 'red_crawfish' => 'pond' === $water, 'bite' => 'normal', 'bass' => $place['bass'],
    ];
    $start = $date->getTimestamp();
    $end = $start + 60 * mt_rand(240, 420);
    $stints = [];
    $order = BUILDS[$water];
    shuffle($order);
    $at = $start + 60 * mt_rand(2, 10);
    for ($k = 0; $at < $end - 1200; ++$k) {
        $slots = $order[$k % count($order)];
        if (0 === mt_rand(0, 3)) {
            $reading = ['sky' => $some(SKIES), 'wind' => $some(WINDS)] + $reading;
        }
        $until = min($end, $at + 60 * mt_rand(25, 70));
        $events = [];
        for ($minute = $at; $minute < $until; $minute += 60) {
            $hour = (int) (new DateTimeImmutable("@$minute"))->setTimezone($zone)->format('G');
            if ($chance() < $rate($slots, $reading, $water, $day, $hour) / 60) {
                $dice = $chance();
                $kind = match (true) {
                    $dice < TRUTH['ends']['landed'] => 'landed',
                    $dice < TRUTH['ends']['landed'] + TRUTH['ends']['lost'] => 'lost',
                    default => 'bite',
                };
                $length = round(max(8.0, 13.5 + 2.5 * $normal()) * 2) / 2;
                $events[] = ['id' => $id(), 'at' => $written($minute), 'kind' => $kind]
                    + ('landed' === $kind && $chance() < 0.7 ? ['length_in' => $length] : []);
            }
            if ($chance() < TRUTH['follows_per_hour'] / 60) {
                $events[] = ['id' => $id(), 'at' => $written($minute), 'kind' => 'follow'];
            }
        }
        if (0 === mt_rand(0, 19)) {
            $events[] = ['id' => $id(), 'at' => $written($until), 'kind' => 'trailer_torn', 'takes_stock' => false];
        }
        $stints[] = [
            'id' => $id(), 'started_at' => $written($at), 'ended_at' => $written($until), 'build' => $build($slots), 'reading' => $reading,
            'confirmed' => true, 'events' => $events,
        ];
        $at = $until + 60 * mt_rand(1, 4);
    }
    $outings[] = [
        'id' => $id(), 'water_id' => WATERS[$water], 'started_at' => $written($start), 'ended_at' => $written($end), 'note' => '',
        'box' => ['lures' => array_map($build, BUILDS[$water])], 'stints' => $stints,
    ];
}
echo json_encode(['waters' => [], 'readings' => [], 'outings' => $outings], \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR), "\n";
