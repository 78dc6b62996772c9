<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Inventory\Words\Gloss;
use Kontrast\Inventory\Words\Lexicon;
use Kontrast\Inventory\Words\LineNumbers;
use Kontrast\Inventory\Words\LineText;
use Kontrast\Inventory\Words\Mark;
use Kontrast\Inventory\Words\SaidWords;
use Kontrast\Lure\AccentShare;
use Kontrast\Lure\Arm;
use Kontrast\Lure\BellyShape;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\Colour;
use Kontrast\Lure\ColourLayout;
use Kontrast\Lure\HeadForm;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\Keeper;
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

/** Reads a part from a line of text such as "12 GP craws 3.5 in": numbers by what stands beside them, the rest by the words it knows. */
final class PartLineReader
{
    /** What is taken where a line does not say it, and told. (Chosen: the most common ones.) */
    private const USUAL_OUNCES = 0.375;
    private const USUAL_INCHES = 3.5;
    private const USUAL_NUMBER = 4;
    private const USUAL_AUGHT = 2;

    /** @var list<string> */
    private array $assumed = [];

    private function __construct(
        private readonly PartKind $kind,
        private readonly string $line,
        private readonly LineNumbers $numbers,
        private readonly SaidWords $said,
        private readonly LineNumbers $above,
    ) {
    }

    /**
     * @param string $heading what stands over the lines, such as "Trailers"; it says what a line does not
     *
     * @throws UnclearPartLine where no part can be told from the line
     */
    public static function read(string $line, ?Lexicon $lexicon = null, string $heading = ''): PartLine
    {
        $lexicon ??= new Lexicon();
        $tidied = LineText::tidy($line);
        $numbers = new LineNumbers($tidied);
        $aboveNumbers = new LineNumbers(LineText::tidy($heading));
        $above = new SaidWords($lexicon, $aboveNumbers->line->rest());
        $said = new SaidWords($lexicon, $numbers->line->rest());
        $own = self::kind($said, $numbers);
        $over = $above->kind() ?? self::kind($above, $aboveNumbers);
        // "3.5 in craws" are none of the skirts they stand below.
        $isOther = null !== $own && null !== $over && ([] !== $numbers->unfit($over) || $said->says(BladeShape::class));
        $kind = $said->kind() ?? ($isOther ? $own : $over ?? $own) ?? throw UnclearPartLine::whatIsIt();
        $numbers->settle($kind);
        $aboveNumbers->settle($kind);
        $words = new SaidWords($lexicon, $numbers->line->rest(), $above);

        return (new self($kind, $tidied, $numbers, $words, $aboveNumbers))->part();
    }

    /** What a part is of which nobody says it: told by what only such a part has. */
    private static function kind(SaidWords $said, LineNumbers $numbers): ?PartKind
    {
        $isLure = $said->says(LureKind::class, HeadForm::class, Arm::class);

        return match (true) {
            $isLure && $numbers->hasWeight() => PartKind::Head,
            $said->says(TrailerStyle::class) => PartKind::Trailer,
            $said->says(BladeShape::class) => PartKind::Blade,
            $isLure, $numbers->hasWeight() => PartKind::Head,
            $said->says(SkirtMaterial::class) => PartKind::Skirt,
            null !== $numbers->hook => PartKind::Hook,
            null !== $numbers->length => PartKind::Trailer,
            $said->says(Metal::class) && null !== $numbers->number => PartKind::Blade,
            default => null,
        };
    }

    private function part(): PartLine
    {
        $fields = match ($this->kind) {
            PartKind::Head => $this->head(),
            PartKind::Blade => $this->blade(),
            PartKind::Skirt => $this->skirt(),
            PartKind::Trailer => $this->trailer(),
            PartKind::Hook => ['hook' => $this->hook() ?? $this->assume(HookSize::aught(self::USUAL_AUGHT), self::USUAL_AUGHT.'/0')],
            default => ['size' => $this->size(), 'base' => $this->colours(0, 0)['base']],
        };
        [$glosses, $unknown] = $this->glosses();

        return (new \ReflectionClass(PartLine::class))->newInstanceArgs([
            ...$fields,
            'kind' => $this->kind,
            'count' => $this->numbers->count->count ?? 1,
            'cost' => $this->numbers->count->cost,
            'assumed' => $this->assumed,
            'unknown' => $unknown,
            'glosses' => $glosses,
        ]);
    }

    /** @return array<string, mixed> */
    private function head(): array
    {
        $lures = $this->said->all(LureKind::class);
        $usual = Weight::ounces(self::USUAL_OUNCES);

        return [
            ...$this->colours(0, 1),
            'accents' => [],
            'accentShare' => null,
            'layout' => null,
            'weight' => $this->numbers->weight ?? $this->above->weight ?? $this->assume($usual, $usual->said()),
            'lures' => [] === $lures ? [$this->assume(LureKind::Jig, 'for a jig')] : $lures,
            'headMaterial' => $this->said->first(HeadMaterial::class) ?? HeadMaterial::Lead,
            'form' => $this->said->first(HeadForm::class),
            'keeper' => $this->said->first(Keeper::class),
            'arm' => $this->said->first(Arm::class),
            'eye' => $this->said->has(Mark::Eye),
            'hook' => $this->hook(),
        ];
    }

