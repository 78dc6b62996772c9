<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Profile;
use Kontrast\Lure\SkirtForm;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Strands;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\JigStrandsSchool;
use Kontrast\Reading\Season;
use Kontrast\Reading\SpinnerbaitTrailerSchool;
use Kontrast\Reading\StrandsSchool;
use Kontrast\Reading\WarmingGrassSchool;
use Kontrast\Rulebook\Part\Skirt;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\all;
use function Kontrast\Rulebook\any;
use function Kontrast\Rulebook\beforeTheSpawn;
use function Kontrast\Rulebook\cold;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\depth;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\forageLength;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\muddy;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\surface;
use function Kontrast\Rulebook\trend;
use function Kontrast\Rulebook\trendUnknown;
use function Kontrast\Rulebook\veryClear;
use function Kontrast\Rulebook\visibility;

/** Whether there is a skirt, how it is cut, what it is made of and whether light comes through it. */
final class SkirtMakeRules
{
    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield from self::form();
        yield from self::opacity();
        yield from self::material();
        yield from self::strands();
    }

    /** @return \Generator<int, Rule> */
    private static function form(): \Generator
    {
        yield rule('S15')
            ->pick(Skirt::form(SkirtForm::Trimmed))
            ->because('Trim at the hook bend: longer strands block the water from the trailer, shorter ones flare and pulse.');

        // Never for crawfish or sunfish alone (X4), and not once the water is in the 60s (T8).
        $bare = static fn (string $id): Rule => rule($id)->with('W8', 'X4')->for(LureKind::BladedJig)
            ->when(forage(Forage::Shad), surface()->under(60)->sharp());

        yield $bare('S17')->with('D11')->school(WarmingGrassSchool::Skirtless)->special()
            ->when(beforeTheSpawn(), cover(Cover::Grass), any(trend()->over(0)->sharp(), trendUnknown()))
            ->pick(Skirt::form(SkirtForm::None))
            ->because('Cold water warming over grass: a ‹5 in|five-inch› swimbait without a skirt has less drag and looks '
                .'like a bigger meal.');

        yield $bare('S17.shallow')->special()
            ->when(beforeTheSpawn(), not(cover(Cover::Open, Cover::Grass)), trend()->atLeast(4), depth()->between(feet(3), feet(6)))
            ->pick(Skirt::form(SkirtForm::None))
            ->because('Cold water warming fast over shallow cover: a ‹5 in|five-inch› swimbait without a skirt looks like a bigger meal.');

        yield $bare('S17.fall')->with('X6')->special()
            ->when(season(Season::Fall), cover(Cover::Grass), forageLength()->atLeast(inches(4.5)))
            ->pick(Skirt::form(SkirtForm::None))
            ->because('Fall grass and shad as long as the swimbait: going without a skirt works sometimes.');

        yield rule('D14.long_tail')->with('S16')->for(LureKind::Spinnerbait)->school(SpinnerbaitTrailerSchool::LongTail)->special()
            ->pick(Skirt::form(SkirtForm::LongTail))
            ->because('You fish a spinnerbait with a long tail in place of a trailer.');

        yield rule('S22.form')->with('S16')->for(LureKind::Spinnerbait)->special()
            ->when(forage(Forage::Shad), beforeTheSpawn(), settled(Slot::Profile, Profile::Big), visibility()->atLeast(inches(9)))
            ->pick(Skirt::form(SkirtForm::LongTail))
            ->because('Big shad: a long-tail skirt has the length without a trailer.');
    }

    /** @return \Generator<int, Rule> */
    private static function opacity(): \Generator
    {
        yield rule('S8.translucent')->with('W3')
            ->when(visibility()->atLeast(feet(3)), forage(Forage::Shad, Forage::Crappie, Forage::GoldenShiner))
            ->pick(Skirt::any()->opacity(Opacity::Translucent))
            ->because('Clear water: baitfish let light through, and fish can see that.');

        yield rule('W3.translucent')
            ->when(veryClear())
            ->pick(Skirt::any()->opacity(Opacity::Translucent))
            ->because('Very clear water: light and see-through.');

        yield rule('W3.opaque')->with('S8')
            ->when(visibility()->under(feet(3)))
            ->pick(Skirt::any()->opacity(Opacity::Opaque))
            ->because('Less than ‹3 ft|three feet› of visibility: see-through strands disappear, solid ones do not.');

        yield rule('house.opacity')->fallback()
            ->pick(Skirt::any()->opacity(Opacity::Opaque))
            ->because('Solid strands (a default of this program).');

        yield rule('house.dark_strands')->deciding()
            ->when(settled(Slot::SkirtBase, Colour::Black, Colour::Brown))
            ->pick(Skirt::any()->opacity(Opacity::Opaque))
            ->because('A dark skirt works by blocking light.');

        yield rule('W3.solid')->with('S8')->deciding()
            ->when(visibility()->under(feet(1.5))->sharp())
            ->pick(Skirt::any()->opacity(Opacity::Opaque))
            ->because('Dirty water: solid strands only.');
    }

    /** @return \Generator<int, Rule> */
    private static function material(): \Generator
    {
        yield rule('S14')->with('D12')->for(LureKind::Jig)->school(JigStrandsSchool::Rubber)
            ->pick(Skirt::any()->material(SkirtMaterial::LivingRubber))
            ->because('Living rubber flares and moves the most, and is the usual skirt for a jig.');

        yield rule('D12.silicone')->for(LureKind::Jig)->school(JigStrandsSchool::Silicone)->when(not(cold()))
            ->pick(Skirt::any()->material(SkirtMaterial::Silicone))
            ->because('Water that is not cold: you tie jigs in silicone then.');

        yield rule('S14.cold')->for(LureKind::Jig)
            ->when(cold())
            ->pick(Skirt::any()->material(SkirtMaterial::LivingRubber))
            ->because('Cold water: living rubber keeps flaring and moving.');

        yield rule('S14.clear')->with('S7')->special()
            ->when(veryClear())
            ->pick(Skirt::any()->material(SkirtMaterial::Silicone))
            ->because('Very clear water: fine silicone.');

        yield rule('S14.wound')->for(LureKind::SwimJig, LureKind::Spinnerbait, LureKind::BladedJig)
            ->pick(Skirt::any()->material(SkirtMaterial::Silicone))
            ->because('Silicone is the usual skirt for a lure you reel in.');

        yield rule('house.patterned')->special()
            ->when(settled(Slot::SkirtOpacity, Opacity::Translucent))
            ->pick(Skirt::any()->material(SkirtMaterial::Silicone))
            ->because('See-through strands come only in silicone.');

        yield rule('S18.material')->with('X12')->for(LureKind::Spinnerbait)->special()
            ->when(any(all(muddy(), cold()), all(visibility()->under(feet(1.5)), surface()->atMost(45))))
            ->pick(Skirt::any()->material(SkirtMaterial::LivingRubber))
            ->because('Cold and muddy, or really cold and dirty: rubber, on a spinnerbait too.');
    }

    /** @return \Generator<int, Rule> */
    private static function strands(): \Generator
    {
        yield rule('S13.solid')
            ->pick(Skirt::any()->strands(Strands::Solid))
            ->because('Solid colors or solid split skirts beat busy patterns.');

        yield rule('S8.scaled')->with('K3', 'D8')->school(StrandsSchool::AsClarity)->special()
            ->when(
                visibility()->atLeast(feet(3)),
                forage(Forage::Shad, Forage::GoldenShiner),
                settled(Slot::SkirtMaterial, SkirtMaterial::Silicone),
            )
            ->pick(Skirt::any()->strands(Strands::Scaled))
            ->because('Baitfish in clear water: a scale pattern.');

        yield rule('F6.barred')->with('K3', 'D8')->school(StrandsSchool::AsClarity)->special()
            ->when(
                visibility()->atLeast(feet(1.5)),
                forage(Forage::Perch, Forage::Crappie),
                settled(Slot::SkirtMaterial, SkirtMaterial::Silicone),
            )
            ->pick(Skirt::any()->strands(Strands::Barred))
            ->because('Perch and crappie carry dark bars: barred strands.');
    }
}
