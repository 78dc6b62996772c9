<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\LureKind;
use Kontrast\Reading\Reading;

/** Ranks the four kinds of lure for a reading, whichever it asks for, and names the one to follow up with (R9). */
final readonly class LureRanking
{
    /** A kind that no fact speaks for is worth so much; one that a habit speaks for 60, one that is named for the water over 90. (Y5.) */
    private const SILENT = 45.0;
    private const MOST = 100.0;
    /** So many habits' votes close two thirds of what is left to the most. */
    private const STEEP = 3.0;

    public function __construct(private Engine $engine)
    {
    }

    /** With the rules that rank alone: quick to make, for whoever needs no more than the best kind. */
    public static function standard(): self
    {
        return new self(new Engine(Rulebook::of(Rules\LureRules::all())));
    }

    /** @return non-empty-list<RankedLure> every kind, best first */
    public function rank(Reading $reading): array
    {
        $tally = $this->engine->rank($reading);
        $votes = $tally->believed();
        $ranked = [];
        foreach ($tally->scores as $key => $score) {
            $kind = LureKind::from($key);
            $for = array_values(array_filter(
                $votes,
                static fn (Vote $vote): bool => $vote->value->key === $key && $vote->count > 0,
            ));
            usort($for, static fn (Vote $a, Vote $b): int => $b->count <=> $a->count);
            $against = array_values(array_filter(
                $votes,
                static fn (Vote $vote): bool => $vote->value->key === $key && $vote->count < 0,
            ));
            $told = $against[0] ?? $for[0] ?? null;
            $facts = array_merge(...array_map(static fn (Vote $vote): array => $vote->rule->facts, [...$against, ...$for]));
            $ranked[] = new RankedLure(
                $kind,
                self::worth($score),
                $told->rule->because ?? '',
                array_values(array_unique($facts)),
            );
        }

        return [] === $ranked ? throw new \LogicException('Every kind is ranked.') : $ranked;
    }

    /** The kinds are nearer to each other than one winner and three zeros: below 30 falls only what a fact speaks against. */
    private static function worth(float $score): float
    {
        $habits = ($score - Rank::Fallback->value) / Rank::Usual->value;

        return $habits < 0.0
            ? self::SILENT * exp($habits)
            : self::MOST - (self::MOST - self::SILENT) * exp(-$habits / self::STEEP);
    }

    public function best(Reading $reading): LureKind
    {
        return $this->rank($reading)[0]->kind;
    }

    /**
     * After a lure that is wound, a jig on the same spot; after a jig, the best of the wound ones to search with.
     *
     * @param list<RankedLure> $ranking every kind, best first
     */
    public static function after(LureKind $kind, array $ranking): FollowUp
    {
        if ($kind->isWound()) {
            return new FollowUp(
                LureKind::Jig,
                'Where one bites, slow down: a jig on the same spot.',
                ['R9', 'L1'],
            );
        }
        foreach ($ranking as $ranked) {
            if ($ranked->kind->isWound()) {
                return new FollowUp($ranked->kind, 'When bites stop at a spot, go back to searching with a lure that covers '
                    .'water.', ['L1', 'R9']);
            }
        }
        throw new \LogicException('Every kind is ranked.');
    }
}
