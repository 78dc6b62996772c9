<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use App\Contract\Look\LookPartDocument;
use Kontrast\Lure\Intent;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\LureSet;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\Profile;
use Kontrast\Material\BuildOptics;
use Kontrast\Material\OpticalPart;
use Kontrast\Rulebook\Advice;
use Kontrast\Rulebook\Caution;
use Kontrast\Rulebook\CloseCall;
use Kontrast\Rulebook\Disagreement;
use Kontrast\Rulebook\NextStep;
use Kontrast\Rulebook\Note;
use Kontrast\Rulebook\RankedLure;
use Kontrast\Rulebook\Reason;
use Kontrast\Rulebook\Remedy;
use Kontrast\Rulebook\Slot;
use Kontrast\Water\Direction;
use OpenApi\Attributes as OA;

/** What to tie and why. */
#[OA\Schema(schema: 'Advice', additionalProperties: false)]
final readonly class AdviceDocument
{
    /**
     * @param list<BladeDocument>        $blades
     * @param list<LookPartDocument>         $look_parts
     * @param list<array{string, string}> $look_pairs
     * @param list<ReasonDocument>       $reasons
     * @param list<DisagreementDocument> $disagreements
     * @param list<CautionDocument>      $cautions
     * @param list<CloseCallDocument>         $near
     * @param list<NextStepDocument>         $next
     * @param list<NoteDocument>         $notes
     * @param list<array{string, string}> $look_pairs_below
     * @param array<string, FirmnessDocument> $firmness by pick
     * @param list<RankedLureDocument> $lure_ranking
     * @param list<RemedyDocument> $remedies
     * @param list<WhereDocument> $where
     */
    public function __construct(
        public LureKind $lure,
        #[OA\Property(description: 'The lure that suits the reading: another one where the advice is to change.')]
        public LureKind $suits,
        public HeadDocument $head,
        #[OA\Property(maxItems: 2)]
        public array $blades,
        public ?SkirtDocument $skirt,
        public ?TrailerDocument $trailer,
        #[OA\Property(description: 'Blade, skirt and trailer as one; null for a lure without a blade.')]
        public ?LureSet $set,
        #[OA\Property(description: 'Null where there is no skirt or no trailer.')]
        public ?Pairing $pairing,
        #[OA\Property(description: 'What a fish should see in it.')]
        public Intent $intent,
        public Profile $profile,
        public ?TrailerHookDocument $trailer_hook,
        public MeasuresDocument $measures,
        #[OA\Property(description: 'Its parts as input for /api/look: head, blade.front, blade.rear, skirt.0 and on, trailer.0 and on.')]
        public array $look_parts,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(type: 'array', items: new OA\Items(type: 'string'), minItems: 2, maxItems: 2),
            description: 'The pairs of parts to compare, seen from the side.',
        )]
        public array $look_pairs,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(type: 'array', items: new OA\Items(type: 'string'), minItems: 2, maxItems: 2),
            description: 'The same, seen from below, where bellies show.',
        )]
        public array $look_pairs_below,
        public array $reasons,
        public array $disagreements,
        public array $cautions,
        public BuildGoalDocument $wanted,
        #[OA\Property(description: 'Closest first: measuring the first one again helps most.')]
        public array $near,
        #[OA\Property(description: 'In the order to try them.')]
        public array $next,
        public array $notes,
        #[OA\Property(description: 'By pick: how far it is ahead of the runner-up.')]
        public array $firmness,
        public RetrieveDocument $retrieve,
        public TackleDocument $tackle,
        #[OA\Property(description: 'Best first, whichever was asked for.')]
        public array $lure_ranking,
        public FollowUpDocument $follow_up,
        public array $remedies,
        public array $where,
    ) {
    }

    public static function of(Advice $advice): self
    {
        $build = BuildDocument::of($advice->build);
        $parts = BuildOptics::parts($advice->build);

        return new self(
            lure: $build->lure,
            suits: $advice->suits,
            head: $build->head,
            blades: $build->blades,
            skirt: $build->skirt,
            trailer: $build->trailer,
            set: $advice->set,
            pairing: $advice->pairing,
            intent: $advice->intent,
            profile: $advice->profile,
            trailer_hook: $build->trailer_hook,
            measures: $build->measures,
            look_parts: array_map(static fn (OpticalPart $part): LookPartDocument => LookPartDocument::of($part), $parts),
            look_pairs: BuildOptics::pairs($parts),
            look_pairs_below: BuildOptics::pairs($parts, Direction::Below),
            reasons: array_map(static fn (Reason $reason): ReasonDocument => ReasonDocument::of($reason), $advice->reasons),
            disagreements: array_map(
                static fn (Disagreement $disagreement): DisagreementDocument => DisagreementDocument::of($disagreement),
                $advice->disagreements,
            ),
            cautions: array_map(static fn (Caution $caution): CautionDocument => CautionDocument::of($caution), $advice->cautions),
            wanted: BuildGoalDocument::of($advice->wanted, [] !== $build->blades),
            near: array_map(static fn (CloseCall $edge): CloseCallDocument => CloseCallDocument::of($edge), $advice->near),
            next: array_map(static fn (NextStep $step): NextStepDocument => NextStepDocument::of($step), $advice->next),
            notes: array_map(static fn (Note $note): NoteDocument => NoteDocument::of($note), $advice->notes),
            firmness: self::firmness($advice),
            retrieve: RetrieveDocument::of(
                $advice->retrieve,
                self::reasons($advice, Slot::RetrieveName, Slot::RetrievePace, Slot::RetrieveRun),
            ),
            tackle: TackleDocument::of(
                $advice->tackle,
                self::reasons($advice, Slot::TackleLine, Slot::TackleTest, Slot::TackleRod, Slot::TackleGear),
            ),
            lure_ranking: array_map(
                static fn (RankedLure $ranked): RankedLureDocument => RankedLureDocument::of($ranked),
                $advice->ranking,
            ),
            follow_up: FollowUpDocument::of($advice->followUp),
            remedies: array_map(static fn (Remedy $remedy): RemedyDocument => RemedyDocument::of($remedy), $advice->remedies),
            where: array_map(static fn (Note $note): WhereDocument => WhereDocument::of($note), $advice->where),
        );
    }

    /** @return array<string, FirmnessDocument> by pick; of several values the least firm */
    private static function firmness(Advice $advice): array
    {
        $firmness = [];
        foreach ($advice->reasons as $reason) {
            $firmness[$reason->slot->value] = FirmnessDocument::of($reason->firmness, $reason->runnerUp);
        }

        return $firmness;
    }

    /** @return list<Reason> */
    private static function reasons(Advice $advice, Slot ...$slots): array
    {
        return array_values(array_filter($advice->reasons, static fn (Reason $reason): bool => \in_array($reason->slot, $slots, true)));
    }
}
