<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Lure\Arm;
use Kontrast\Lure\BellyShape;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\Colour;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Strands;
use Kontrast\Lure\Surface;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Material\Metal;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;

/** Reads a part from a line of text such as "12 green pumpkin craw 3.5 in": numbers by their units, the rest by the words it knows. */
final class PartLineReader
{
    private const NUMBER = '(\d+)[- ](\d+)\/(\d+)|(\d+)\/(\d+)|(\d*\.?\d+)';
    private const OUNCES_PER_GRAM = 1 / 28.349523125;
    /** What is taken where a line does not say it. (Chosen: the most common ones.) */
    private const USUAL_OUNCES = 0.375;
    private const USUAL_INCHES = 3.5;
    private const USUAL_NUMBER = 4;
    private const USUAL_AUGHT = 2;
    /** "4 1/2 oz" is four heads of half an ounce, "1 1/2 oz" is one of an ounce and a half: none are heavier. */
    private const MOST_WHOLE_OUNCES = 1;

    /** @var list<string> */
    private array $assumed = [];

    private function __construct(private string $rest)
    {
    }

    /** @throws UnclearPartLine where no part can be told from the line */
    public static function read(string $line): PartLine
    {
        return (new self(self::tidied($line)))->part(trim($line));
    }

    private function part(string $line): PartLine
    {
        $weight = $this->weight();
        $length = $this->length();
        $hook = $this->take('/(?<![\d\/])([1-9])\/0\b/');
        $number = $this->take('/#\s?(\d+)\b/');
        $cost = $this->take('/\$\s?(\d+(?:\.\d{1,2})?)|\b(\d+(?:\.\d{1,2})?) each\b/');
        $count = (int) ($this->take('/^(\d+)(?: ?x\b| pcs\b| pieces\b)?(?= |$)|\bx ?(\d+)\b|\b(\d+) ?x\b|(?<= )(\d+)$/') ?? 1);
        if ($count < 1 || $count > PartBounds::MOST_COUNT) {
            throw UnclearPartLine::tooMany(PartBounds::MOST_COUNT);
        }
        $said = PartWords::in($this->rest);
        $kind = self::kind($said, null !== $weight, null !== $hook);
        $asWritten = new PartLine($kind, self::name($line), $count, null === $cost ? null : (float) $cost, ignored: $said->unknown);

        return match ($kind) {
            PartKind::Head => $this->head($asWritten, $said, $weight, $hook),
            PartKind::Blade => $this->blade($asWritten, $said, $number),
            PartKind::Skirt => $this->skirt($asWritten, $said),
            PartKind::Trailer => $this->trailer($asWritten, $said, $length),
            PartKind::Hook => $asWritten->with(hook: $this->hookSize($hook), assumed: $this->assumed),
            default => $asWritten->with(size: self::sizeOf($line)),
        };
    }

    private function head(PartLine $line, PartWords $said, ?Weight $weight, ?string $hook): PartLine
    {
        $lures = $said->all(LureKind::class);

        return $line->with(
            weight: $weight ?? $this->assume(Weight::ounces(self::USUAL_OUNCES), '3/8 oz'),
            colours: [$said->colours[0] ?? $this->assume(Colour::Black, 'black')],
            belly: \array_slice($said->belly, 0, 1),
            lures: [] === $lures ? [$this->assume(LureKind::Jig, 'for a jig')] : $lures,
            headMaterial: $said->first(HeadMaterial::class) ?? HeadMaterial::Lead,
            arm: $said->first(Arm::class),
            eye: $said->has('eye'),
            hook: null === $hook ? null : $this->hookSize($hook),
            assumed: $this->assumed,
        );
    }

