<?php

declare(strict_types=1);

namespace Tests\app;

use App\Contract\Constraint\ColourOrWord;
use App\Contract\Vocabulary\Dimensions;
use App\Contract\Vocabulary\Vocabulary;
use Kontrast\Inventory\PartKind;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Material\Palette;
use Kontrast\Material\Srgb;
use OpenApi\Attributes\Schema;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Finder\Finder;
use Symfony\Component\PropertyInfo\PropertyInfoExtractorInterface;

/** A word stands in one place: validator, schema, front end and database take it from the enumeration in the core. */
final class VocabularyTest extends ApiTestCase
{
    public function testTheFrontEndHasEveryWordOfEveryEnumeration(): void
    {
        $written = (string) file_get_contents(__DIR__.'/../../web/words/vocabulary.ts');
        self::assertSame((new Vocabulary())->typeScript(), $written, 'Run ./kontrast schema.');
        foreach (Vocabulary::ENUMS as $name => $enum) {
            foreach ($enum::cases() as $case) {
                self::assertStringContainsString('"'.$case->value.'"', $written, $name);
            }
        }
    }

    /** What the front end draws single parts by is what the core measures; a blade of number 5 is larger than one of number 3. */
    public function testTheDimensionsAreTheCoresOwn(): void
    {
        $written = (string) file_get_contents(__DIR__.'/../../web/words/dimensions.ts');
        self::assertSame((new Dimensions())->typeScript(), $written, 'Run ./kontrast schema.');
        self::assertSame(1, preg_match('/^export const BLADE_IN.* = (.*)$/m', $written, $found));
        $blades = json_decode($found[1], true);
        self::assertIsArray($blades);
        foreach (BladeShape::cases() as $shape) {
            self::assertIsArray($blades[$shape->value]);
            [$small, $large] = [$blades[$shape->value][3], $blades[$shape->value][5]];
            self::assertIsArray($small);
            self::assertIsArray($large);
            self::assertGreaterThan($small[0], $large[0]);
            // Longer than wide, which is what they are turned by.
            self::assertGreaterThan($large[1], $large[0]);
        }
    }

    /** Every field of every document that takes an enumeration names all of its words in the published schema, and no other. */
    public function testTheSchemasNameTheWordsOfTheEnumerations(): void
    {
        $properties = self::getContainer()->get(PropertyInfoExtractorInterface::class);
        self::assertInstanceOf(PropertyInfoExtractorInterface::class, $properties);
        $document = new OpenApiDocument();
        $checked = 0;
        foreach (self::documents() as $component => $class) {
            foreach ($properties->getProperties($class) ?? [] as $field) {
                $type = $properties->getTypes($class, $field)[0] ?? null;
                $item = $type?->getCollectionValueTypes()[0] ?? null;
                $enum = $type?->getClassName() ?? $item?->getClassName();
                if (null === $enum || !is_subclass_of($enum, \BackedEnum::class)) {
                    continue;
                }
                $expected = array_map(static fn (\BackedEnum $case): int|string => $case->value, $enum::cases());
                self::assertSame($expected, $document->words($component, $field), "$component.$field");
                ++$checked;
            }
        }
        self::assertGreaterThan(60, $checked);
    }

    /** Every colour word goes into the inventory, through the database, into a judgement and out again. */
    #[DataProvider('colours')]
    public function testEveryColourIsTakenKeptAndJudged(Colour $colour): void
    {
        $added = $this->send('POST', '/api/parts', [['colour' => $colour->value, 'accents' => [$colour->value]] + Samples::skirt()]);
        self::assertSame(201, $this->answered(), $this->said());
        self::assertIsArray($added[0] ?? null);
        self::assertSame($colour->value, $added[0]['colour']);
        $build = ['skirt' => ['colour' => $colour->value] + Samples::skirt()] + Samples::build();
        $bench = $this->send(
            'POST',
            '/api/bench',
            ['reading' => ['lure' => 'jig', 'forage_colours' => [$colour->value]] + Samples::reading(), 'build' => $build],
        );
        self::assertSame(200, $this->answered());
        self::assertIsArray($bench);
        self::assertSame($colour->value, self::textAt($bench, 'build', 'skirt', 'base'));
    }

    /** @return iterable<string, array{Colour}> */
    public static function colours(): iterable
    {
        foreach (Colour::cases() as $colour) {
            yield $colour->value => [$colour];
        }
    }

    public function testEveryWordOfAReadingIsTakenAndKept(): void
    {
        foreach (['lure', 'tint', 'sky', 'wind', 'season', 'cover', 'cover_density', 'run', 'forage', 'bite', 'bass', 'arm'] as $field) {
            foreach (array_filter((new OpenApiDocument())->words('Reading', $field), is_string(...)) as $word) {
                $this->send('PUT', '/api/current-reading', ['reading' => [$field => $word] + Samples::reading()]);
                self::assertSame(204, $this->answered(), "$field $word");
                self::assertSame($word, self::textAt($this->send('GET', '/api/current-reading'), 'reading', $field));
            }
        }
    }

    public function testEveryKindOfPartIsKept(): void
    {
        $fields = [
            'weight_oz' => 0.5, 'lures' => ['jig'], 'shape' => 'willow', 'number' => 3, 'style' => 'craw', 'length_in' => 3,
            'hook' => '2/0',
        ];
        foreach (PartKind::cases() as $kind) {
            $part = ['kind' => $kind->value, 'name' => "A {$kind->value}", 'colour' => 'black'] + $fields;
            $this->send('POST', '/api/parts', [$part]);
            self::assertSame(201, $this->answered(), $kind->value.$this->said());
        }
        self::assertCount(\count(PartKind::cases()), (array) ($this->send('GET', '/api/parts')['parts'] ?? []));
    }

    public function testColoursAreTakenInAnyCaseAndNothingElseIs(): void
    {
        foreach (Colour::cases() as $colour) {
            self::assertTrue(ColourOrWord::allows(strtoupper($colour->value)));
        }
        self::assertTrue(ColourOrWord::allows('#A1b2C3'));
        foreach (['mauve', '#12345', '#1234567', 'black ', '', "black\n"] as $none) {
            self::assertFalse(ColourOrWord::allows($none), $none);
        }
    }

    /** A finish that is painted has the colour of its paint; plain metals have one of their own. */
    public function testEveryFinishHasAColour(): void
    {
        foreach (Finish::cases() as $finish) {
            $hex = Palette::finish($finish);
            self::assertSame($hex, Srgb::hex($hex)->toHex());
            self::assertTrue($finish->isMetal() || Finish::Black === $finish || null !== $finish->paint());
        }
    }

    /** @return iterable<string, class-string> by component */
    private static function documents(): iterable
    {
        $folder = __DIR__.'/../../src/Contract';
        foreach (Finder::create()->files()->name('*Document.php')->in($folder)->sortByName() as $file) {
            $class = 'App\Contract\\'.strtr(substr($file->getRelativePathname(), 0, -4), '/', '\\');
            if (class_exists($class)) {
                $schema = ((new \ReflectionClass($class))->getAttributes(Schema::class)[0] ?? null)?->newInstance();
                if (\is_string($schema?->schema)) {
                    yield $schema->schema => $class;
                }
            }
        }
    }
}
