<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Constraint\Above;
use App\Contract\Constraint\Id;
use App\Contract\Constraint\Text;
use Kontrast\Logbook\Angler;
use Kontrast\Logbook\EventKind;
use Kontrast\Lure\Colour;
use Kontrast\Reading\Forage;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** Something that happened while a lure was fished. A fish is noted once, by how it ended. */
#[OA\Schema(schema: 'OutingEvent', additionalProperties: false)]
final readonly class OutingEventDocument implements \JsonSerializable
{
    use MomentsAsText {
        jsonSerialize as private fields;
    }

    private const MOST_LENGTH_IN = 60;
    private const MOST_WEIGHT_OZ = 400;

    /**
     * @param list<Forage> $forage_seen
     * @param list<Colour> $colours_seen
     * @param array<string, int> $taken
     */
    public function __construct(
        public \DateTimeImmutable $at,
        public EventKind $kind,
        #[Id(isMade: true)]
        public ?string $id = null,
        #[OA\Property(description: 'Whose fish it was. If left out: me.')]
        public Angler $angler = Angler::Me,
        #[Above(0, self::MOST_LENGTH_IN, 'The length of a fish', 'in')]
        public ?float $length_in = null,
        #[Above(0, self::MOST_WEIGHT_OZ, 'The weight of a fish', 'oz')]
        public ?float $weight_oz = null,
        #[OA\Property(description: 'What it spat up.')]
        #[Assert\Unique(message: 'Name each forage once.')]
        public array $forage_seen = [],
        #[Assert\Unique(message: 'Name each color once.')]
        public array $colours_seen = [],
        #[Text(1000, 'A note')]
        public string $note = '',
        #[OA\Property(description: 'Whether what was lost or torn is taken from stock. If left out: true.')]
        public bool $takes_stock = true,
        #[OA\Property(
            description: 'How many of each part it took from stock, by id. Worked out by the program; ignored on the way in, '
                .'but for a backup.',
        )]
        public array $taken = [],
        #[OA\Property(description: 'Whether there is a picture; ignored on the way in.')]
        public bool $has_photo = false,
        #[OA\Property(description: 'A small JPEG as a data URL, in files that are carried away; null elsewhere.')]
        #[Assert\Regex(PhotoDocument::PATTERN, message: PhotoDocument::NO_JPEG)]
        #[Assert\Length(max: PhotoDocument::MOST, maxMessage: PhotoDocument::TOO_LARGE)]
        public ?string $photo = null,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        // By id, also where there is none.
        return ['taken' => (object) $this->taken] + $this->fields();
    }

    /** The same under an id. */
    public function named(string $id): self
    {
        return new self(
            id: $id,
            at: $this->at,
            kind: $this->kind,
            angler: $this->angler,
            length_in: $this->length_in,
            weight_oz: $this->weight_oz,
            forage_seen: $this->forage_seen,
            colours_seen: $this->colours_seen,
            note: $this->note,
            takes_stock: $this->takes_stock,
            taken: $this->taken,
            has_photo: $this->has_photo,
            photo: $this->photo,
        );
    }
}
