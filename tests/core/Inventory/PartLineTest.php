<?php

declare(strict_types=1);

namespace Tests\core\Inventory;

use Kontrast\Inventory\PartLine;
use Kontrast\Inventory\PartLineReader;
use Kontrast\Inventory\PartList;
use Kontrast\Inventory\StarterSet;
use Kontrast\Inventory\UnclearPartLine;
use Kontrast\Inventory\Words\ColourPattern;
use Kontrast\Inventory\Words\Gloss;
use Kontrast\Inventory\Words\Lexicon;
use Kontrast\Inventory\Words\LineText;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\Colour;
use Kontrast\Measure\Said;
use Kontrast\Measure\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Parts written as one would on a list, and the sets to start with. */
final class PartLineTest extends TestCase
{
    /** So many lines and more are read as they are meant; the others say what was not understood. */
    private const LEAST_LINES = 300;
    /** Traits that nothing may be made of where the line does not say them. */
    private const SAID_ONLY = [
        'base', 'accents', 'belly', 'metal', 'opacity', 'surface', 'strands', 'trim', 'arm', 'form', 'keeper', 'cost', 'plastic',
        'belly_shape',
    ];

    #[DataProvider('lines')]
    public function testALineIsReadAsItIsMeantOrSaysWhatWasNotUnderstood(string $line, string $heading, string $meant): void
    {
        try {
            $part = PartLineReader::read($line, null, $heading);
        } catch (UnclearPartLine $unclear) {
            self::assertSame('?', $meant, $unclear->getMessage());

            return;
        }
        self::assertSame(LineText::tidy($line), implode('', array_map(static fn (Gloss $one): string => $one->text, $part->glosses)));
        if (str_starts_with($meant, '?')) {
            self::assertTrue([] !== $part->unknown || null === $part->base, 'It is told.');

            return;
        }
        [$kind, $count] = explode(' ', $meant);
        parse_str(str_replace([' ', '+'], ['&', '%2B'], $meant), $traits);
        $read = self::traits($part);
        self::assertSame([$kind, (int) $count, []], [$part->kind->value, $part->count, $part->unknown]);
        foreach (array_intersect_key($traits, $read) as $trait => $value) {
            self::assertSame($value, $read[$trait], $trait);
        }
        // A number that its heading says stands over the heading.
        foreach ('' === $heading ? self::numbersIn($part) : [] as $trait => $says) {
            self::assertContains($says, self::meanings($part), "What is read as $trait says so.");
        }
        $made = array_intersect_key($read, array_flip(self::SAID_ONLY));
        self::assertSame([], array_keys(array_diff_key($made, $traits, array_flip(array_keys($read, '', true)))));
    }

    /** @return iterable<string, array{string, string, string}> line, heading over it, and what is meant */
    public static function lines(): iterable
    {
        foreach ((array) file(__DIR__.'/part-lines.tsv', \FILE_IGNORE_NEW_LINES) as $row) {
            $row = (string) $row;
            if (str_contains($row, "\t") && !str_starts_with($row, '# ')) {
                [$line, $meant] = explode("\t", $row);
                [$heading, $text] = str_contains($line, '>>') ? array_map(trim(...), explode('>>', $line)) : ['', $line];
                yield $line => [$text, $heading, $meant];
            }
        }
    }

    public function testACountMayBeAWord(): void
    {
        $words = array_combine(range(1, 12), explode(' ', 'one two three four five six seven eight nine ten eleven twelve'));
        foreach ($words + [15 => 'fifteen', 20 => 'twenty'] as $count => $word) {
            self::assertSame($count, PartLineReader::read("$word black craws, 3 in", null, '')->count, $word);
        }
    }

