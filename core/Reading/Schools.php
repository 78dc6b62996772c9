<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\LureKind;

/** The angler's choice on each question where the trade disagrees (D1 to D14). The first word of each is its default. */
final readonly class Schools
{
    private const FIELDS = [
        PairingSchool::class => 'pairing',
        FinishSchool::class => 'finish',
        DirtySchool::class => 'dirty',
        ShadStartSchool::class => 'shadStart',
        RedSpringSchool::class => 'redSpring',
        WoodSchool::class => 'wood',
        StainedTrailerSchool::class => 'stainedTrailer',
        StrandsSchool::class => 'strands',
        ShallowLineSchool::class => 'shallowLine',
        WarmingGrassSchool::class => 'warmingGrass',
        JigStrandsSchool::class => 'jigStrands',
        JigClearSchool::class => 'jigClear',
        SpinnerbaitTrailerSchool::class => 'spinnerbaitTrailer',
    ];

    /**
     * @param DirtySchool|null           $dirty   for every kind of lure; null for what is usual for each (D3)
     * @param array<string, DirtySchool> $dirtyOf by kind of lure, for those that have one of their own
     */
    public function __construct(
        public PairingSchool $pairing = PairingSchool::Ladder,
        public FinishSchool $finish = FinishSchool::WaterThenSun,
        public ?DirtySchool $dirty = null,
        public ShadStartSchool $shadStart = ShadStartSchool::Clarity,
        public RedSpringSchool $redSpring = RedSpringSchool::WhereTheyTurn,
        public WoodSchool $wood = WoodSchool::Knock,
        public StainedTrailerSchool $stainedTrailer = StainedTrailerSchool::Open,
        public StrandsSchool $strands = StrandsSchool::AsClarity,
        public ShallowLineSchool $shallowLine = ShallowLineSchool::Fluorocarbon,
        public WarmingGrassSchool $warmingGrass = WarmingGrassSchool::Skirtless,
        public JigStrandsSchool $jigStrands = JigStrandsSchool::Rubber,
        public JigClearSchool $jigClear = JigClearSchool::Open,
        public SpinnerbaitTrailerSchool $spinnerbaitTrailer = SpinnerbaitTrailerSchool::ColdOrDirty,
        public array $dirtyOf = [],
    ) {
    }

    /** The same choices but for one question. */
    public function with(School $school): self
    {
        $changed = [self::FIELDS[$school::class] => $school] + ($school instanceof DirtySchool ? ['dirtyOf' => []] : []);
        /** @phpstan-var array{} $fields each of its own type, as the constructor names them */
        $fields = [...get_object_vars($this), ...$changed];

        return new self(...$fields);
    }

    /** What was said of dirty water for this kind of lure; null where nothing was. */
    public function dirtyFor(LureKind $kind): ?DirtySchool
    {
        return $this->dirtyOf[$kind->value] ?? $this->dirty;
    }

    /** The choice on the question that this school answers, but for dirty water, which is asked of each kind of lure. */
    public function on(School $school): ?School
    {
        $chosen = $this->{self::FIELDS[$school::class]};

        return $chosen instanceof School ? $chosen : null;
    }
}
