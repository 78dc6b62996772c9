<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\Build;
use Kontrast\Lure\Intent;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\LureSet;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\Profile;
use Kontrast\Lure\Retrieve;
use Kontrast\Lure\Tackle;

/** What to tie, and everything there is to say about why. */
final readonly class Advice
{
    /**
     * @param list<Reason>       $reasons       one for every value picked, in the order of settling
     * @param list<Disagreement> $disagreements
     * @param list<Caution>      $cautions
     * @param list<CloseCall>         $near     numbers so close to an edge that the picks might turn, nearest first
     * @param list<NextStep>         $next     what to change when something happens on the water
     * @param LureSet|null       $set null for a lure without a blade
     * @param Pairing|null       $pairing null where there is no skirt or no trailer
     * @param list<RankedLure>   $ranking every kind, best first
     * @param list<Remedy>       $remedies
     * @param list<Note>         $where where on the water to fish
     * @param list<Note>         $notes
     * @param array<string, array<string, float>> $scores what every value that was voted for came to, best first, by slot value
     */
    public function __construct(
        public Build $build,
        public LureKind $suits,
        public Intent $intent,
        public Profile $profile,
        public ?LureSet $set,
        public ?Pairing $pairing,
        public Retrieve $retrieve,
        public Tackle $tackle,
        public array $ranking,
        public FollowUp $followUp,
        public array $remedies,
        public array $reasons,
        public array $disagreements,
        public array $cautions,
        public BuildGoal $wanted,
        public array $near,
        public array $next,
        public array $where,
        public array $notes,
        public array $scores,
    ) {
    }
}