    #[TestWith(['half a dozen black craws', 6])]
    #[TestWith(['a dozen black craws', 12])]
    #[TestWith(['two dozen black craws', 24])]
    #[TestWith(['3 dozen black craws', 36])]
    #[TestWith(['a pair of black craws', 2])]
    #[TestWith(['2 packs of 8 black craws', 16])]
    #[TestWith(['3 packs (10) black craws', 30])]
    #[TestWith(['black craws 8pk x 3', 24])]
    #[TestWith(['black craws, pack of 8', 8])]
    #[TestWith(['12 black 40-strand skirts', 12])]
    #[TestWith(['100000 black craws', 100_000])]
    public function testACountIsSaidInManyWays(string $line, int $count): void
    {
        $part = PartLineReader::read($line, null, '');
        self::assertSame([$count, []], [$part->count, $part->unknown]);
    }

    /** A price for a pack is not one for each part in it, and where nobody says how many are in it, it tells nothing of one. */
    #[TestWith(['8 black craws $0.62 each', 0.62, '$0.62 each'])]
    #[TestWith(['8 black craws $1.25', 1.25, '$1.25 each'])]
    #[TestWith(['8 black craws 62 cents', 0.62, '$0.62 each'])]
    #[TestWith(['black craws, pack of 8, $4.99', 0.62, '$4.99 a pack'])]
    #[TestWith(['black craws, pack of 8, $4.99 a pack', 0.62, '$4.99 a pack'])]
    #[TestWith(['2 packs of 8 black craws $4.99', 0.62, '$4.99 a pack'])]
    #[TestWith(['2 packs of 8 black craws $0.60 each', 0.60, '$0.60 each'])]
    #[TestWith(['8 black craws $4.99 a pack', null, '$4.99 a pack, of how many is not said'])]
    public function testAPriceIsOfOneOrOfAPack(string $line, ?float $cost, string $says): void
    {
        $part = PartLineReader::read($line, null, '');
        self::assertSame($cost, $part->cost);
        self::assertContains($says, self::meanings($part));
    }

    /** What a line leaves open is what most are. Common practice, no source. */
    public function testWhatIsNotSaidIsTheUsual(): void
    {
        self::assertSame(3.5, PartLineReader::read('black craw', null, '')->length?->inInches());
        self::assertSame('3/8 oz', PartLineReader::read('black jig head', null, '')->weight?->label());
        self::assertSame(4, PartLineReader::read('gold willow blade', null, '')->number);
        self::assertSame(1, PartLineReader::read('black craw', null, '')->count);
    }

    /** Whole and broken, in inches or not. */
    #[TestWith(['1 1/2 oz spinnerbait head, black', 1.5, null])]
    #[TestWith(['1-1/4 oz jig head, black', 1.25, null])]
    #[TestWith(['4 oz jig head, black', 4.0, null])]
    #[TestWith(['14 g jig head, black', 0.494, null])]
    #[TestWith(['black craw, 3 3/4 in', null, 3.75])]
    #[TestWith(['black craw, 3-1/2"', null, 3.5])]
    #[TestWith(['black craw 12 in', null, 12.0])]
    #[TestWith(['black craw 90 mm', null, 3.543])]
    #[TestWith(['black craw 9 cm', null, 3.543])]
    public function testAMeasureIsReadAsItIsWritten(string $line, ?float $ounces, ?float $inches): void
    {
        $part = PartLineReader::read($line, null, '');
        self::assertSame([], $part->unknown);
        self::assertEqualsWithDelta($ounces ?? $inches, null === $ounces ? $part->length?->inInches() : $part->weight?->inOunces(), 0.001);
    }

    /** One letter may be wrong in a word of five, two in one of eight; the first never is, and a short word is what it is. */
    #[TestWith(['blakc', Colour::Black])]
    #[TestWith(['bluck', Colour::Black])]
    #[TestWith(['wihte', Colour::White])]
    #[TestWith(['chartruse', Colour::Chartreuse])]
    #[TestWith(['chatruse', Colour::Chartreuse])]
    #[TestWith(['bluckk', null])]
    #[TestWith(['bown', null])]
    #[TestWith(['blck', null])]
    #[TestWith(['shartreuse', null])]
    #[TestWith(['chrtruze', null])]
    public function testAWordMayBeMisspelled(string $word, ?Colour $meant): void
    {
        $part = PartLineReader::read("12 $word craws, 3 in", null, '');
        self::assertSame([$meant, null === $meant ? [$word] : []], [$part->base, $part->unknown]);
    }

