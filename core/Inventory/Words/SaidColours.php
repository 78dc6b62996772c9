<?php

declare(strict_types=1);

namespace Kontrast\Inventory\Words;

use Kontrast\Lure\Colour;
use Kontrast\Lure\ColourLayout;
use Kontrast\Material\Metal;

/** Which of the colors of a line is the base, which are accents and which the belly: by their order, and by what is said beside them. */
final class SaidColours
{
    /** @var array<int, SaidWord> colors, by their place among the words */
    private array $mentions = [];
    /** @var array<int, Mark> what is said of each, by the same */
    private array $roles = [];
    private bool $isFlaked = false;
    private bool $isFrontBack = false;

    public function __construct(private readonly SaidWords $said)
    {
        $isOver = false;
        $next = null;
        foreach ($said->words as $i => $word) {
            if ([] !== $word->colours()) {
                $this->mentions[$i] = $word;
                if (null !== $next || $isOver) {
                    $this->roles[$i] = $next ?? Mark::Belly;
                }
                $next = null;
            } elseif ($word->means instanceof Mark) {
                $isOver = $isOver || Mark::Over === $word->means;
                $next = $this->mark($word, $i) ?? $next;
            }
        }
    }

    /** @return Mark|null what the next color is said to be */
    private function mark(SaidWord $word, int $i): ?Mark
    {
        $mark = $word->means;
        \assert($mark instanceof Mark);
        if (\in_array($mark, [Mark::Painted, Mark::Darkened, Mark::Eye], true)) {
            return null;
        }
        $this->said->use($word);
        $before = isset($this->mentions[$i - 1]);
        if (Mark::Flake === $mark) {
            $this->isFlaked = true;
            $beside = $this->said->words[$i - 1] ?? null;
            if ($beside?->means instanceof Metal) {
                $this->said->use($beside);
            }
        }
        if (Mark::Front === $mark) {
            $this->isFrontBack = true;
        }
        $as = match (true) {
            Mark::Flake === $mark => Mark::Accent,
            Mark::Front === $mark => Mark::Back,
            Mark::Back === $mark && $this->isFrontBack => Mark::Belly,
            Mark::Over === $mark => null,
            default => $mark,
        };
        if (null !== $as && $before && !(Mark::Flake === $mark && $this->mentions[$i - 1]->means instanceof ColourPattern)) {
            $this->roles[$i - 1] = $as;
        }

        return null !== $as && !$before && Mark::Accent !== $as ? $as : null;
    }

    public function isEmpty(): bool
    {
        return [] === $this->mentions;
    }

    /** The one pattern that says all colors; null where they are said one by one. */
    public function pattern(): ?ColourPattern
    {
        $only = 1 === \count($this->mentions) ? $this->mentions[array_key_first($this->mentions)] : null;

        return $only?->means instanceof ColourPattern ? $only->means : null;
    }

    public function isFlaked(): bool
    {
        return $this->isFlaked || true === $this->pattern()?->isFlaked;
    }

    public function layout(): ?ColourLayout
    {
        return match (true) {
            $this->isFrontBack => ColourLayout::FrontBack,
            [] !== array_filter($this->roles, static fn (Mark $role): bool => Mark::Belly === $role) => ColourLayout::Split,
            default => $this->pattern()?->layout(),
        };
    }

    /**
     * The colors, as many as the part can have; those taken up are marked so.
     *
     * @return array{base: Colour|null, accents: list<Colour>, belly: list<Colour>}
     */
    public function take(int $mostAccents, int $mostBelly): array
    {
        $base = null;
        $accents = $belly = [];
        foreach ($this->mentions as $i => $word) {
            $colours = $word->colours();
            $role = $this->roles[$i] ?? null;
            if (null !== $base && null === $role && $word->means instanceof ColourPattern && !$word->means->isPlain()) {
                continue;
            }
            $rest = [];
            if (Mark::Belly === $role) {
                $belly = [...$belly, ...$colours];
            } elseif (Mark::Accent === $role) {
                $accents = [...$accents, ...$colours];
            } elseif (Mark::Back === $role && null !== $base) {
                $accents = [...$accents, $base];
                $base = $colours[0];
            } elseif (null === $base) {
                $base = $colours[0];
                $rest = \array_slice($colours, 1);
            } else {
                $rest = $colours;
            }
            $accents = [...$accents, ...$rest];
            if ($word->means instanceof ColourPattern) {
                $belly = [...$belly, ...$word->means->belly];
            }
            $accents = array_values(array_unique($accents, \SORT_REGULAR));
            if (\count($accents) <= $mostAccents && \count($belly) <= $mostBelly) {
                $this->said->use($word);
            }
        }

        $accents = array_values(array_filter($accents, static fn (Colour $one): bool => $one !== $base));

        return ['base' => $base, 'accents' => \array_slice($accents, 0, $mostAccents), 'belly' => \array_slice($belly, 0, $mostBelly)];
    }
}
