<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\GenericParts;
use Kontrast\Inventory\Inventory;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventoryPart;
use Kontrast\Lure\Build;
use Kontrast\Lure\LureKind;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Firmness;
use Kontrast\Rulebook\LureRanking;
use Kontrast\Rulebook\RankedLure;
use Kontrast\Rulebook\SchoolQuestion;
use Kontrast\Scoring\AdvisedBuild;
use Kontrast\Scoring\BuildScorer;
use Kontrast\Scoring\BuildSearch;
use Kontrast\Scoring\PartFit;

/**
 * Lays out the parts that a water of practice is answered with: those that are right, those that tempt, what other approaches would tie,
 * and what is tied in waters that are quite different; new ones, or only those owned.
 */
final readonly class Chooser
{
    /** So many of a part are laid out, but for heads, of which each weight lies there. (Chosen.) */
    private const MOST = ['blades' => 6, 'skirts' => 7, 'trailers' => 8];
    private const MOST_WEIGHTS = 5;
    /** Weights that any store sells, ounces, where fewer are tied anywhere. */
    private const USUAL_OZ = [0.375, 0.5, 0.25, 0.75];
    private const LEAST_WEIGHTS = 4;
    /** Waters as different as they come: inches, tint, sky, forage, depth in feet. (Chosen.) */
    private const ELSEWHERE = [
        [6.0, Tint::Clay, Sky::Overcast, Forage::Crawfish, 2.0],
        [18.0, Tint::Tannic, Sky::Broken, Forage::Bluegill, 4.0],
        [30.0, Tint::Green, Sky::Sun, Forage::Shad, 8.0],
        [96.0, Tint::None, Sky::Sun, Forage::Shad, 15.0],
        [54.0, Tint::None, Sky::Overcast, Forage::Perch, 12.0],
        [3.0, Tint::Clay, Sky::Night, Forage::Bluegill, 3.0],
        [44.0, Tint::Green, Sky::Overcast, Forage::Shad, 6.0],
        [14.0, Tint::Tannic, Sky::Sun, Forage::GoldenShiner, 5.0],
    ];

    private Adviser $adviser;
    private LureRanking $ranking;

    public function __construct(private Engine $engine, private ReflectanceFitter $reflectances, private ?Inventory $owned = null)
    {
        $this->adviser = new Adviser($engine);
        $this->ranking = new LureRanking($engine);
    }

    /**
     * Of the lure that a water asks for; where that suits the water best, of two others too.
     *
     * @return list<Choices> in the order of the kinds; empty where nothing can be made of what is owned
     */
    public function choices(Question $question): array
    {
        $ranked = $this->ranking->rank($question->reading);
        $asked = $question->reading->lure;
        $kinds = [$asked];
        if ($ranked[0]->kind === $asked) {
            $kinds = [$asked, $ranked[1]->kind ?? $asked, $ranked[\count($ranked) - 1]->kind];
        }
        $choices = [];
        foreach (LureKind::cases() as $kind) {
            if (\in_array($kind, $kinds, true)) {
                $fits = self::fits($kind, $ranked);
                // Where a lure is given, what it is worth beside others is nobody's choice.
                $share = 1 === \count($kinds) ? 1.0 : $fits / $ranked[0]->worth;
                $choices[] = $this->ofKind($question, $kind, $fits, $share);
            }
        }

        $choices = array_values(array_filter($choices));

        // Where the lure that is asked for cannot be made of what is owned, there is no right answer.
        return [] === array_filter($choices, static fn (Choices $one): bool => $one->kind === $asked) ? [] : $choices;
    }

    /** @param non-empty-list<RankedLure> $ranked every kind */
    private static function fits(LureKind $kind, array $ranked): float
    {
        foreach ($ranked as $one) {
            if ($one->kind === $kind) {
                return $one->worth;
            }
        }
        throw new \LogicException('Every kind is ranked.');
    }

    private function ofKind(Question $question, LureKind $kind, float $fits, float $share): ?Choices
    {
        $reading = $question->reading->with(lure: $kind);
        $scorer = new BuildScorer($reading, $this->adviser->brief($reading), $this->reflectances);
        $right = $this->right($scorer);
        if (null === $right) {
            return null;
        }
        $isAsked = $kind === $question->reading->lure;
        [$defended, $accepted] = $isAsked ? $this->accepted($question, $right) : [[], null];
        $made = [$right];
        // Of what is owned nothing else is laid out.
        foreach ([] === $defended || null !== $this->owned ? [] : [$question->tempting->build, ...$defended] as $build) {
            $made[] = GenericParts::compose($build);
        }
        foreach (self::ELSEWHERE as [$inches, $tint, $sky, $forage, $feet]) {
            $made[] = $this->tiedIn($reading->with(
                visibility: Length::inches($inches),
                tint: $tint,
                sky: $sky,
                forage: $forage,
                depth: Length::feet($feet),
            ));
        }

        return new Choices(
            $scorer,
            $right,
            $fits,
            $share,
            $this->heads($right, $made, $scorer),
            self::laid($made, 'blades', static fn (Composition $one): array => [$one->front, $one->rear]),
            array_column(self::laid($made, 'skirts', static fn (Composition $one): array => [$one->skirt]), 0),
            array_column(self::laid($made, 'trailers', static fn (Composition $one): array => [$one->trailer], [null]), 0),
            $right->hook,
            $question->slot,
            $accepted,
        );
    }

    /** The best lure there is for this water: as advised, or of what is owned; null where nothing owned makes one. */
    private function right(BuildScorer $scorer): ?Composition
    {
        return null === $this->owned
            ? GenericParts::compose($scorer->brief->build)
            : ((new BuildSearch($this->owned, $scorer, 1))->bestByPoints()[0][1] ?? null);
    }

    /** What is tied somewhere else, of the parts owned as near to it as they come. */
    private function tiedIn(Reading $reading): Composition
    {
        $brief = $this->adviser->brief($reading);

        return null === $this->owned
            ? GenericParts::compose($brief->build)
            : (new AdvisedBuild(new BuildScorer($reading, $brief, $this->reflectances)))->make($this->owned);
    }

    /**
     * The answer, the other side of a toss-up, and what each approach would tie: a lure of each, and what the pick comes to in them, the
     * program's first: of what is owned that is the best there is, whatever it lacks.
     *
     * @return array{non-empty-list<Build>, list<Accepted>}
     */
    private function accepted(Question $question, Composition $right): array
    {
        $decision = $this->engine->decide($question->reading);
        $builds = [(new Assembly($decision))->build()];
        $accepted = array_map(
            static fn (Build $build): Accepted => new Accepted(LookedAt::in($build, $question->slot)),
            null === $this->owned ? $builds : [$right->inWords(), ...$builds],
        );
        $tally = $decision->on($question->slot);
        $second = Firmness::TossUp === $tally?->firmness() ? $tally->second() : null;
        if (null !== $second) {
            $builds[] = $build = (new Assembly($this->engine->answering($decision, [$question->slot->value => $second->key])))->build();
            $accepted[] = new Accepted(LookedAt::in($build, $question->slot), isTossUp: true);
        }
        foreach (SchoolQuestion::cases() as $asked) {
            foreach ($asked->schools() as $school) {
                $theirs = $this->engine->inSchool($decision, $school);
                if ($theirs->on($question->slot)?->keys() !== $tally?->keys()) {
                    $builds[] = $build = (new Assembly($theirs))->build();
                    $accepted[] = new Accepted(LookedAt::in($build, $question->slot), [$school]);
                }
            }
        }

        return [$builds, self::once($accepted, LookedAt::in($question->tempting->build, $question->slot))];
    }

    /**
     * @param non-empty-list<Accepted> $accepted
     *
     * @return list<Accepted> each look once, with all who say it, and never what tempts
     */
    private static function once(array $accepted, string $tempts): array
    {
        $once = [];
        foreach ($accepted as $i => $one) {
            if (0 === $i || $one->look !== $tempts) {
                $known = $once[$one->look] ?? null;
                // What the program ties needs nobody else.
                $once[$one->look] = match (true) {
                    null === $known => $one,
                    [] === $known->schools && !$known->isTossUp => $known,
                    default => new Accepted($one->look, [...$known->schools, ...$one->schools], $known->isTossUp || $one->isTossUp),
                };
            }
        }

        return array_values($once);
    }

    /**
     * @param list<Composition> $made
     *
     * @return non-empty-list<InventoryHead> the right one in every weight that is tied anywhere, or those owned, by weight
     */
    private function heads(Composition $right, array $made, BuildScorer $scorer): array
    {
        $heads = [(string) $right->head->weight->inOunces() => $right->head];
        $others = null === $this->owned
            ? array_map(static fn (Composition $one): InventoryHead => self::weighing($one->head->weight, $scorer->brief->build), $made)
            : array_filter($this->owned->heads, static fn (InventoryHead $head): bool => PartFit::head($head, $scorer->reading));
        foreach ($others as $head) {
            if (\count($heads) < self::MOST_WEIGHTS) {
                $heads[(string) $head->weight->inOunces()] ??= $head;
            }
        }
        foreach (null === $this->owned ? self::USUAL_OZ : [] as $ounces) {
            if (\count($heads) < self::LEAST_WEIGHTS) {
                $heads[(string) $ounces] ??= self::weighing(Weight::ounces($ounces), $scorer->brief->build);
            }
        }
        usort($heads, static fn (InventoryHead $a, InventoryHead $b): int => $a->weight->inOunces() <=> $b->weight->inOunces());

        return $heads;
    }

    private static function weighing(Weight $weight, Build $build): InventoryHead
    {
        return GenericParts::compose($build->with(head: $build->head->weighing($weight)))->head;
    }

    /**
     * @template T of array<InventoryPart|null>
     *
     * @param non-empty-list<Composition> $made
     * @param 'blades'|'skirts'|'trailers' $what
     * @param callable(Composition): T    $of
     * @param T|null                      $also laid there besides
     *
     * @return non-empty-list<T> what is in them, each once, by its name, which tells nothing of which is right
     */
    private static function laid(array $made, string $what, callable $of, ?array $also = null): array
    {
        $laid = [];
        foreach ($made as $one) {
            $parts = $of($one);
            if (\count($laid) < self::MOST[$what]) {
                $laid[self::name($parts)] ??= $parts;
            }
        }
        if (null !== $also) {
            $laid[self::name($also)] ??= $also;
        }
        ksort($laid);

        return array_values($laid);
    }

    /** @param array<InventoryPart|null> $parts */
    private static function name(array $parts): string
    {
        return implode(' ', array_map(static fn (?InventoryPart $part): string => $part?->name() ?? '', $parts));
    }
}
