<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\LureKind;
use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\Reading;
use Kontrast\Reading\School;
use Kontrast\Rulebook\Condition\All;

/**
 * A declaration: which lures it is for, when it speaks, what it picks and why. It decides nothing; the engine does.
 */
final readonly class Rule
{
    /** @var list<Condition> those that look at the reading alone */
    private array $onReading;
    /** @var list<Condition> those that look at earlier answers */
    private array $onAnswers;

    /**
     * @param list<string>    $facts   ids of the facts it rests on; empty for a default of the house
     * @param list<LureKind>  $kinds   empty for all
     * @param list<School>    $schools speaks where the angler holds with any of these; empty for always
     * @param list<Condition> $conditions
     * @param list<Pick>      $for
     * @param list<Pick>      $against
     * @param list<Claim>     $claims what its sentence says beside that
     * @param NoteHeading|null    $heading where it is told, for a rule that is a note and picks nothing
     */
    private function __construct(
        public string $id,
        public array $facts,
        public Rank $rank = Rank::Usual,
        public array $kinds = [],
        public array $schools = [],
        public array $conditions = [],
        public array $for = [],
        public array $against = [],
        public string $because = '',
        public ?NoteHeading $heading = null,
        public array $claims = [],
    ) {
        $onReading = $onAnswers = [];
        foreach ($conditions as $condition) {
            [] === $condition->slotsUsed() ? $onReading[] = $condition : $onAnswers[] = $condition;
        }
        $this->onReading = $onReading;
        $this->onAnswers = $onAnswers;
    }

    /** A rule named after the fact it rests on; "B3.clear" rests on B3. Ids starting with "house." rest on none. */
    public static function called(string $id): self
    {
        $fact = explode('.', $id)[0];

        return new self($id, 'house' === $fact ? [] : [$fact]);
    }

    /** Further facts it rests on. */
    public function with(string ...$facts): self
    {
        return $this->withChanges(facts: [...$this->facts, ...array_values($facts)]);
    }

    public function for(LureKind ...$kinds): self
    {
        return $this->withChanges(kinds: array_values($kinds));
    }

    public function school(School ...$schools): self
    {
        return $this->withChanges(schools: array_values($schools));
    }

    public function when(Condition ...$conditions): self
    {
        return $this->withChanges(conditions: [...$this->conditions, ...array_values($conditions)]);
    }

    public function pick(PartPicks ...$picks): self
    {
        return $this->withChanges(for: [...$this->for, ...self::flat($picks)]);
    }

    public function notPick(PartPicks ...$picks): self
    {
        return $this->withChanges(against: [...$this->against, ...self::flat($picks)]);
    }

    /** Picks nothing, but is told under a heading when it speaks. */
    public function note(NoteHeading $heading): self
    {
        return $this->withChanges(heading: $heading);
    }

    public function because(string $because): self
    {
        return $this->withChanges(because: $because);
    }

    /** What its sentence says of the lure beside what it picks. */
    public function claims(Claim ...$claims): self
    {
        return $this->withChanges(claims: array_values($claims));
    }

    public function fallback(): self
    {
        return $this->withChanges(rank: Rank::Fallback);
    }

    /** As an angler reads it who does not believe it. */
    public function doubted(): self
    {
        return $this->withChanges(rank: Rank::Doubted);
    }

    public function special(): self
    {
        return $this->withChanges(rank: Rank::Special);
    }

    public function deciding(): self
    {
        return $this->withChanges(rank: Rank::Deciding);
    }

    public function ruling(): self
    {
        return $this->withChanges(rank: Rank::Ruling);
    }

    /**
     * The same rule as the angler's notes repeat it: whichever school the angler holds, and only as loud as the notes are sure.
     */
    public function asNoted(string $because, Condition $evidence): self
    {
        return new self(
            id: "log.$this->id",
            facts: [...$this->facts, 'L5'],
            rank: Rank::Noted,
            kinds: $this->kinds,
            conditions: [...$this->conditions, $evidence],
            for: $this->for,
            against: $this->against,
            because: $because,
        );
    }

    public function isFor(LureKind $kind): bool
    {
        return [] === $this->kinds || \in_array($kind, $this->kinds, true);
    }

    /** The part it speaks of, by its first pick: lure, head, blades, skirt, trailer or trailer_hook; "notes" where it picks nothing. */
    public function part(): string
    {
        return ($this->for[0] ?? $this->against[0] ?? null)?->slot->part() ?? 'notes';
    }

    /** @return list<string> fields of the reading, and slots settled before, that its strength hangs on */
    public function dependsOn(): array
    {
        $dependsOn = array_merge(...array_map(self::schoolHangsOn(...), $this->schools));
        foreach ($this->conditions as $condition) {
            $dependsOn = [
                ...$dependsOn,
                ...$condition->fields(),
                ...array_map(static fn (Slot $slot): string => $slot->value, $condition->slotsUsed()),
            ];
        }

        return array_values(array_unique($dependsOn));
    }

    /** @return list<string> */
    private static function schoolHangsOn(School $school): array
    {
        return $school instanceof DirtySchool ? self::DIRTY_HANGS_ON : ['schools.'.SchoolQuestion::of($school)->value];
    }

    /** How fully the rule speaks here, 0 to 1: its weakest condition decides. */
    public function strength(Situation $situation): float
    {
        if ([] !== $this->schools && null === $this->schoolHeld($situation->reading)) {
            return 0.0;
        }

        $strength = 1.0;
        foreach ($this->onReading as $condition) {
            $strength = min($strength, $situation->strengthOf($condition));
            if ($strength <= 0.0) {
                return 0.0;
            }
        }

        return min($strength, All::weakest($this->onAnswers, $situation));
    }

    /**
     * The same rule with each of its conditions replaced by an equal one that rules share.
     *
     * @param array<string, Condition> $shared by what they say; those it lacks are added
     */
    public function sharing(array &$shared): self
    {
        return $this->withChanges(conditions: array_map(static function (Condition $condition) use (&$shared): Condition {
            return $shared[json_encode($condition->describe(), \JSON_THROW_ON_ERROR).$condition::class] ??= $condition;
        }, $this->conditions));
    }

    /** The school of the angler's that lets the rule speak, or null. */
    public function schoolHeld(Reading $reading): ?School
    {
        foreach ($this->schools as $school) {
            if ($reading->sideOn($school) === $school) {
                return $school;
            }
        }

        return null;
    }

    /** How much a full word of this rule counts: its rank, and a little for every condition it names, since the closer description wins. */
    public function weight(): float
    {
        return Rank::Doubted === $this->rank ? self::WHISPER : $this->rank->value + self::PER_CONDITION * \count($this->conditions);
    }

    private const PER_CONDITION = 0.25;
    /** The weight of a rule that is not believed: less than any that is, and more than nothing. (Chosen.) */
    private const WHISPER = 1e-3;
    /** What the school of dirty water is worked out from where the angler has not said (DirtySchool::usual). */
    public const DIRTY_HANGS_ON = ['schools.dirty', 'forage', 'forage_also', 'visibility_in', 'tint', 'sky'];

    /**
     * @param array<PartPicks> $picks
     *
     * @return list<Pick>
     */
    private static function flat(array $picks): array
    {
        return array_merge(...array_map(static fn (PartPicks $part): array => $part->picks(), array_values($picks)));
    }

    /**
     * @param list<string>|null    $facts
     * @param list<LureKind>|null  $kinds
     * @param list<School>|null    $schools
     * @param list<Condition>|null $conditions
     * @param list<Pick>|null      $for
     * @param list<Pick>|null      $against
     * @param list<Claim>|null     $claims
     */
    private function withChanges(
        ?array $facts = null,
        ?Rank $rank = null,
        ?array $kinds = null,
        ?array $schools = null,
        ?array $conditions = null,
        ?array $for = null,
        ?array $against = null,
        ?string $because = null,
        ?NoteHeading $heading = null,
        ?array $claims = null,
    ): self {
        return new self(
            id: $this->id,
            facts: $facts ?? $this->facts,
            rank: $rank ?? $this->rank,
            kinds: $kinds ?? $this->kinds,
            schools: $schools ?? $this->schools,
            conditions: $conditions ?? $this->conditions,
            for: $for ?? $this->for,
            against: $against ?? $this->against,
            because: $because ?? $this->because,
            heading: $heading ?? $this->heading,
            claims: $claims ?? $this->claims,
        );
    }
}