    private function blade(PartLine $line, PartWords $said, ?string $number): PartLine
    {
        if (null !== $number && ((int) $number < BladeSize::LEAST || (int) $number > BladeSize::MOST)) {
            throw UnclearPartLine::outOfRange('size number of a blade', '#'.BladeSize::LEAST.' to #'.BladeSize::MOST);
        }
        $isBladedJig = [] !== array_filter($said->all(LureKind::class), static fn (LureKind $kind): bool => $kind->hasPlate());
        $shape = $isBladedJig ? BladeShape::BladedJig : $said->first(BladeShape::class);
        $metal = $said->has('painted') ? null : self::metal($said);
        if (null === $metal && [] === $said->colours) {
            $metal = $this->assume(Metal::Gold, 'gold');
        }

        return $line->with(
            shape: $shape ?? $this->assume(BladeShape::Willow, 'willow'),
            number: null !== $number ? (int) $number : $this->assume(self::USUAL_NUMBER, '#'.self::USUAL_NUMBER),
            metal: $metal,
            darkened: null !== $metal && $said->has('darkened'),
            colours: null === $metal ? \array_slice($said->colours, 0, 1) : [],
            assumed: $this->assumed,
        );
    }

    private function skirt(PartLine $line, PartWords $said): PartLine
    {
        return $line->with(
            colours: $this->colours($said),
            belly: \array_slice($said->belly, 0, PartBounds::MOST_BELLY),
            skirtMaterial: $said->first(SkirtMaterial::class) ?? $this->assume(SkirtMaterial::Silicone, 'silicone'),
            strands: $said->first(Strands::class),
            trim: $said->first(Trim::class),
            opacity: $said->first(Opacity::class),
            assumed: $this->assumed,
        );
    }

    private function trailer(PartLine $line, PartWords $said, ?Length $length): PartLine
    {
        return $line->with(
            colours: $this->colours($said),
            belly: \array_slice($said->belly, 0, PartBounds::MOST_BELLY),
            style: $said->first(TrailerStyle::class) ?? $this->assume(TrailerStyle::Craw, 'craw'),
            length: $length ?? $this->assume(Length::inches(self::USUAL_INCHES), self::USUAL_INCHES.' in'),
            bellyShape: $said->first(BellyShape::class),
            surface: $said->first(Surface::class),
            plastic: $said->first(Plastic::class),
            opacity: $said->first(Opacity::class),
            assumed: $this->assumed,
        );
    }

    /** @return list<Colour> */
    private function colours(PartWords $said): array
    {
        return [] === $said->colours
            ? [$this->assume(Colour::Black, 'black')]
            : \array_slice($said->colours, 0, 1 + PartBounds::MOST_ACCENTS);
    }

    private function hookSize(?string $aught): HookSize
    {
        return null === $aught
            ? $this->assume(HookSize::aught(self::USUAL_AUGHT), self::USUAL_AUGHT.'/0')
            : (HookSize::labelled("$aught/0") ?? throw UnclearPartLine::outOfRange('hook size', '1/0 to 5/0'));
    }

    private function weight(): ?Weight
    {
        $found = $this->measure('(oz|ounces?|g|grams?)');
        if (null === $found) {
            return null;
        }
        $ounces = str_starts_with($found[1], 'g') ? $found[0] * self::OUNCES_PER_GRAM : $found[0];

        return $ounces > 0 && $ounces <= PartBounds::MOST_WEIGHT_OZ
            ? Weight::ounces($ounces)
            : throw UnclearPartLine::outOfRange('weight', 'above 0 to '.PartBounds::MOST_WEIGHT_OZ.' oz');
    }

    private function length(): ?Length
    {
        $found = $this->measure('(in|inch|inches|mm|cm)');
        if (null === $found) {
            return null;
        }
        $inches = match ($found[1]) {
            'mm' => $found[0] / 25.4,
            'cm' => $found[0] / 2.54,
            default => $found[0],
        };

        return $inches > 0 && $inches <= PartBounds::MOST_LENGTH_IN
            ? Length::inches($inches)
            : throw UnclearPartLine::outOfRange('length', 'above 0 to '.PartBounds::MOST_LENGTH_IN.' in');
    }

