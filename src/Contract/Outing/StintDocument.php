<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Constraint\Id;
use App\Contract\Constraint\Text;
use App\Contract\Inventory\CompositionDocument;
use App\Contract\Reader\LimitsLists;
use App\Contract\Reading\ObservedReadingDocument;
use App\Contract\Settings\SettingsDocument;
use Kontrast\Logbook\Angler;
use Kontrast\Logbook\Followed;
use Kontrast\Logbook\StintTimes;
use Kontrast\Rulebook\Slot;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** One lure fished in one water and light, from tying on to taking off. */
#[OA\Schema(schema: 'Stint', additionalProperties: false)]
final readonly class StintDocument implements LimitsLists, \JsonSerializable
{
    use MomentsAsText;

    private const MOST_EVENTS = 500;
    private const NO_FIELD = 'A reading has no field {{ value }}.';
    private const NO_PICK = 'The pick {{ value }} is not looked at. Choose among {{ choices }}.';
    public const MOST_WHY = 200;

    /**
     * @param list<string>              $assumed
     * @param list<string>|null         $followed
     * @param list<string>              $doubted
     * @param list<OutingEventDocument> $events
     */
    public function __construct(
        public \DateTimeImmutable $started_at,
        #[Assert\Valid]
        public CompositionDocument $build,
        #[OA\Property(description: 'What was seen there and then, and nothing else.')]
        #[Assert\Valid]
        public ObservedReadingDocument $reading = new ObservedReadingDocument(),
        #[Id(isMade: true)]
        public ?string $id = null,
        #[OA\Property(description: 'Null while it is still on.')]
        public ?\DateTimeImmutable $ended_at = null,
        #[OA\Property(description: 'Who fished it. If left out: me.')]
        public Angler $angler = Angler::Me,
        #[Assert\Valid]
        public ?MadeChangeDocument $made = null,
        #[Assert\Valid]
        public ?TrialBlockDocument $trial = null,
        #[OA\Property(description: 'Whether what the reading says was seen there; false for values that came from elsewhere.')]
        public bool $confirmed = true,
        #[OA\Property(description: 'Fields of a reading that nobody saw, and that an advice was asked for with what is usual there.')]
        #[Assert\Unique(message: 'Name each field once.')]
        #[Assert\All([new Assert\Choice(callback: [ObservedReadingDocument::class, 'fields'], message: self::NO_FIELD)])]
        public array $assumed = [],
        #[OA\Property(description: 'The picks of the advice of that moment that it follows. If left out it is worked out where the '
            .'water was seen; null where it was not.')]
        #[Assert\Unique(message: 'Name each pick once.')]
        #[Assert\All([new Assert\Choice(callback: [Followed::class, 'words'], message: self::NO_PICK)])]
        public ?array $followed = null,
        #[OA\Property(description: 'Why it does not follow the rest of it.')]
        #[Text(self::MOST_WHY, 'Why the advice was not followed')]
        public ?string $why_not = null,
        #[OA\Property(description: 'Ids of rules that the angler did not believe then: the advice was without them. If left out: none.')]
        #[Assert\All([new Assert\NotBlank(message: 'Name a rule.'), new Assert\Length(max: SettingsDocument::MOST_RULE_ID)])]
        #[Assert\Unique(message: 'Name each rule once.')]
        public array $doubted = [],
        #[Assert\Valid]
        public array $events = [],
    ) {
    }

    public static function limits(): array
    {
        return [
            'events' => self::MOST_EVENTS,
            'assumed' => \count(ObservedReadingDocument::fields()),
            'followed' => \count(Slot::SEEN),
            'doubted' => SettingsDocument::MOST_DOUBTED,
        ];
    }

    /** @param string $path where it stands in its document */
    public function times(string $path): StintTimes
    {
        return new StintTimes(
            $path,
            $this->angler,
            $this->started_at,
            $this->ended_at,
            array_map(static fn (OutingEventDocument $event): \DateTimeImmutable => $event->at, $this->events),
        );
    }

    /** The same under an id. */
    public function named(string $id): self
    {
        return $this->with(['id' => $id]);
    }

    /** @param list<string>|null $picks that it follows */
    public function following(?array $picks): self
    {
        return $this->with(['followed' => $picks]);
    }

    /** @param array<string, mixed> $change by field */
    private function with(array $change): self
    {
        return (new \ReflectionClass(self::class))->newInstanceArgs([...get_object_vars($this), ...$change]);
    }
}