    public function testTheLinesAreMany(): void
    {
        self::assertGreaterThanOrEqual(self::LEAST_LINES, \count(iterator_to_array(self::lines())));
    }

    public function testAColorIsNeverAssumed(): void
    {
        foreach (['a trailer', 'okie craw', 'skirt x3', 'jig head 3/8 oz', 'willow blade #4'] as $line) {
            $part = PartLineReader::read($line);
            self::assertNull($part->base, $line);
            self::assertNull($part->metal, $line);
            self::assertSame([], array_intersect($part->assumed, ['black', 'gold']));
        }
        self::assertSame(['okie'], PartLineReader::read('okie craw')->unknown);
    }

    /** A name is made of what the part is: "2 3/8 oz" in front of it would read as two and three eighths. */
    #[DataProvider('names')]
    public function testANameSaysWhatThePartIs(string $line, string $name): void
    {
        self::assertSame($name, self::nameOf(PartLineReader::read($line)));
    }

    /** @return iterable<array{string, string}> */
    public static function names(): iterable
    {
        yield ['2 3/8 oz bladed jig head green pumpkin', '3/8 oz bladed jig head, green pumpkin'];
        yield ['nickel hex blade #4 x2', '#4 bladed jig blade, silver'];
        yield ['12 GP craws 3.5"', '3.5 in craw, green pumpkin'];
        yield ['firetiger skirt 3', 'Barred skirt, fire tiger'];
        yield ['brn w/ org rubber skirt', 'Living rubber skirt, brown with orange'];
        yield ['blk/blu skirt', 'Skirt, black-blue'];
        yield ['darkened gold colorado #3', '#3 Colorado blade, darkened gold'];
        yield ['smoke back pearl belly swimbait 5"', '5 in paddle-tail swimbait, smoke over pearl'];
    }

    public function testANameOfOnesOwnIsRead(): void
    {
        $own = new Lexicon([new ColourPattern('Okie', [Colour::GreenPumpkin, Colour::Chartreuse])]);
        $part = PartLineReader::read('6 okie craws 3.5"', $own);
        self::assertSame([Colour::GreenPumpkin, [Colour::Chartreuse], []], [$part->base, $part->accents, $part->unknown]);
        self::assertSame('3.5 in craw, Okie', self::nameOf($part));
    }

    /** A number as a key of an array is no text any more: one name with a number in it took every list with an unknown word down. */
    public function testANameOfOnesOwnMayHaveNumbersInIt(): void
    {
        $own = new Lexicon([
            new ColourPattern('okie 2', [Colour::GreenPumpkin, Colour::Chartreuse]),
            new ColourPattern('1977', [Colour::Red]),
        ]);
        self::assertSame(Colour::GreenPumpkin, PartLineReader::read('okie 2 skirts', $own)->base);
        // At the front of a line a number stays how many there are.
        self::assertSame(1977, PartLineReader::read('1977 skirts', $own)->count);
        $line = PartLineReader::read('blackk skirt wobbly', $own);
        self::assertSame(Colour::Black, $line->base);
        self::assertSame(['wobbly'], $line->unknown);
    }

    public function testALineThatSaysAPartIsNoHeading(): void
    {
        foreach (['#4 gold willow blade', 'BLACK SKIRTS: 7', '- 4 white skirts', 'gp craws', '3/8 oz jig heads', 'skirt, white'] as $line) {
            self::assertSame([['line' => 1, 'text' => $line, 'heading' => '']], PartList::split($line, new Lexicon()));
        }
    }

