<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Kontrast\Logbook\Angler;
use Kontrast\Logbook\EventKind;
use Symfony\Component\Uid\Uuid;

/** Something that happened while a lure was fished. */
#[ORM\Entity]
#[ORM\Table(name: 'outing_event')]
class OutingEvent
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    private string $id;
    #[ORM\Column(name: 'happened_at')]
    private \DateTimeImmutable $at;
    #[ORM\Column(length: 20, enumType: EventKind::class)]
    private EventKind $kind;
    #[ORM\Column(length: 10, enumType: Angler::class)]
    private Angler $angler;
    #[ORM\Column(nullable: true)]
    private ?float $lengthIn = null;
    /**
     * The rest of an event document: weight, what was seen, the note.
     *
     * @var array<string, mixed>
     */
    #[ORM\Column(type: Types::JSON)]
    private array $details = [];
    /**
     * Parts it took from stock: how many, by id.
     *
     * @var array<string, int>
     */
    #[ORM\Column(type: Types::JSON)]
    private array $taken = [];
    /** On this side, so that a list of events need not look for pictures. */
    #[ORM\OneToOne(targetEntity: EventPhoto::class, cascade: ['persist', 'remove'], orphanRemoval: true)]
    private ?EventPhoto $photo = null;

    public function __construct(
        ?string $id,
        #[ORM\ManyToOne(inversedBy: 'events')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Stint $stint,
        \DateTimeImmutable $at,
        EventKind $kind,
        Angler $angler,
    ) {
        $this->id = $id ?? Uuid::v7()->toRfc4122();
        $this->at = InUtc::of($at);
        $this->kind = $kind;
        $this->angler = $angler;
    }

    public function replace(\DateTimeImmutable $at, EventKind $kind, Angler $angler): void
    {
        $this->at = InUtc::of($at);
        $this->kind = $kind;
        $this->angler = $angler;
    }

    /** @param array<string, mixed> $details weight, what was seen, the note */
    public function detail(?float $lengthIn, array $details): void
    {
        $this->lengthIn = $lengthIn;
        $this->details = $details;
    }

    /** @param array<string, int> $taken how many of each part, by id */
    public function took(array $taken): void
    {
        $this->taken = $taken;
    }

    /** @return array<string, int> */
    public function taken(): array
    {
        return $this->taken;
    }

    public function moveTo(Stint $stint): void
    {
        if ($this->stint !== $stint) {
            $this->stint->remove($this);
            $this->stint = $stint;
            $stint->add($this);
        }
    }

    public function picture(?string $jpeg): void
    {
        $this->photo = null === $jpeg ? null : new EventPhoto($jpeg);
    }

    public function id(): string
    {
        return $this->id;
    }

    public function stint(): Stint
    {
        return $this->stint;
    }

    public function at(): \DateTimeImmutable
    {
        return InUtc::read($this->at);
    }

    public function kind(): EventKind
    {
        return $this->kind;
    }

    public function photo(): ?EventPhoto
    {
        return $this->photo;
    }

    /** @return array<string, mixed> an event document */
    public function toArray(bool $withPhoto = false): array
    {
        $photo = $withPhoto ? $this->photo?->jpeg() : null;

        return [
            'id' => $this->id,
            'at' => InUtc::written($this->at),
            'kind' => $this->kind->value,
            'angler' => $this->angler->value,
            'length_in' => $this->lengthIn,
            ...['weight_oz' => null, 'forage_seen' => [], 'colours_seen' => [], 'note' => '', 'takes_stock' => true],
            ...$this->details,
            'taken' => (object) $this->taken,
            'has_photo' => null !== $this->photo,
            ...(null === $photo ? [] : ['photo' => 'data:image/jpeg;base64,'.base64_encode($photo)]),
        ];
    }
}
