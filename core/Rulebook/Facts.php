<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/**
 * What builders of these lures know, fact by fact, in this program's words. The ids are what rules, tests and reasons point at.
 * Common practice, no published source. Sections: F forage, W water and light, B blades, S skirts, P pairing, T trailers,
 * Z weight and gear, L on the water, H trailer hook, A building, D disagreements, C cautions.
 */
final class Facts
{
    public const ALL = [
        'F1' => 'Colour follows two things: the food and the clarity. Light, tint, season, temperature and wind then move the choice.',
        'F2' => 'Shad and other silvery fish are white to pearl with a grey back and a silver flash.',
        'F3' => 'Bluegill and other sunfish are green pumpkin touched with blue, yellow or orange, two or three colours together, and '
            .'flash gold.',
        'F4' => 'Crawfish are green pumpkin, brown, or a dark shell with brighter pincers.',
        'F5' => 'Where crawfish turn red it begins at 50 °F in early spring; then red-orange pays in any clarity, best as a belly under '
            .'green pumpkin. Far south they stay as they are.',
        'F6' => 'Perch: lime to yellow with orange and dark bars. Golden shiner: gold with some orange. Crappie and rock bass: dark '
            .'mottling on light.',
        'F7' => 'Look first: crawfish at the bank, pincers in a throat, the colours of a sunfish just caught. Copy them as accents.',
        'F8' => 'Grass holds more sunfish than shad, rock means crawfish, and in fall shad outrank the rest.',
        'F9' => 'Food up to about 2.5 in makes a small profile, 3 to 4 in a regular one, beyond 4 in a big one.',
        'F10' => 'On hard-fished water show something new; your own build is new.',
        'W1' => 'Clarity is the depth at which a lure is lost to sight: over 5 ft very clear, 3 to 5 ft clear, 1.5 to 3 ft stained, 6 '
            .'to 18 in dirty, less is muddy.',
        'W2' => 'Tint is a second measure: green from algae, tea from leaves, tan from clay, or none. Run-off and summer stain differ.',
        'W3' => 'Clear water asks for natural, light, see-through; dirty water for colour, solidity and contrast.',
        'W4' => 'Clear water: they hunt by eye, so deny them a long look. Dirty water: vibration, flash and sound find the fish.',
        'W5' => 'Stain hides what the sun does; in clear water sun or cloud decides.',
        'W6' => 'Calm, bright and slow: no contrast, nothing that sticks out.',
        'W7' => 'Wind and tint ask for gold.',
        'W8' => 'A late-winter rise of 4 to 6 °F within days makes its own bite: bladed jig, 3 to 6 ft, cover beside wintering places.',
        'W9' => 'A claim to test: lime green alone keeps its colour at every depth.',
        'B1' => 'Round blades thump most, long ones flash most, Indiana lies between; a thick or deep-cupped round one thumps hardest.',
        'B2' => 'Blade size follows the food: small #1 to 3, medium #3 to 5, large #6 to 7.',
        'B3' => 'By water: silver in clear, gold in stained and dirty, gold above all in early run-off.',
        'B4' => 'By sun: mud with sun metal, mud under cloud paint; very clear with sun paint, very clear under cloud metal.',
        'B5' => 'Hot paint in dirty water; also in clear water for schooling fish, smallmouth or spotted bass, wound fast.',
        'B6' => 'Black blade with a black skirt: night, storm, opaque brown, very dark tea.',
        'B7' => 'Two blades for each colour: a dull or matching one for calm bright days, a gold one for tint and wind.',
        'B8' => 'Very clear colourless water with shad: silver. Clearer still: dull a gold blade with a black permanent marker.',
        'B9' => 'Copper for moderate stain with bluegill or crawfish.',
        'B10' => 'For mud a small Colorado #2 ahead of a deep #5; or Indiana gold with Colorado silver; for big spring shad Colorado #2 '
            .'and willow #5.',
        'B11' => 'A short arm carries one big blade, for slow rolling and dropping.',
        'S1' => 'Jig in black and blue: under 1.5 ft of sight, best at 6 to 15 in, up to 3 ft in rain and cloud.',
        'S2' => 'Jig in black with a little chartreuse: 4 to 12 in, above all in rain, cloud or wind.',
        'S3' => 'Jig in plain brown: 3 to 4 ft, good at docks.',
        'S4' => 'Jig in brown and orange: 2.5 to 4 ft, water in the fifties, early spring and late fall.',
        'S5' => 'Jig in brown with blue and orange: fall, up to 4 ft.',
        'S6' => 'Brown-orange jig with a solid blue trailer: 45 to 55 °F, 1.5 to 3.5 ft, rock, before spring.',
        'S7' => 'Past 5 ft a silicone jig in green pumpkin, trailer the same.',
        'S8' => 'See-through, scaled or smoke skirts for baitfish in clear water; in dirty water only solid colours.',
        'S9' => 'Dirty-water shad: white or chartreuse-white, the latter ahead beside a gold blade.',
        'S10' => 'Sunfish and crawfish, clear to dirty: green pumpkin with orange and brown, plain green pumpkin, then black and blue '
            .'or still green pumpkin.',
        'S11' => 'Opaque tan run-off: black-blue on black-blue, read as a shadow.',
        'S12' => 'Tea water, dark days, rain, before the spawn: black and blue.',
        'S13' => 'One school: solid colours and plain splits beat busy patterns, and chartreuse-white comes first wherever shad are.',
        'S14' => 'Living rubber flares, glows and moves, above all in the cold; silicone is for very clear water.',
        'S15' => 'Trim the skirt to the hook bend, or water does not reach the trailer; shorter flares and pulses.',
        'S16' => 'A long-tail skirt needs no trailer.',
        'S17' => 'Bladed jig without a skirt on a 5 in swimbait: late winter, early spring and fall in grass, watermelon over pearl.',
        'S18' => 'Cold and muddy: rubber in yellow, lime and white.',
        'S19' => 'Swim jig high under cover in dirty water: white or black-blue; low over clear grass: green pumpkin.',
        'S20' => 'Four jigs and four swim jigs cover most days.',
        'S21' => 'The head follows the skirt; in clear water an eye and two tones help.',
        'S22' => 'Early-spring dying shad: white over chartreuse and orange, long tail, no trailer, willow #5 behind a small Colorado.',
        'P1' => 'Ladder school: match in the clearest water, contrast harder as it dirties.',
        'P2' => 'One-tone school: always match, vary only size and translucency; strongest in fall.',
        'P3' => 'Forage-mix school: one family of colour with an odd accent or flake; sunfish in flooded brush.',
        'P4' => 'Keep the skirt and change the trailer: it is most of what shows. White behind a see-through skirt when cloud or wind '
            .'comes.',
        'P5' => 'Stain: two-tone trailer. Clear and sunny: flake or see-through. Cloud: matte.',
        'P6' => 'A bolder trailer can carry a clear-water lure through dirty water.',
        'P7' => 'Low light under docks: white skirt, see-through trailer, gold blade.',
        'T1' => 'Craw: lift, drag and bulk for dirty water and crawfish; a flat belly skips.',
        'T2' => 'Paddle tail: little lift, stays low, some thump.',
        'T3' => 'Fork-tail minnow: slender baitfish, clear water into fall.',
        'T4' => 'Twin-tail grub: a sunfish look with less lift than a craw; on its side the tails flap.',
        'T5' => 'Single-tail grub or ringworm for spinnerbaits: bulk, less speed, action; curl away from the hook bend.',
        'T6' => 'Spinnerbait trailer in cold or dirty water; cold and dirty together a must.',
        'T7' => 'Chunk: the classic jig trailer for cold and pitching.',
        'T8' => 'Cold: 4 to 5 in. Low to mid 60s: a thin 3 in. Fall: 2.5 to 3.5 in, see-through. Else as long as the food.',
        'T9' => 'A wide base keeps a bladed jig upright in timber.',
        'T10' => 'Very stretchy (TPE) plastic melts other soft plastics: its own bag.',
        'T11' => 'Screw-lock keepers hold a trailer through skipping.',
        'Z1' => 'Spinnerbait by depth: to 5 ft 1/4 to 1/2 oz; 10 to 20 ft 1/2 to 5/8; 20 to 40 ft 3/4 to 1-1/2.',
        'Z2' => 'Bladed jig: grass 5/16 to 3/8 oz, wood and rock 3/8 to 1/2, fall shallows 3/8. One school keeps it out of wood.',
        'Z3' => 'Swim jig within a foot of the surface: 5/16 oz.',
        'Z4' => 'Jig on cold rock: 3/8 oz, from 2 ft to 6 or 7 ft.',
        'Z5' => 'Line per handle turn is the gear ratio times π times the spool diameter: about 8:1 keeps a bait up, slower keeps it down.',
        'Z6' => 'Line: 20 lb fluorocarbon for swim jigs and fall bladed jigs, 17 to 25 lb for jigs on rock, 12 to 14 lb for half-ounce '
            .'bladed jigs; mono where stretch helps, braid in mats.',
        'Z7' => 'Rod: about 7 ft 2 in for short accurate casts, about 7 ft 6 in for long ones.',
        'L1' => 'Search with a blade; where one bites, slow down with a jig.',
        'L2' => 'They follow and do not take: change the trailer first, then the blade, then the lure.',
        'L3' => 'Sun in or out: change the blade. Water clearing over days: go natural.',
        'L4' => 'Cold: slow, along the bank, touching rock. Warm fall shallows: fast, best spots only, 3/8 oz.',
        'L5' => 'Fall fish move by the hour; note what worked with its time and light.',
        'L6' => 'Carry few: four colours, two blades each, and trailers to turn them.',
        'H1' => 'Trailer hook on about seven days in ten; off in heavy cover, never on a short arm.',
        'H2' => '1/4 to 1/2 oz: 1/0 or 2/0. From 3/4 oz: 3/0 or 4/0. To the end of the skirt, no further.',
        'H3' => 'It points up like the main hook; a stop or tubing keeps it on and swinging.',
        'A1' => 'Tandem order: bead, clevis with front blade, bead, 1 in spacer, bead, end loop, rear blade on its swivel, close, '
            .'skirt, trailer, hook.',
        'A2' => 'The first bead keeps the clevis from sliding into the bend.',
        'A3' => 'Jigs: skirt on, trim, swap the rubber collar for a small cable tie under the weed guard, trailer to the keeper.',
        'A4' => 'About three built for the price of one bought.',
        'D1' => 'Skirt and trailer: clarity ladder, one tone, or forage mix.',
        'D2' => 'Blade finish: water then sun, water only, sun only, or the two-blade habit.',
        'D3' => 'Dirty-water base: dark, bright or natural.',
        'D4' => 'First lure among shad: as the clarity says, or always chartreuse-white.',
        'D5' => 'Red-orange in spring where crawfish turn, or leave it be.',
        'D6' => 'Bladed jig in wood: heavier and knock, or keep it out.',
        'C1' => 'Hooks, cut wire and blade edges injure.',
        'C2' => 'Lead is poison, and some waters ban it.',
        'C3' => 'Local rules decide on hooks, nights, seasons and moving bait or plants.',
        'C4' => 'Cold water kills fast.',
        'C5' => 'Thunder means off the water.',
        'C6' => 'Markers, paint, glue and hot plastic give off fumes.',
        'C7' => 'Advice is where to start; the fish decide.',
    ];

    /** @return non-empty-string the fact in a sentence */
    public static function text(string $id): string
    {
        return self::ALL[$id] ?? throw new \DomainException("There is no fact $id.");
    }
}
