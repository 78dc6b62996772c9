<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\Intent;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\Profile;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\Reading;

/** Turns a reading into an advice: deliberates, puts the picks together, and asks what the other schools would have done. */
final readonly class Adviser
{
    private Edges $edges;
    private NextSteps $next;

    public function __construct(private Engine $engine)
    {
        $this->edges = new Edges($this->engine);
        $this->next = new NextSteps($this->engine);
    }

    public static function standard(): self
    {
        return new self(Engine::standard());
    }

    public function advise(Reading $reading): Advice
    {
        $deliberation = $this->engine->deliberate($reading);
        $assembly = new Assembly($deliberation);

        return new Advice(
            $assembly->build(),
            $assembly->one(Slot::Lure, LureKind::class),
            $assembly->one(Slot::Intent, Intent::class),
            $assembly->one(Slot::Profile, Profile::class),
            $assembly->one(Slot::Pairing, Pairing::class),
            $this->reasons($deliberation, $assembly),
            $this->disagreements($deliberation, $assembly),
            Cautions::for($reading, $deliberation),
            Wanted::of($assembly->one(Slot::Intent, Intent::class), $assembly->one(Slot::Pairing, Pairing::class)),
            $this->edges->near($assembly),
            $this->next->after($assembly),
            Note::on($this->engine->book, $deliberation),
            self::scores($deliberation),
        );
    }

    /** The same without what explains it: a tenth of the work, for whoever judges builds by the hundred. */
    public function brief(Reading $reading): Brief
    {
        $deliberation = $this->engine->deliberate($reading);
        $assembly = new Assembly($deliberation);

        return new Brief($assembly->build(), Wanted::of($assembly->one(Slot::Intent, Intent::class), $assembly->one(Slot::Pairing, Pairing::class)), self::scores($deliberation));
    }

    /** @return array<string, array<string, float>> */
    private static function scores(Deliberation $deliberation): array
    {
        return array_map(static fn (Ballot $ballot): array => array_filter($ballot->scores, static fn (float $score): bool => $score > 0.0), $deliberation->ballots);
    }

    /**
     * The picks that differ from one reading to another, and why.
     *
     * @return list<Change>
     */
    public function changes(Reading $before, Reading $after): array
    {
        return Change::between(new Assembly($this->engine->deliberate($before)), new Assembly($this->engine->deliberate($after)));
    }

    /** @return list<Reason> */
    private function reasons(Deliberation $deliberation, Assembly $assembly): array
    {
        $reasons = [];
        $situation = new Situation($deliberation->reading);
        foreach ($assembly->slotsInUse() as $slot) {
            $ballot = $deliberation->on($slot);
            foreach ($ballot->winners ?? [] as $value) {
                $loudest = $ballot?->loudestFor($value);
                if (null === $ballot || null === $loudest) {
                    continue;
                }
                $school = $loudest->rule->schoolHeld($situation);
                $reasons[] = new Reason(
                    $slot,
                    $value,
                    $loudest->rule,
                    $loudest->strength,
                    null === $school ? null : $school->value,
                    array_values(array_filter($ballot->votesFor(), static fn (Vote $vote): bool => $vote->value->key === $value->key && $vote->rule !== $loudest->rule)),
                    $ballot->votesAgainst(),
                );
            }
        }

        return $reasons;
    }

    /** @return list<Disagreement> */
    private function disagreements(Deliberation $mine, Assembly $assembly): array
    {
        $disagreements = [];
        foreach (Question::cases() as $question) {
            $chosen = $question->chosen($mine->reading->schools);
            $others = [];
            foreach ($question->schools() as $school) {
                if ($school === $chosen) {
                    continue;
                }
                $theirs = $this->engine->reconsider($mine, $mine->reading->but(schools: $mine->reading->schools->with($school)), 'schools.'.$question->value);
                $dissent = $this->dissent($question, $school, $assembly, new Assembly($theirs));
                if (null !== $dissent) {
                    $others[] = $dissent;
                }
            }
            if ([] !== $others) {
                $disagreements[] = new Disagreement($question, $chosen, $others);
            }
        }

        return $disagreements;
    }

    private function dissent(Question $question, \BackedEnum $school, Assembly $mine, Assembly $theirs): ?Dissent
    {
        $values = [];
        $because = null;
        foreach ($question->slots() as $slot) {
            if ($mine->keys($slot) === $theirs->keys($slot)) {
                continue;
            }
            $ballot = $theirs->deliberation->on($slot);
            $values[$slot->value] = $ballot->winners ?? [];
            $first = $values[$slot->value][0] ?? null;
            $because ??= null === $first ? null : $ballot?->loudestFor($first)?->rule->because;
        }

        return [] === $values ? null : new Dissent($school, $values, $because ?? 'They leave it out.', $theirs->build());
    }
}
