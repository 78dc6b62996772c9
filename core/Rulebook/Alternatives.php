<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** What the same reading would get in clearer or dirtier water, or in another school: each worked out when it is first needed. */
final class Alternatives
{
    /** @var array<string, Decision> */
    private array $decisions = [];

    public function __construct(private readonly Engine $engine, public readonly Assembly $here)
    {
    }

    /** @param float $times how many times as far one sees */
    public function atVisibility(float $times): Decision
    {
        $reading = $this->here->decision->reading;

        return $this->decisions["visibility $times"] ??= $this->engine->reconsider(
            $this->here->decision,
            $reading->with(visibility: $reading->visibility->times($times)),
            Quantity::Visibility->value,
        );
    }

    /** @return iterable<int, Decision> in the order of the schools */
    public function inSchoolsOf(SchoolQuestion $question): iterable
    {
        foreach ($question->schools() as $school) {
            $key = "{$question->value} {$school->value}";
            yield $this->decisions[$key] ??= $this->engine->inSchool($this->here->decision, $school);
        }
    }
}
