<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Lure\Intent;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\Profile;
use Kontrast\Material\BuildParts;
use Kontrast\Material\Part;
use Kontrast\Reading\LureKind;
use Kontrast\Rulebook\Advice;
use Kontrast\Rulebook\Caution;
use Kontrast\Rulebook\Disagreement;
use Kontrast\Rulebook\Edge;
use Kontrast\Rulebook\Note;
use Kontrast\Rulebook\Reason;
use Kontrast\Rulebook\Step;
use OpenApi\Attributes as OA;

/** What to tie and why. */
#[OA\Schema(schema: 'Advice', additionalProperties: false, required: [
    'lure', 'suits', 'head', 'blades', 'skirt', 'trailer', 'pairing', 'intent', 'profile', 'trailer_hook', 'measures', 'look_parts', 'reasons', 'disagreements', 'cautions',
    'wanted', 'near', 'next', 'notes',
])]
final readonly class AdviceDocument
{
    /**
     * @param list<BladeDocument>        $blades
     * @param list<PartDocument>         $look_parts
     * @param list<ReasonDocument>       $reasons
     * @param list<DisagreementDocument> $disagreements
     * @param list<CautionDocument>      $cautions
     * @param list<EdgeDocument>         $near
     * @param list<StepDocument>         $next
     * @param list<NoteDocument>         $notes
     */
    public function __construct(
        #[OA\Property(type: 'string', enum: LureKind::class)]
        public LureKind $lure,
        #[OA\Property(type: 'string', enum: LureKind::class, description: 'The lure that suits the reading: another one where the advice is to change.')]
        public LureKind $suits,
        #[OA\Property(ref: HeadDocument::class)]
        public HeadDocument $head,
        #[OA\Property(type: 'array', items: new OA\Items(ref: BladeDocument::class), maxItems: 2)]
        public array $blades,
        #[OA\Property(ref: SkirtDocument::class, nullable: true)]
        public ?SkirtDocument $skirt,
        #[OA\Property(ref: TrailerDocument::class, nullable: true)]
        public ?TrailerDocument $trailer,
        #[OA\Property(type: 'string', enum: Pairing::class)]
        public Pairing $pairing,
        #[OA\Property(type: 'string', enum: Intent::class, description: 'What the fish is meant to make of it.')]
        public Intent $intent,
        #[OA\Property(type: 'string', enum: Profile::class)]
        public Profile $profile,
        #[OA\Property(ref: TrailerHookDocument::class, nullable: true)]
        public ?TrailerHookDocument $trailer_hook,
        #[OA\Property(ref: MeasuresDocument::class)]
        public MeasuresDocument $measures,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PartDocument::class), description: 'Its parts as a look takes them: head, blade.front, blade.rear, skirt.0 and on, trailer.0 and on.')]
        public array $look_parts,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ReasonDocument::class))]
        public array $reasons,
        #[OA\Property(type: 'array', items: new OA\Items(ref: DisagreementDocument::class))]
        public array $disagreements,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CautionDocument::class))]
        public array $cautions,
        #[OA\Property(ref: WantedDocument::class)]
        public WantedDocument $wanted,
        #[OA\Property(type: 'array', items: new OA\Items(ref: EdgeDocument::class), description: 'Nearest first: measuring the first again settles most.')]
        public array $near,
        #[OA\Property(type: 'array', items: new OA\Items(ref: StepDocument::class), description: 'In the order to try them.')]
        public array $next,
        #[OA\Property(type: 'array', items: new OA\Items(ref: NoteDocument::class))]
        public array $notes,
    ) {
    }

    public static function of(Advice $advice): self
    {
        $build = BuildDocument::of($advice->build);

        return new self(
            $build->lure,
            $advice->suits,
            $build->head,
            $build->blades,
            $build->skirt,
            $build->trailer,
            $advice->pairing,
            $advice->intent,
            $advice->profile,
            $build->trailer_hook,
            $build->measures,
            array_map(static fn (Part $part): PartDocument => PartDocument::of($part), BuildParts::of($advice->build)),
            array_map(static fn (Reason $reason): ReasonDocument => ReasonDocument::of($reason), $advice->reasons),
            array_map(static fn (Disagreement $disagreement): DisagreementDocument => DisagreementDocument::of($disagreement), $advice->disagreements),
            array_map(static fn (Caution $caution): CautionDocument => CautionDocument::of($caution), $advice->cautions),
            WantedDocument::of($advice->wanted, [] !== $build->blades),
            array_map(static fn (Edge $edge): EdgeDocument => EdgeDocument::of($edge), $advice->near),
            array_map(static fn (Step $step): StepDocument => StepDocument::of($step), $advice->next),
            array_map(static fn (Note $note): NoteDocument => NoteDocument::of($note), $advice->notes),
        );
    }
}