    /** @return array{float, string}|null a number with its unit, taken out of the line */
    private function measure(string $units): ?array
    {
        if (1 !== preg_match('/(?<![\w.\/])(?:'.self::NUMBER.')[ -]?'.$units.'\b\.?/', $this->rest, $m, \PREG_UNMATCHED_AS_NULL)) {
            return null;
        }
        $isCounted = (int) $m[1] > self::MOST_WHOLE_OUNCES && str_starts_with($m[7] ?? '', 'o') && !str_contains($m[0] ?? '', "$m[1]-");
        $this->rest = trim(str_replace($m[0] ?? '', $isCounted ? $m[1].' ' : ' ', $this->rest));
        $value = match (true) {
            $isCounted => (float) $m[2] / max(1.0, (float) $m[3]),
            null !== $m[1] => (float) $m[1] + (float) $m[2] / max(1.0, (float) $m[3]),
            null !== $m[4] => (float) $m[4] / max(1.0, (float) $m[5]),
            default => (float) $m[6],
        };

        return [$value, $m[7] ?? ''];
    }

    /** The first group that matched, taken out of the line. */
    private function take(string $pattern): ?string
    {
        if (1 !== preg_match($pattern, $this->rest, $m, \PREG_UNMATCHED_AS_NULL)) {
            return null;
        }
        $this->rest = trim(preg_replace('/'.preg_quote((string) $m[0], '/').'/', ' ', $this->rest, 1) ?? '');

        return array_values(array_filter(\array_slice($m, 1), static fn (?string $group): bool => null !== $group))[0] ?? null;
    }

    /**
     * @template T
     *
     * @param T $value
     *
     * @return T
     */
    private function assume(mixed $value, string $words): mixed
    {
        $this->assumed[] = $words;

        return $value;
    }

    private static function kind(PartWords $said, bool $hasWeight, bool $hasHook): PartKind
    {
        return $said->kind ?? match (true) {
            [] !== $said->all(TrailerStyle::class) => PartKind::Trailer,
            [] !== $said->all(BladeShape::class) => PartKind::Blade,
            $hasWeight => PartKind::Head,
            [] !== $said->all(SkirtMaterial::class) => PartKind::Skirt,
            $hasHook => PartKind::Hook,
            default => throw UnclearPartLine::whatIsIt(),
        };
    }

    private static function metal(PartWords $said): ?Metal
    {
        return $said->first(Metal::class) ?? (Colour::Gold === ($said->colours[0] ?? null) ? Metal::Gold : null);
    }

    /** "#2" or "5/32 in", as it is written. */
    private static function sizeOf(string $line): string
    {
        return 1 === preg_match('/#\s?\d+|[\d.\/-]+\s?(?:in|inch|mm|")/i', $line, $m) ? trim($m[0]) : '';
    }

    /** In lower case, with hyphens between words opened and inch marks written out. */
    private static function tidied(string $line): string
    {
        $plain = str_replace(['”', '"', '″', '×', '–'], [' in ', ' in ', ' in ', 'x', '-'], mb_strtolower($line));
        $open = preg_replace('/(?<=\p{L})-(?=\p{L})|[,;()]/u', ' ', $plain) ?? $plain;

        return trim(preg_replace('/\s+/u', ' ', $open) ?? $open);
    }

    /** The line without its count and its cost. */
    private static function name(string $line): string
    {
        $patterns = ['/\$\s?\d+(\.\d+)?( '
            .'each)?/u', '/^\d+\s?(x|×|pcs|pieces)?\s+(?![\d\/]*\s?(in|inch|inches|oz|mm|cm|g|")\b)/u', '/\s+x?\s?\d+$/u'];
        $name = trim(preg_replace($patterns, '', $line) ?? $line);

        return mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1);
    }
}
