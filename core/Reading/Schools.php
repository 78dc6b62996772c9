<?php

declare(strict_types=1);

namespace Kontrast\Reading;

/** The angler's choice on each question where the trade disagrees (D1 to D6). The first word of each is its default. */
final readonly class Schools
{
    public function __construct(
        public PairingSchool $pairing = PairingSchool::Ladder,
        public FinishSchool $finish = FinishSchool::WaterThenSun,
        public DirtySchool $dirty = DirtySchool::Dark,
        public ShadStartSchool $shadStart = ShadStartSchool::Clarity,
        public RedSpringSchool $redSpring = RedSpringSchool::WhereTheyTurn,
        public WoodSchool $wood = WoodSchool::Knock,
    ) {
    }

    /** The same choices but for one question. */
    public function with(PairingSchool|FinishSchool|DirtySchool|ShadStartSchool|RedSpringSchool|WoodSchool $school): self
    {
        return new self(
            $school instanceof PairingSchool ? $school : $this->pairing,
            $school instanceof FinishSchool ? $school : $this->finish,
            $school instanceof DirtySchool ? $school : $this->dirty,
            $school instanceof ShadStartSchool ? $school : $this->shadStart,
            $school instanceof RedSpringSchool ? $school : $this->redSpring,
            $school instanceof WoodSchool ? $school : $this->wood,
        );
    }

    /** Whether the angler holds with this school. */
    public function holds(PairingSchool|FinishSchool|DirtySchool|ShadStartSchool|RedSpringSchool|WoodSchool $school): bool
    {
        return \in_array($school, [$this->pairing, $this->finish, $this->dirty, $this->shadStart, $this->redSpring, $this->wood], true);
    }
}
