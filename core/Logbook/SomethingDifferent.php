<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Reading\School;
use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Change;
use Kontrast\Rulebook\Decision;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\SchoolQuestion;
use Kontrast\Rulebook\Slot;

/**
 * What to show fish that have seen the usual: the build nearest to it that is good here still and that nobody has noted in this water
 * (L9, F10). Nearest is what differs in the fewest picks; of those, what has the most votes.
 */
final readonly class SomethingDifferent
{
    /** A pick is good still with this share of the votes that the usual one has; what another school ties counts as much. (Chosen.) */
    private const GOOD = 0.5;

    /**
     * @param list<Change> $changes from the usual pick, each with the rule that speaks loudest for it
     * @param School|null  $school  whose build it is; null where it has votes enough here
     */
    private function __construct(public Assembly $build, public array $changes, public ?School $school)
    {
    }

    /**
     * @param list<array<string, string>> $fished how the lures looked that were fished in this water, as StintLevels::looks() says it
     *
     * @return self|null null where all that is good has been fished
     */
    public static function find(Engine $engine, Decision $usual, array $fished): ?self
    {
        $assembly = new Assembly($usual);
        $known = array_flip(array_map(self::key(...), [...$fished, StintLevels::looks($assembly->build())]));
        $ways = [...self::byVotes($engine, $assembly), ...self::bySchools($engine, $assembly)];
        usort($ways, static fn (array $a, array $b): int => [$a[0], $b[1]] <=> [$b[0], $a[1]]);
        foreach ($ways as [, , $make, $school]) {
            $other = $make();
            if (null !== $other && !isset($known[self::key(StintLevels::looks($other->build()))])) {
                return new self($other, Change::between($assembly, $other), $school);
            }
        }

        return null;
    }

    /**
     * Builds with other answers that have enough votes.
     *
     * @return list<array{int, float, \Closure(): ?Assembly, School|null}> in how many picks it differs, the share of
     *         the votes, how it is put together, and who ties it
     */
    private static function byVotes(Engine $engine, Assembly $usual): array
    {
        $ways = [[[], 1.0]];
        foreach (Slot::SEEN as $slot) {
            $longer = [];
            foreach (self::shares($usual, $slot) as $key => $share) {
                foreach ($ways as [$answers, $of]) {
                    $longer[] = [[...$answers, $slot->value => $key], $of * $share];
                }
            }
            $ways = [...$ways, ...$longer];
        }

        return array_map(
            static fn (array $way): array => [
                \count($way[0]),
                $way[1],
                static fn (): ?Assembly => self::answered($engine, $usual, $way[0]),
                null,
            ],
            \array_slice($ways, 1),
        );
    }

    /**
     * What anglers of other schools tie here.
     *
     * @return list<array{int, float, \Closure(): ?Assembly, School|null}> as above
     */
    private static function bySchools(Engine $engine, Assembly $usual): array
    {
        $looks = StintLevels::looks($usual->build());
        $ways = [];
        foreach (SchoolQuestion::cases() as $question) {
            foreach ($question->schools() as $school) {
                $other = new Assembly($engine->inSchool($usual->decision, $school));
                $apart = \count(array_diff_assoc(StintLevels::looks($other->build()), $looks));
                if ($apart > 0) {
                    $ways[] = [$apart, self::GOOD, static fn (): Assembly => $other, $school];
                }
            }
        }

        return $ways;
    }

    /** @return array<string, float> by value, the share of the usual pick's votes that others have, as far as a fact speaks for them */
    private static function shares(Assembly $usual, Slot $slot): array
    {
        $picked = $usual->keys($slot)[0] ?? null;
        $tally = $usual->decision->on($slot);
        $shares = [];
        foreach ($tally->votes ?? [] as $vote) {
            $key = $vote->value->key;
            $share = null === $picked || null === $tally ? 0.0 : ($tally->scores[$key] ?? 0.0) / $tally->scores[$picked];
            if ($key !== $picked && [] !== $vote->rule->facts && $share >= self::GOOD) {
                $shares[$key] = $share;
            }
        }

        return $shares;
    }

    /**
     * @param array<string, string> $answers by slot
     *
     * @return Assembly|null null where one of them may not stand there
     */
    private static function answered(Engine $engine, Assembly $usual, array $answers): ?Assembly
    {
        $other = new Assembly($engine->answering($usual->decision, $answers));
        foreach ($answers as $slot => $answer) {
            if ($other->keys(Slot::from($slot)) !== [$answer]) {
                return null;
            }
        }

        return $other;
    }

    /** @param array<string, string> $looks */
    private static function key(array $looks): string
    {
        return implode(' ', array_map(static fn (Factor $factor): string => $looks[$factor->value] ?? '', StintLevels::LOOKS));
    }
}
