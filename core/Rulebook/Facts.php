<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/**
 * What builders of these lures know, fact by fact, in this program's words. The ids are what rules, tests and reasons point at.
 * Common practice, no published source. Sections: Y which kind of lure, F forage, W water and light, B blades, S skirts, P pairing,
 * T trailers, Z weight and gear, L on the water, H trailer hook, A building, X which wins, R retrieve, O where, K parts,
 * D disagreements, C cautions.
 */
final class Facts
{
    public const ALL = [
        'Y1' => 'Jig: pitched to a target one can point at (docks, wood, flooded brush, rock), at every clarity; cold rock; deep; very '
            .'clear and calm; after any bite.',
        'Y2' => 'Spinnerbait: dirty and muddy water, wind, low light, night; wood and open water; deep too. Calm, bright and clear suits '
            .'it least.',
        'Y3' => 'Bladed jig: any clarity, best in tinted water with ‹1 to 3 ft|one to three feet› of visibility; shallow, grass '
            .'first; wind; the quick warm-up of late winter; fall shallows; slow along rock at about ‹50 °F›.',
        'Y4' => 'Swim jig: docks, limbs, pads, over grass, shallow; high in dirty water, low in clear.',
        'Y5' => 'The kinds are nearer to each other than one winner and three zeros: where two suit, it is a toss-up.',
        'F1' => 'Two things choose color: what the bass eat and how clear the water is. Light, tint, season, temperature and '
            .'wind then shift the choice.',
        'F2' => 'Shad and other silvery baitfish are whitish to pearl with a gray back and a silver flash: white or pearl skirt, '
            .'silver blade.',
        'F3' => 'Bluegill and other sunfish are green pumpkin with blue, yellow or orange, two or three colors and never one, '
            .'and look golden.',
        'F4' => 'Crawfish are green pumpkin, brown, or a dark shell with lighter pincers: then, in dirty to stained water, a '
            .'black-blue jig with a green pumpkin trailer.',
        'F5' => 'In many waters crawfish turn orange-red when the water first reaches ‹50 °F› in early spring; then red-orange '
            .'works at every clarity, best as a belly or accent under green pumpkin. In the far south they do not turn.',
        'F6' => 'Perch are lime to yellow with orange and dark bars; golden shiners gold with a little orange; crappie and rock '
            .'bass mottled.',
        'F7' => 'Look before you choose: crawfish at the bank, pincers in a throat, the colors of a sunfish just caught. Copy '
            .'them as accents.',
        'F8' => 'Grass holds more sunfish than shad, rock means crawfish, and in fall shad rule nearly everything.',
        'F9' => 'Forage up to ‹3 in› makes a small profile, between ‹3 and 4 in› a regular one, from ‹4 in› a big one. Weight is a '
            .'separate choice.',
        'F10' => 'Water that is fished hard: show them something they have not seen. A lure of your own is one.',
        'F11' => 'Forage is often mixed or unknown: start with a black-blue or green pumpkin jig; blue, green pumpkin, white and '
            .'a little flake pass for shad and sunfish both.',
        'W1' => 'Clarity is the depth at which the lure disappears: over ‹5 ft› very clear, ‹3 to 5 ft› clear, ‹1.5 to 3 ft› stained, '
            .'‹6 to 18 in› dirty, less muddy.',
        'W2' => 'Tint counts beside clarity: green from algae, tea from leaves, tan from clay, or none. Runoff and summer stain '
            .'are different colors.',
        'W3' => 'The clearer the water, the more natural, light and see-through; the dirtier, the more color, opacity and contrast.',
        'W4' => 'Clear water: fish hunt by sight, so do not give them a long look. Dirty water: vibration, flash and sound help '
            .'them find the lure.',
        'W5' => 'A trailer’s shine: stain hides what the sun does, in clear water sun or clouds decide.',
        'W6' => 'A tough, calm, sunny day: no contrast, nothing that stands out.',
        'W7' => 'Wind calls for gold, and so does tint with ‹1 to 3 ft› of visibility; either is enough.',
        'W8' => 'A rise of ‹4 to 6 F°› within days in late winter is a moment of its own: bladed jig, shallow cover in ‹3 to 6 ft› '
            .'next to wintering places.',
        'W9' => 'A claim to test: lime green alone keeps its color at every depth.',
        'W10' => 'Dirtier water lets fish come shallower.',
        'W11' => 'Moments of the year by a water’s own temperature: first ‹50 °F›, a rise of ‹4 to 6 F°› in three days, '
            .'‹60 to 63 °F|the low 60s›, '
            .'back ‹at 50 to 59 °F|into the 50s› in fall.',
        'B1' => 'Colorado blades vibrate most, willow blades flash most, Indiana lies between; a double-thick or deep-cup '
            .'Colorado thumps hardest.',
        'B2' => 'Blade size follows the forage: small #1 to 3, medium #3 to 5, large #5 to 7.',
        'B3' => 'By water: silver in clear, gold in stained and dirty, gold best in early-season runoff.',
        'B4' => 'By sun: mud with sun plain metal, mud under clouds paint; very clear with sun paint, very clear under clouds metal.',
        'B5' => 'Hot painted blades: dirty water; also clear water with schooling fish, smallmouth or spotted bass, wound fast.',
        'B6' => 'Black blades with a black skirt: night, dark storm, opaque brown water, very dark tea; at dawn and dusk the '
            .'runner-up on a spinnerbait.',
        'B7' => 'Two blades for each color: a natural one for calm, bright, tough days, a gold one for wind and for tint with '
            .'‹1.5 to 3 ft›.',
        'B8' => 'Very clear, colorless water with shad: silver. Extremely clear: darken a gold blade with a black permanent marker.',
        'B9' => 'Copper, on bladed jigs: moderate stain with sunfish or crawfish, right behind gold.',
        'B10' => 'Muddy or very stained: a small #2 Colorado in front of a double-thick #5; in mud and sun a gold Indiana behind a '
            .'silver Colorado, with a paddle tail.',
        'B11' => 'A short arm carries one big blade, for slow rolling and dropping.',
        'B12' => 'Sunfish or crawfish water getting dirtier, or dark clouds: a bladed jig’s blade painted green pumpkin, bold and '
            .'dark.',
        'B13' => 'Crawfish that have turned red: a bright orange blade on a bladed jig, at every clarity.',
        'B14' => 'The silver of clear water is shown with baitfish; sunfish, perch and crawfish keep gold or copper there too, '
            .'dull or darkened where it is super clear.',
        'S1' => 'Jig in black and blue: under ‹1.5 ft› of visibility, best at ‹6 to 15 in›, up to about ‹3 ft› in rain and clouds.',
        'S2' => 'Jig in black with a little chartreuse: ‹4 to 12 in›, above all in rain, heavy clouds or wind; the chartreuse is '
            .'an accent.',
        'S3' => 'Jig in plain brown with nothing else: ‹3 to 4 ft› of visibility, both ends included; good around docks.',
        'S4' => 'Jig in brown with orange: ‹2.5 to 4 ft›, water ‹of 50 to 59 °F|in the 50s›, early spring and late fall.',
        'S5' => 'Jig in brown with blue and orange: fall, up to ‹4 ft›.',
        'S6' => 'Brown-orange jig with a solid blue trailer: before spring, ‹45 to 55 °F›, ‹1.5 to 3.5 ft›, rock above all, now and '
            .'then docks and wood.',
        'S7' => 'Jig over ‹5 ft› of visibility: silicone green pumpkin with the same trailer, no accents.',
        'S8' => 'Baitfish in clear water: see-through, scaled or smoke skirts; in dirty water only solid colors.',
        'S9' => 'Shad in dirty water: white or chartreuse-white, the latter ahead with a gold blade.',
        'S10' => 'Sunfish and crawfish: green pumpkin with orange and brown down to about ‹1.5 ft›, then plain green pumpkin, then '
            .'black-blue; a pitched jig goes black-blue, a bladed jig stays green about as well.',
        'S11' => 'Opaque tan runoff: black-blue skirt and black-blue trailer, read as a shadow.',
        'S12' => 'A swim jig is black-blue in tea-colored water, on dark days, in rain, in dirty water and before the spawn; a '
            .'bladed jig in tea of ‹1 to 3 ft› keeps a natural skirt and takes gold.',
        'S13' => 'One school: solid colors and solid split skirts beat busy patterns, and chartreuse-white comes first wherever '
            .'there are shad.',
        'S14' => 'Living rubber flares and moves most, above all in cold water, and is the usual strand of a jig; silicone is for '
            .'very clear water and for lures that are wound in.',
        'S15' => 'Trim the skirt to the hook bend: longer strands keep the water from the trailer, shorter ones flare and pulse.',
        'S16' => 'A long-tail skirt needs no trailer.',
        'S17' => 'Bladed jig without a skirt on a ‹5 in› swimbait: cold water that is warming, shad, grass or other shallow cover; '
            .'watermelon over pearl in grass, the colors of shad elsewhere; not for crawfish, not from the sixties on.',
        'S18' => 'Really cold (‹45 °F› and below) and dirty: a rubber skirt in yellow, lime and white.',
        'S19' => 'Swim jig high under cover in dirty water: white or black-blue; low over clear grass: green pumpkin.',
        'S20' => 'Four jigs and four swim jigs cover most days.',
        'S21' => 'The head follows the skirt; an eye and two tones help in clear water.',
        'S22' => 'Early-spring dying shad: white over a chartreuse and orange belly, long-tail skirt, no trailer, #5 willow '
            .'behind a small Colorado.',
        'S23' => 'Light colors bring numbers; green pumpkin and other dark naturals bring bigger fish, and a big profile keeps '
            .'small ones off.',
        'S25' => 'Chartreuse-white refused in shad water: chartreuse with pearl and barred strands next.',
        'S26' => 'Baitfish in clear water, split: a smoke back over a pearl or see-through belly, on skirts and trailers.',
        'S27' => 'An accent is a puff, not half the skirt: few, a third, or half.',
        'M1' => 'Dull set: the blade painted like the skirt, or black, a plain skirt and a matching trailer; tough, calm, bright '
            .'days.',
        'M2' => 'Dark set: black blade, black skirt, dark trailer, one clear outline; night, storm, opaque brown, very dark tea, '
            .'dirty and dim.',
        'M3' => 'Natural with one flash: natural skirt and trailer, and the blade the only thing that shines; the everyday set.',
        'M4' => 'Bright set: a hot or metal blade with a bright skirt, in dirty water; for schooling fish a hot blade over the '
            .'skirt the clarity asks for.',
        'M5' => 'A green pumpkin blade goes with a green pumpkin skirt, never with a black-blue one; a black blade with black and '
            .'with natural; gold with every skirt.',
        'M6' => 'A hot orange blade on a natural skirt belongs to crawfish that have turned.',
        'P1' => 'Clarity ladder: match in the clearest water, wilder contrast the dirtier it gets.',
        'P2' => 'One tone: always match skirt and trailer, change only opacity and size; strongest in fall. Grubs on '
            .'spinnerbaits match too.',
        'P3' => 'Forage mix: one family of color with an odd accent or flake; for sunfish in flooded brush and dirty water '
            .'before the spawn.',
        'P4' => 'Keep the skirt and change the trailer, which is most of what fish see of a bladed jig: a plain white one when '
            .'clouds or wind come up.',
        'P5' => 'Stain: a two-tone trailer, or plain white in shad water. Clear and sunny: flake or see-through. Cloudy: plain matte.',
        'P6' => 'A bolder trailer can rescue a clear-water lure in dirty water.',
        'P7' => 'Low light under docks: white skirt, see-through trailer, gold blade.',
        'T1' => 'Craw with busy claws: lift and bulk, for dirty water, crawfish, and any swim jig worked high; a flat belly skips.',
        'T2' => 'Paddle tail: less lift, stays low, some vibration.',
        'T3' => 'Slender fork-tail minnow: baitfish, clear to fall; on a fall bladed jig a small slim paddle tail comes before '
            .'it.',
        'T4' => 'Twin flat-tail grub: a sunfish look on a swim jig with less lift than a craw; on its side its tails flap like a '
            .'fish’s, a change-up for shad.',
        'T5' => 'Single-tail grub (‹3, 4, 5 in›) or ringworm for spinnerbaits: bulk, less speed, more action; curl away from the '
            .'hook bend.',
        'T6' => 'Spinnerbait trailer: in cold water, in dirty water; cold and dirty, a must.',
        'T7' => 'Chunk: the classic jig trailer for cold water and pitching; in the cold it comes before the craw, at docks too.',
        'T8' => 'Cold: ‹4 to 5 in›. ‹60 to 65 °F|Low to mid 60s›: a thin ‹3 in›. Fall: ‹2.5 to 3.5 in›, see-through. '
            .'Otherwise as long as the forage.',
        'T9' => 'A wide base keeps a bladed jig from rolling over in timber.',
        'T10' => 'Very stretchy (TPE) plastic melts together with other soft plastics: a bag of its own.',
        'T11' => 'Keepers decide whether a trailer stays: a plain barb lets go, many points hold, a screw lock stands repeated '
            .'skipping.',
        'T12' => 'Muddy spinnerbait: a paddle tail for its vibration, beside grub and ringworm.',
        'T13' => 'Bladed jig in sunfish water: a slender trailer early in the season, a deep-bodied swimbait later, as the young '
            .'grow.',
        'T14' => 'Swim jig for shad: slender ‹3.5 in› before ‹5 in›; a fork-tail in most water, a paddle tail may be tried where it is '
            .'very clear.',
        'Z1' => 'Spinnerbait by depth: to ‹5 ft› ‹1/4 to 1/2 oz›; ‹5 to 10 ft› ‹3/8 to 1/2 oz|3/8 to 1/2›; '
            .'‹10 to 20 ft› ‹1/2 to 5/8 oz|1/2 to 5/8›; ‹20 to 40 ft› 3/4 to '
            .'1-1/2.',
        'Z2' => 'Bladed jig: grass ‹5/16 to 3/8 oz›, wood and rock ‹3/8 to 1/2 oz|3/8 to 1/2›, fall shallows ‹3/8 oz|3/8›. '
            .'One school keeps it out of wood.',
        'Z3' => 'Swim jig within ‹1 ft|a foot› of the surface: ‹5/16 oz›, not ‹1/2 oz|1/2›.',
        'Z4' => 'Jig on cold rock banks: ‹3/8 oz›, from ‹2 ft› down to ‹6 or 7 ft›.',
        'Z5' => 'Line taken per turn is the gear ratio times π times the spool diameter: about 8:1 keeps a lure up, slower keeps '
            .'it down.',
        'Z6' => 'Line: ‹20 lb› fluorocarbon for swim jigs and fall bladed jigs, ‹17 to 25 lb› for jigs on rock, ‹12 to 14 lb› for '
            .'‹1/2 oz|half-ounce› bladed jigs; monofilament in shallow stain, braid in mats.',
        'Z7' => 'Rod: about ‹84 to 87 in|7 ft to 7 ft 3 in› for short accurate casts, '
            .'about ‹90 in|7 ft 6 in› for long casts and winding; heavy for a '
            .'high swim jig, moderate with a fast tip for a bladed jig.',
        'Z8' => 'In cover count on losing half of the day’s bladed jigs: plain ones, and spare heads and trailers.',
        'Z9' => 'Football head deep on rock; a stout hook wants about ‹20 lb› line.',
        'Z10' => 'A compact ‹3/16 oz› frame for a small profile where ‹1/4 oz› is still too big.',
        'L1' => 'Search with a blade; where a fish bites, slow down there with a jig.',
        'L2' => 'They follow but won’t bite: change the trailer first, then the blade, then the lure.',
        'L3' => 'Sun in or out: change the blade. Water clearing over days: go natural.',
        'L4' => 'Cold: slow, along the bank, touching rock. Warm fall shallows: fast, best spots only, ‹3/8 oz›.',
        'L5' => 'Fall fish move by the hour with the shad; note what worked with its time and light.',
        'L6' => 'Carry few: four colors, two blades each, and the trailers to turn them.',
        'L7' => 'Misses or too low: lighter head. No hookup: trailer hook. Pulled off: monofilament. Rolls: wide-based trailer. '
            .'Snags: hook off, heavier cover rig.',
        'L8' => 'Collars split, trailers tear, lures are lost: what is left in the box is part of the record, and what a partner '
            .'caught is evidence too.',
        'L9' => 'Start with what you trust: of two picks that are equal, tie the one you have confidence in.',
        'L10' => 'Fish bunch by kind of bank and by hour: which bank, point, pocket or dock gave the bites is worth as much as the color.',
        'L11' => 'Before the first cast: look at the lure in the water beside you, feel it thump on a short pull, see that it runs '
            .'straight.',
        'H1' => 'Trailer hook on about seven days in ten; off in heavy cover, never on a short arm.',
        'H2' => '‹1/4 to 1/2 oz›: 1/0 or 2/0. From ‹5/8 oz›: 3/0 or 4/0. To the end of the skirt and no further.',
        'H3' => 'It points up like the main hook; a stop or tubing keeps it on and swinging.',
        'H4' => 'The arm that keeps a spinnerbait off snags also shields its hook, so it wants a second one; a short arm does '
            .'not, and needs none.',
        'A1' => 'Tandem order: bead, clevis with front blade, bead, ‹1 in› spacer, bead, end loop, rear blade on its swivel, '
            .'close, skirt, trailer, hook.',
        'A2' => 'The first bead keeps the clevis from sliding into the bend.',
        'A3' => 'Jigs: skirt on, trim, replace the rubber collar with a small cable tie under the weed guard, trailer to the keeper.',
        'A4' => 'About three built for the price of one bought.',
        'A5' => 'Rubber strands tied with wire flare more than banded ones; the front clevis of a tandem is a #2.',
        'A6' => 'A bought lure is a kit: pull its skirt off, thread a swimbait to the keeper, or push another skirt on.',
        'A7' => 'Worn paint on a blade is touched up with a permanent marker.',
        'X1' => 'A band holds at both of its ends and fades outside.',
        'X2' => 'A tough bite without chop outranks every fact about shine: dull blade, nothing bright, no loud accents, above '
            .'‹6 in› of visibility.',
        'X3' => 'Crawfish that have turned red outrank mud, habit and the dark school: red-orange in skirt or trailer, and the '
            .'lure built for crawfish.',
        'X4' => 'What they eat outranks the season’s favorite.',
        'X5' => 'The dirtier, the wilder: under ‹6 in› skirt and trailer are no plain match, unless one-tone or opaque tan.',
        'X6' => 'Never far longer than the forage unless a fact of its own says so.',
        'X7' => 'Fall shad water of ‹2 to 3 ft›: the skirt stays a little see-through, not bright white.',
        'X8' => 'Black body with a trailer of the opposite, loud color: dirty water before the spawn, or sunfish in flooded brush.',
        'X9' => 'A pick is as firm as the votes behind it: firm, usual, or a toss-up with its runner-up.',
        'X10' => 'Very clear, sunny, active schooling fish: hot paint wound fast. Otherwise shad in very clear water keep silver, '
            .'and wind changes the trailer.',
        'X11' => 'Of two facts that both hold, the one that names more conditions wins; of two bands that meet, the one that '
            .'names the number.',
        'X12' => 'A long-tail skirt goes without a trailer unless the water is cold and dirty; cold and muddy spinnerbaits wear '
            .'rubber.',
        'X13' => 'Opaque brown by day: metal in sun; under clouds paint for shad, black or painted dark for sunfish and crawfish.',
        'X14' => 'Cold means ‹55 °F› and below; under it slow beats fast, fall or not.',
        'R1' => 'Swim jig high under docks and limbs: rod shaken on a fast reel, '
            .'within ‹1 ft|a foot› of the surface, light head, busy craw.',
        'R2' => 'Swim jig low over grass: slow and steady on a slower reel, heavier head, less busy tail.',
        'R3' => 'Bladed jig in grass: ride the tops, hang, rip free.',
        'R4' => 'Blades on wood and rock: slow along the edge, let it knock; wide-based trailer, heavier head.',
        'R5' => 'Hot blades for schooling fish: fast and high. Fall shallows: fast, good spots only.',
        'R6' => 'Short arm: slow rolled, or dropped on a tight line.',
        'R7' => 'Jig on cold rock: pitched ‹30 to 50 ft›, put in at ‹2 ft› and worked down to ‹6 or 7 ft›.',
        'R8' => 'Cold water: slow; a trailer slows a spinnerbait further.',
        'R9' => 'Search with a blade first; where one bites, follow up with a jig on the same spot.',
        'O1' => 'Late winter, warming: shallow cover of ‹3 to 6 ft› next to wintering places.',
        'O2' => 'Before the spawn: steep rock, bluffs, channel banks, riprap; along the bank.',
        'O3' => 'Fall: creeks from two thirds back, pockets, marinas; it changes by the hour with the shad.',
        'O4' => 'Fall in grass lakes: feast or famine; keep moving until bait is found.',
        'O5' => 'Cast past the target, along the cover; short accurate casts to docks.',
        'K1' => 'Colors are mixed among the strands or split, a back over a belly; skirts and trailers both.',
        'K2' => 'Keepers: plain barb, many-pointed barb, screw lock. Rigs: upright, on its side, curl away. Bellies: flat skips, '
            .'wide keeps upright.',
        'K3' => 'More colors: hot pink, see-through pale blue, maroon, barred or scaled strands.',
        'K4' => 'Heads: one color or two-tone, with an eye or without.',
        'K5' => 'Green pumpkin with gold and a little maroon: panfish in off-color water.',
        'D1' => 'Skirt and trailer: clarity ladder, one tone, or forage mix.',
        'D2' => 'Blade finish: water then sun, water only, sun only, or the two-blade habit.',
        'D3' => 'Dirty-water base, asked of each kind of lure: dark, bright or natural. Usual: jigs dark; a bladed jig bright for '
            .'shad, natural for sunfish, dark for crawfish; a spinnerbait bright by day, dark where it is dim.',
        'D4' => 'First lure in shad water: as the clarity says, or always chartreuse-white.',
        'D5' => 'Red-orange in spring where crawfish turn, or leave it.',
        'D6' => 'Bladed jig in wood: heavier and knock, or keep it out.',
        'D7' => 'Trailer in stained shad water: as sun and cloud say, plain white or pearl, two-tone, or the skirt’s own color.',
        'D8' => 'Strands in clear water: scaled, barred or see-through, or solid only.',
        'D9' => 'Line in shallow stain: fluorocarbon, or monofilament on a stiff rod.',
        'D11' => 'Warming grass and shad: without a skirt, or with one.',
        'D12' => 'A jig’s strands: living rubber, or rubber only when cold.',
        'D13' => 'A jig at ‹4 to 5 ft› of visibility: brown or green pumpkin, a toss-up, unless one of them is a habit.',
        'D14' => 'Trailer on a spinnerbait: when cold or dirty, or a long tail and none.',
        'C1' => 'Hooks, cut wire and blade edges injure.',
        'C2' => 'Lead is poisonous, and some waters ban it.',
        'C3' => 'Local rules decide on hooks, nights, seasons and moving bait or plants.',
        'C4' => 'Cold water kills fast.',
        'C5' => 'Thunder means off the water.',
        'C6' => 'Markers, paint, glue and hot plastic give off fumes.',
        'C7' => 'Advice is a starting point; the fish decide.',
    ];

    /** @return non-empty-string the fact in a sentence */
    public static function text(string $id): string
    {
        return self::ALL[$id] ?? throw new \DomainException("There is no fact $id.");
    }
}