    /** @return array<string, mixed> */
    private function blade(): array
    {
        $number = $this->numbers->number ?? $this->above->number;
        if (null !== $number && ($number < BladeSize::LEAST || $number > BladeSize::MOST)) {
            throw UnclearPartLine::outOfRange('size number of a blade', '#'.BladeSize::LEAST.' to #'.BladeSize::MOST);
        }
        $plates = array_filter($this->said->all(LureKind::class), static fn (LureKind $kind): bool => $kind->hasPlate());
        $shape = $this->said->first(BladeShape::class);
        $isPainted = $this->said->has(Mark::Painted);
        $metal = $isPainted ? null : $this->said->first(Metal::class);
        $colours = null === $metal ? $this->colours(0, 0) : [];
        if (!$isPainted && Colour::Gold === ($colours['base'] ?? null)) {
            [$metal, $colours] = [Metal::Gold, []];
        }
        $this->said->has(Mark::Front);

        return [
            'shape' => [] !== $plates ? BladeShape::BladedJig : $shape ?? $this->assume(BladeShape::Willow, 'willow'),
            'number' => $number ?? $this->assume(self::USUAL_NUMBER, '#'.self::USUAL_NUMBER),
            'metal' => $metal,
            'darkened' => $this->said->has(Mark::Darkened) && null !== $metal,
            'base' => $colours['base'] ?? null,
            'pattern' => '',
        ];
    }

    /** @return array<string, mixed> */
    private function skirt(): array
    {
        $pattern = $this->said->colours()->pattern();

        return [
            ...$this->colours(PartBounds::MOST_ACCENTS, PartBounds::MOST_BELLY),
            'skirtMaterial' => $this->said->first(SkirtMaterial::class) ?? $this->assume(SkirtMaterial::Silicone, 'silicone'),
            'strands' => $this->said->first(Strands::class) ?? $pattern?->strands,
            'trim' => $this->said->first(Trim::class),
            'opacity' => $this->said->first(Opacity::class) ?? $pattern?->opacity,
        ];
    }

    /** @return array<string, mixed> */
    private function trailer(): array
    {
        $colours = $this->said->colours();
        $usual = Length::inches(self::USUAL_INCHES);

        return [
            ...$this->colours(PartBounds::MOST_ACCENTS, PartBounds::MOST_BELLY),
            'style' => $this->said->first(TrailerStyle::class) ?? $this->assume(TrailerStyle::Craw, 'craw'),
            'length' => $this->numbers->length ?? $this->above->length
                ?? $this->assume($usual, $usual->said()),
            'bellyShape' => $this->said->first(BellyShape::class),
            'surface' => $this->said->first(Surface::class) ?? ($colours->isFlaked() ? Surface::Flake : null),
            'plastic' => $this->said->first(Plastic::class),
            'opacity' => $this->said->first(Opacity::class) ?? $colours->pattern()?->opacity,
        ];
    }

    /**
     * @return array{base: Colour|null, accents: list<Colour>, belly: list<Colour>, pattern: string, accentShare: AccentShare|null,
     *               layout: ColourLayout|null}
     */
    private function colours(int $mostAccents, int $mostBelly): array
    {
        $colours = $this->said->colours();
        $pattern = $colours->pattern();
        $taken = $colours->take($mostAccents, $mostBelly);
        $isSplit = $this->said->has(ColourLayout::Split);

        return [
            ...$taken,
            'pattern' => $pattern->name ?? '',
            'accentShare' => [] === $taken['accents'] ? null : $this->said->first(AccentShare::class) ?? $pattern?->share,
            'layout' => [] === $taken['belly'] ? ($isSplit ? ColourLayout::Split : null) : $colours->layout(),
        ];
    }

    private function hook(): ?HookSize
    {
        $this->said->all(PartKind::class);

        return $this->numbers->hook ?? $this->above->hook;
    }

    /** @return array{list<Gloss>, list<string>} the line, stretch by stretch, and what of it was not understood */
    private function glosses(): array
    {
        $found = [];
        $unknown = [];
        $unfit = $this->numbers->unfit($this->kind);
        foreach ($this->numbers->line->taken() as $at => [$bytes, $means]) {
            $text = substr($this->line, $at, $bytes);
            $isUnknown = \in_array($at, $unfit, true);
            $found[$at] = [$bytes, new Gloss($text, $isUnknown ? null : $means, $isUnknown)];
            if ($isUnknown) {
                $unknown[] = trim($text);
            }
        }
        foreach ($this->said->words as $word) {
            $isUnknown = $this->said->isUnknown($word, $this->kind);
            if ($isUnknown) {
                $unknown[] = $word->text;
            }
            $means = $isUnknown || null === $word->means ? null : $word->label();
            $found[$word->at] = [$word->bytes, new Gloss(substr($this->line, $word->at, $word->bytes), $means, $isUnknown)];
        }
        ksort($found);
        $glosses = [];
        $at = 0;
        foreach ($found as $from => [$bytes, $gloss]) {
            if ($from > $at) {
                $glosses[] = new Gloss(substr($this->line, $at, $from - $at));
            }
            $glosses[] = $gloss;
            $at = $from + $bytes;
        }
        if ($at < \strlen($this->line)) {
            $glosses[] = new Gloss(substr($this->line, $at));
        }

        return [$glosses, $unknown];
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

    /** "#2" or "5/32 in", as it is written. */
    private function size(): string
    {
        return 1 === preg_match('~#\s?\d+|\d[\d./-]*\s?(?:in\b|inch\b|mm\b|")|\d+/\d+|\.\d+~i', $this->line, $m)
            ? trim($m[0])
            : (null === $this->numbers->number ? '' : "#{$this->numbers->number}");
    }
}
