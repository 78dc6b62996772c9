<?php

declare(strict_types=1);

namespace App\Contract\Settings;

use App\Contract\Constraint\Above;
use App\Contract\Constraint\Between;
use App\Contract\Reader\LimitsLists;
use App\Contract\Reader\Sparse;
use App\Contract\Reading\SchoolsDocument;
use Kontrast\Inventory\Money;
use Kontrast\Measure\Units;
use Kontrast\Rulebook\SchoolQuestion;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** The angler's standing choices. */
#[OA\Schema(schema: 'Settings', additionalProperties: false)]
final readonly class SettingsDocument implements LimitsLists, Sparse
{
    private const MOST_TRUSTED = 60;
    public const MOST_DOUBTED = 100;
    public const MOST_RULE_ID = 80;

    /**
     * @param list<SchoolQuestion> $log_says
     * @param list<TrustDocument>  $trusted
     * @param list<string>         $doubted
     */
    public function __construct(
        public Units $units,
        public Theme $theme,
        #[OA\Property(description: 'No pick or part of lead.')]
        public bool $lead_free = false,
        #[OA\Property(description: 'Turns of the spool per turn of the handle.')]
        #[Above(0, SettingsBounds::MOST_GEAR_RATIO, 'A gear ratio')]
        public ?float $gear_ratio = null,
        #[OA\Property(description: 'Diameter of the line on the spool, inches.')]
        #[Above(0, SettingsBounds::MOST_SPOOL_IN, 'The spool’s diameter', 'in')]
        public ?float $spool_in = null,
        #[OA\Property(description: 'Of a bought lure, in your own money.')]
        #[Between(0, Money::MOST, 'A price')]
        public ?float $bought_price = null,
        #[OA\Property(description: 'What costs and prices are in.')]
        public Currency $currency = Currency::Usd,
        #[OA\Property(description: 'Single letters and arrows act on the bench.')]
        public bool $shortcuts = true,
        public SchoolsDocument $schools = new SchoolsDocument(),
        #[OA\Property(description: 'Questions on which the logbook votes too. If left out: none.')]
        #[Assert\Unique(message: 'Name each question once.')]
        public array $log_says = [],
        #[OA\Property(
            maxItems: self::MOST_TRUSTED,
            description: 'Of two picks that are equal the one named here is tied. If left out: none.',
        )]
        #[Assert\Valid]
        #[Assert\Unique(message: 'Name each pick once.')]
        public array $trusted = [],
        #[OA\Property(
            maxItems: self::MOST_DOUBTED,
            description: 'Ids of rules that the angler does not believe: they have no vote. Safety keeps its own. If left out: none.',
        )]
        #[Assert\All([new Assert\NotBlank(message: 'Name a rule.'), new Assert\Length(max: self::MOST_RULE_ID)])]
        #[Assert\Unique(message: 'Name each rule once.')]
        public array $doubted = [],
    ) {
    }

    public static function limits(): array
    {
        return ['trusted' => self::MOST_TRUSTED, 'doubted' => self::MOST_DOUBTED];
    }
}