    /**
     * A heading names kinds of parts; written as one it may say how large they are and in what color, but nothing that nobody knows.
     */
    #[TestWith(['SKIRTS'])]
    #[TestWith(['My skirts'])]
    #[TestWith(['Trailer hooks'])]
    #[TestWith(['willow blades'])]
    #[TestWith(['-- trailers --', 'trailers'])]
    #[TestWith(['# heads', 'heads'])]
    #[TestWith(['Skirt:', 'Skirt'])]
    #[TestWith(['3/8 oz jig heads:', '3/8 oz jig heads'])]
    #[TestWith(['4 inch paddle tails:', '4 inch paddle tails'])]
    #[TestWith(['Green pumpkin craws:', 'Green pumpkin craws'])]
    #[TestWith(['Green pumpkin:', 'Green pumpkin'])]
    #[TestWith(['For my jigs:', 'For my jigs'])]
    #[TestWith(['my swim jig heads'])]
    #[TestWith(['all of my swim jig heads:', 'all of my swim jig heads'])]
    #[TestWith(['all of my jig heads', ''])]
    #[TestWith(['skirt', ''])]
    #[TestWith(['black skirts', ''])]
    #[TestWith(['gold willow blades', ''])]
    #[TestWith(['heads 3', ''])]
    #[TestWith(['Wobbly heads:', ''])]
    #[TestWith(['Odd things:', ''])]
    #[TestWith(['Red box:', ''])]
    #[TestWith(['oz:', ''])]
    #[TestWith(['7:', ''])]
    public function testWhatAHeadingIs(string $line, ?string $heading = null): void
    {
        $below = array_column(PartList::split("$line\nblack", new Lexicon()), 'heading', 'text')['black'];
        self::assertSame($heading ?? $line, $below);
    }

    public function testAHeadingHoldsForTheLinesBelowIt(): void
    {
        $list = "SKIRTS\nblk/blu x3\n2 white\n\nTrailers:\n12 gp craw 3.5\"\n== Bladed jig heads ==\n3/8 white\n\n"
            .'Blades: gold willow #4, 2 nickel hex #4';
        $read = [];
        foreach (PartList::split($list, new Lexicon()) as ['line' => $line, 'text' => $text, 'heading' => $heading]) {
            $read[] = [$line, self::nameOf(PartLineReader::read($text, null, $heading))];
        }
        self::assertSame([
            [2, 'Skirt, black-blue'], [3, 'Skirt, white'], [6, '3.5 in craw, green pumpkin'], [8, '3/8 oz bladed jig head, white'],
            [10, '#4 willow blade, gold'], [10, '#4 bladed jig blade, silver'],
        ], $read);
    }

    /** @return list<string|null> what stands over each stretch of the line */
    private static function meanings(PartLine $part): array
    {
        return array_map(static fn (Gloss $one): ?string => $one->means, $part->glosses);
    }

    /** As it is said in the trade's units. */
    private static function nameOf(PartLine $part): string
    {
        return Said::in($part->name(), Units::Us);
    }

    /** @return array<string, string> */
    private static function traits(PartLine $part): array
    {
        $words = static fn (array $some): string => implode('+', array_map(
            static fn (mixed $one): string => $one instanceof \BackedEnum ? (string) $one->value : '',
            $some,
        ));

        return [
            'lures' => $words($part->lures), 'base' => $words([$part->base]), 'accents' => $words($part->accents),
            'belly' => $words($part->belly), 'metal' => $words([$part->metal]), 'shape' => $words([$part->shape]),
            'number' => (string) $part->number, 'style' => $words([$part->style]), 'material' => $words([$part->skirtMaterial]),
            'strands' => $words([$part->strands]), 'opacity' => $words([$part->opacity]), 'surface' => $words([$part->surface]),
            'hook' => (string) $part->hook?->label(), 'cost' => (string) $part->cost, 'form' => $words([$part->form]),
            'keeper' => $words([$part->keeper]), 'trim' => $words([$part->trim]), 'share' => $words([$part->accentShare]),
            'arm' => $words([$part->arm]), 'weight' => null === $part->weight ? '' : (string) round($part->weight->inOunces(), 4),
            'length' => null === $part->length ? '' : (string) round($part->length->inInches(), 3), 'eye' => $part->eye ? '1' : '',
            'darkened' => $part->darkened ? '1' : '', 'belly_shape' => $words([$part->bellyShape]), 'plastic' => $words([$part->plastic]),
            'size' => str_replace([' in', '"'], '', $part->size),
        ];
    }

