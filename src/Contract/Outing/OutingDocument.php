<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Constraint\Id;
use App\Contract\Constraint\Text;
use App\Contract\Error\InvalidDocument;
use App\Contract\Reader\LimitsLists;
use Kontrast\Logbook\NotAnOuting;
use Kontrast\Logbook\OutingTimes;
use Kontrast\Logbook\StintTimes;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A day on the water as it was. */
#[OA\Schema(schema: 'Outing', additionalProperties: false)]
final readonly class OutingDocument implements LimitsLists, \JsonSerializable
{
    use MomentsAsText;

    private const MOST_STINTS = 300;

    /** @param list<StintDocument> $stints */
    public function __construct(
        public \DateTimeImmutable $started_at,
        #[Id(isMade: true)]
        public ?string $id = null,
        public ?int $version = null,
        #[Id]
        public ?string $water_id = null,
        #[OA\Property(description: 'The plan it began with.')]
        #[Id]
        public ?string $trip_id = null,
        #[OA\Property(description: 'Null while it goes on.')]
        public ?\DateTimeImmutable $ended_at = null,
        #[Text(2000, 'A note')]
        public string $note = '',
        #[Assert\Valid]
        public CarriedBoxDocument $box = new CarriedBoxDocument(),
        #[Assert\Valid]
        public array $stints = [],
    ) {
    }

    public static function limits(): array
    {
        return ['stints' => self::MOST_STINTS];
    }

    /**
     * @param string $within the path of this document in the one it came in
     *
     * @throws InvalidDocument where its times contradict each other
     */
    public function checkTimes(\DateTimeImmutable $now, \DateTimeZone $zone, string $within = ''): void
    {
        try {
            OutingTimes::of(
                $this->started_at,
                $this->ended_at,
                array_map(
                    static fn (StintDocument $stint, int $i): StintTimes => $stint->times("stints[$i]"),
                    $this->stints,
                    array_keys($this->stints),
                ),
                $now,
                $zone,
            );
        } catch (NotAnOuting $error) {
            throw InvalidDocument::fault($within.$error->field, $error->getMessage());
        }
    }
}
