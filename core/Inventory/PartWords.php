<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Lure\Arm;
use Kontrast\Lure\BellyShape;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\Colour;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Strands;
use Kontrast\Lure\Surface;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Material\Metal;

/** The words of a line about a part, each longest phrase first, in the order they are said. */
final readonly class PartWords
{
    /** Other ways to say what the enumerations call by one word. (Common practice, no source.) */
    private const ALSO = [
        'craw' => TrailerStyle::Craw, 'craws' => TrailerStyle::Craw, 'crawfish' => TrailerStyle::Craw, 'chunks' => TrailerStyle::Chunk,
        'paddle tail' => TrailerStyle::PaddleTail, 'swimbait' => TrailerStyle::PaddleTail, 'fork tail' => TrailerStyle::ForkTail,
        'minnow' => TrailerStyle::ForkTail, 'twin tail' => TrailerStyle::TwinTailGrub, 'single tail' => TrailerStyle::SingleTailGrub,
        'grub' => TrailerStyle::SingleTailGrub, 'grubs' => TrailerStyle::SingleTailGrub, 'worm' => TrailerStyle::Ringworm,
        'willow leaf' => BladeShape::Willow, 'round' => BladeShape::Colorado, 'double thick colorado' => BladeShape::DeepColorado,
        'deep colorado' => BladeShape::DeepColorado, 'rubber' => SkirtMaterial::LivingRubber, 'bars' => Strands::Barred,
        'long tail' => Trim::LongTail, 'see through' => Opacity::Translucent, 'clear' => Opacity::Translucent,
        'flaked' => Surface::Flake, 'tpe' => Plastic::Stretchy, 'grey' => Colour::Smoke, 'gray' => Colour::Smoke,
        'lime' => Colour::Chartreuse, 'watermelon' => Colour::Watermelon, 'pumpkin' => Colour::GreenPumpkin,
        'hot pink' => Colour::Pink, 'silver' => Metal::Silver, 'copper' => Metal::Copper, 'short arm' => Arm::Short,
        'long arm' => Arm::Long, 'flat belly' => BellyShape::Flat, 'wide belly' => BellyShape::Wide, 'swim' => LureKind::SwimJig,
    ];
    private const KINDS = [
        'head' => PartKind::Head, 'heads' => PartKind::Head, 'jighead' => PartKind::Head, 'blade' => PartKind::Blade,
        'blades' => PartKind::Blade, 'skirt' => PartKind::Skirt, 'skirts' => PartKind::Skirt, 'trailer' => PartKind::Trailer,
        'trailers' => PartKind::Trailer, 'trailer hook' => PartKind::Hook, 'trailer hooks' => PartKind::Hook,
        'stinger hook' => PartKind::Hook, 'bead' => PartKind::Bead, 'beads' => PartKind::Bead, 'clevis' => PartKind::Clevis,
        'clevises' => PartKind::Clevis, 'spacer' => PartKind::Spacer, 'spacers' => PartKind::Spacer, 'swivel' => PartKind::Swivel,
        'swivels' => PartKind::Swivel, 'collar' => PartKind::Collar, 'collars' => PartKind::Collar, 'cable tie' => PartKind::Collar,
        'cable ties' => PartKind::Collar,
    ];
    private const ENUMS = [
        TrailerStyle::class, BladeShape::class, SkirtMaterial::class, Strands::class, Opacity::class, Surface::class, Plastic::class,
        HeadMaterial::class, LureKind::class, Colour::class,
    ];
    private const MARKS = ['painted', 'darkened', 'eye', 'over', 'belly'];
    /** Words that carry nothing of their own. */
    private const FILLERS = [
        'with', 'and', 'in', 'a', 'an', 'the', 'of', 'for', 'on', 'plastic', 'soft', 'color', 'colored', 'each', 'tail', 'x',
    ];

    /**
     * @param list<Colour>     $colours
     * @param list<Colour>     $belly
     * @param list<\UnitEnum>  $values
     * @param list<string>     $marks
     * @param list<string>     $unknown
     */
    private function __construct(
        public ?PartKind $kind,
        public array $colours,
        public array $belly,
        private array $values,
        private array $marks,
        public array $unknown,
    ) {
    }

    /** @param string $text in lower case, one space between words */
    public static function in(string $text): self
    {
        $known = self::known();
        $words = '' === $text ? [] : explode(' ', $text);
        $kind = null;
        $colours = $belly = $values = $marks = $unknown = [];
        for ($i = 0; $i < \count($words);) {
            [$value, $length] = self::longest($known, $words, $i);
            match (true) {
                $value instanceof PartKind => $kind = PartKind::Hook === $value ? $value : ($kind ?? $value),
                $value instanceof Colour && \in_array('over', $marks, true) => $belly[] = $value,
                $value instanceof Colour => $colours[] = $value,
                $value instanceof \UnitEnum => $values[] = $value,
                \is_string($value) => $marks[] = $value,
                \in_array($words[$i], self::FILLERS, true) => null,
                default => $unknown[] = $words[$i],
            };
            $i += $length;
        }

        return new self($kind, $colours, $belly, $values, $marks, $unknown);
    }

    public function has(string $mark): bool
    {
        return \in_array($mark, $this->marks, true);
    }

    /**
     * @template T of \UnitEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    public function first(string $enum): ?\UnitEnum
    {
        return $this->all($enum)[0] ?? null;
    }

    /**
     * @template T of \UnitEnum
     *
     * @param class-string<T> $enum
     *
     * @return list<T>
     */
    public function all(string $enum): array
    {
        return array_values(array_filter($this->values, static fn (\UnitEnum $value): bool => $value instanceof $enum));
    }

    /**
     * @param array<string, \UnitEnum|string> $known
     * @param list<string>                    $words
     *
     * @return array{\UnitEnum|string|null, positive-int} what the longest phrase from a place on means, and how many words it has
     */
    private static function longest(array $known, array $words, int $from): array
    {
        for ($length = 4; $length >= 1; --$length) {
            $phrase = implode(' ', \array_slice($words, $from, $length));
            if ($from + $length <= \count($words) && isset($known[$phrase])) {
                return [$known[$phrase], $length];
            }
        }

        return [null, 1];
    }

    /** @return array<string, \UnitEnum|string> by phrase */
    private static function known(): array
    {
        $known = [];
        foreach (self::ENUMS as $enum) {
            foreach ($enum::cases() as $case) {
                $label = $case instanceof Plastic ? $case->value : $case->label();
                foreach ([str_replace('_', ' ', $case->value), strtolower(str_replace('-', ' ', $label))] as $phrase) {
                    $known[$phrase] ??= $case;
                    $known[$phrase.'s'] ??= $case;
                }
            }
        }

        return [...$known, ...self::ALSO, ...array_combine(self::MARKS, self::MARKS), ...self::KINDS];
    }
}