    /** @return array<string, string> what stands over each number of a line that was understood */
    private static function numbersIn(PartLine $part): array
    {
        return array_filter([
            'count' => 1 < $part->count ? "$part->count of them" : null,
            'length' => $part->length?->said(),
            'weight' => $part->weight?->said(),
            'number' => null === $part->number ? null : "#$part->number",
            'hook' => $part->hook?->label(),
        ], \is_string(...));
    }

    /** @return iterable<string, array{string, string}> */
    public static function unclear(): iterable
    {
        yield 'no part at all' => ['something odd', 'Say what it is'];
        yield 'nothing of it' => ['0 black craws', 'count'];
        yield 'a million' => ['1000000 black craws', 'count'];
        yield 'a yard of plastic' => ['black craw 36 in', 'length'];
        yield 'more than any' => ['4.1 oz jig head', 'weight'];
        yield 'an anvil' => ['99 oz jig head', 'weight'];
        yield 'a blade of no size' => ['gold willow #9', 'size number'];
        yield 'a hook of no size' => ['9/0 trailer hook', 'hook size'];
    }

    #[DataProvider('unclear')]
    public function testWhatCannotBeReadIsToldInASentence(string $line, string $says): void
    {
        $this->expectException(UnclearPartLine::class);
        $this->expectExceptionMessage($says);
        PartLineReader::read($line);
    }

    /** Common practice, no source (S20): four jigs and four swim jigs cover most days. */
    public function testTheStarterSetsAreTheStandingLures(): void
    {
        self::assertSame(
            ['black+blue/blue', 'black+blue/green_pumpkin', 'green_pumpkin/green_pumpkin', 'brown+green_pumpkin/green_pumpkin'],
            self::colours(StarterSet::Jigs),
        );
        self::assertCount(4, StarterSet::SwimJigs->builds());
        // The weight that everybody begins with.
        foreach (StarterSet::cases() as $set) {
            foreach ($set->builds() as $build) {
                self::assertSame('3/8 oz', $build->head->weight->label(), $set->value);
            }
        }
    }

    /**
     * Common practice, no source (B7, B10): two blades a bladed jig; a small Colorado before a deep #5, and Indiana gold with Colorado
     * silver.
     */
    public function testTheBladesOfTheStarterSetsAreTheStandingOnes(): void
    {
        $finishes = [];
        foreach (StarterSet::BladedJigs->builds() as $build) {
            $finishes[$build->skirt->base->value ?? ''][] = $build->blades[0]->finish->isMetal();
        }
        foreach ($finishes as $both) {
            self::assertSame([false, true], $both);
        }
        [$muddy, $standing] = StarterSet::Spinnerbaits->builds();
        self::assertSame([2, BladeShape::DeepColorado, 5], [
            $muddy->frontBlade()?->size->number, $muddy->rearBlade()?->shape, $muddy->rearBlade()?->size->number,
        ]);
        self::assertSame(['silver', 'gold', BladeShape::Indiana], [
            $standing->frontBlade()?->finish->value, $standing->rearBlade()?->finish->value, $standing->rearBlade()?->shape,
        ]);
    }

    public function testEveryPartOfASetIsCountedAsOftenAsItsBuildsUseIt(): void
    {
        foreach (StarterSet::cases() as $set) {
            $skirts = array_sum(array_map(
                static fn (array $one): int => str_ends_with($one['part']->name, 'skirt') ? $one['count'] : 0,
                $set->parts(),
            ));
            self::assertSame(StarterSet::BladedJigs === $set ? 2 : \count($set->builds()), $skirts, $set->value);
        }
    }

    /** @return list<string> skirt and trailer of each build */
    private static function colours(StarterSet $set): array
    {
        $said = [];
        foreach ($set->builds() as $build) {
            $colours = [$build->skirt->base ?? Colour::Red, ...$build->skirt->accents ?? []];
            $skirt = array_map(static fn (Colour $one): string => $one->value, $colours);
            $said[] = implode('+', $skirt).'/'.($build->trailer->base->value ?? '');
        }

        return $said;
    }
}
