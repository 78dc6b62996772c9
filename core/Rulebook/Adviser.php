<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\Intent;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\Profile;
use Kontrast\Reading\Reading;
use Kontrast\Reading\School;

/** Turns a reading into an advice: counts the votes, puts the picks together, and works out what the other schools would have picked. */
final readonly class Adviser
{
    private CloseCalls $edges;
    private NextSteps $next;
    private LureRanking $ranking;

    public function __construct(private Engine $engine)
    {
        $this->edges = new CloseCalls($this->engine);
        $this->next = new NextSteps($this->engine);
        $this->ranking = new LureRanking($this->engine);
    }

    public static function standard(): self
    {
        return new self(Engine::standard());
    }

    public function advise(Reading $reading): Advice
    {
        $decision = $this->engine->decide($reading);
        $assembly = new Assembly($decision);

        $ranking = $this->ranking->rank($reading);
        $followUp = LureRanking::after($reading->lure, $ranking);
        $notes = Note::collect($this->engine->book, $decision);

        return new Advice(
            build: $assembly->build(),
            suits: $assembly->one(Slot::Lure, LureKind::class),
            intent: $assembly->one(Slot::Intent, Intent::class),
            profile: $assembly->one(Slot::Profile, Profile::class),
            set: $assembly->set(),
            pairing: $assembly->pairing(),
            retrieve: $assembly->retrieve(),
            tackle: $assembly->tackle(),
            ranking: $ranking,
            followUp: $followUp,
            remedies: Remedies::collect($assembly),
            reasons: Reasons::collect($assembly),
            disagreements: $this->disagreements($decision, $assembly),
            cautions: Cautions::collect($reading, $decision),
            wanted: self::goal($assembly),
            near: $this->edges->near($assembly),
            next: $this->next->after($assembly, $followUp),
            where: array_values(array_filter($notes, static fn (Note $note): bool => NoteHeading::Where === $note->heading)),
            notes: array_values(array_filter($notes, static fn (Note $note): bool => NoteHeading::Where !== $note->heading)),
            scores: self::scores($decision),
        );
    }

    /** The same without what explains it: a tenth of the work, for whoever judges builds by the hundred. */
    public function brief(Reading $reading): Brief
    {
        $decision = $this->engine->decide($reading);
        $assembly = new Assembly($decision);

        return new Brief(
            $assembly->build(),
            self::goal($assembly),
            self::scores($decision),
        );
    }

    private static function goal(Assembly $assembly): BuildGoal
    {
        return BuildGoal::of(
            $assembly->one(Slot::Intent, Intent::class),
            $assembly->one(Slot::Pairing, Pairing::class),
            null !== $assembly->pairing(),
        );
    }

    /** @return array<string, array<string, float>> */
    private static function scores(Decision $decision): array
    {
        return array_map(
            static fn (Tally $tally): array => array_filter($tally->scores, static fn (float $score): bool => $score > 0.0),
            $decision->tallies,
        );
    }

    /**
     * The picks that differ from one reading to another, and why.
     *
     * @return list<Change>
     */
    public function changes(Reading $before, Reading $after): array
    {
        return Change::between(new Assembly($this->engine->decide($before)), new Assembly($this->engine->decide($after)));
    }

    /** @return list<Disagreement> */
    private function disagreements(Decision $mine, Assembly $assembly): array
    {
        $disagreements = [];
        foreach (SchoolQuestion::cases() as $question) {
            $chosen = $question->chosen($mine->reading);
            $others = [];
            foreach ($question->schools() as $school) {
                if ($school === $chosen) {
                    continue;
                }
                $dissent = $this->dissent($question, $school, $assembly, new Assembly($this->engine->inSchool($mine, $school)));
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

    private function dissent(SchoolQuestion $question, School $school, Assembly $mine, Assembly $theirs): ?Dissent
    {
        $values = [];
        $because = null;
        foreach ($question->slots() as $slot) {
            if ($mine->keys($slot) === $theirs->keys($slot)) {
                continue;
            }
            $tally = $theirs->decision->on($slot);
            $values[$slot->value] = $tally->winners ?? [];
            $first = $values[$slot->value][0] ?? null;
            $because ??= null === $first ? null : $tally?->strongestFor($first)?->rule->because;
        }

        return [] === $values ? null : new Dissent($school, $values, $because ?? 'They do without it.', $theirs->build());
    }
}
