<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Contract\Outing\OutingEventDocument;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Kontrast\Logbook\Angler;
use Kontrast\Logbook\EventKind;
use Kontrast\Lure\Colour;
use Kontrast\Reading\Forage;
use Symfony\Component\Uid\Uuid;

/** Something that happened while a lure was fished. */
#[ORM\Entity]
#[ORM\Table(name: 'outing_event')]
class OutingEvent
{
    use Identified;

    private const AS_STORED = \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR;

    #[ORM\Column(name: 'happened_at')]
    private \DateTimeImmutable $at;
    #[ORM\Column(length: 20, enumType: EventKind::class)]
    private EventKind $kind;
    #[ORM\Column(length: 10, enumType: Angler::class)]
    private Angler $angler;
    #[ORM\Column(nullable: true)]
    private ?float $lengthIn = null;
    /** The rest of an event document, as JSON: weight, what was seen, the note. */
    #[ORM\Column(type: Types::TEXT)]
    private string $details = '[]';
    /** Parts it took from stock, as JSON: how many, by id. */
    #[ORM\Column(type: Types::TEXT)]
    private string $taken = '[]';
    /** On this side, so that a list of events need not look for pictures. */
    #[ORM\OneToOne(targetEntity: EventPhoto::class, cascade: ['persist', 'remove'], orphanRemoval: true)]
    private ?EventPhoto $photo = null;

    public function __construct(
        OutingEventDocument $event,
        #[ORM\ManyToOne(inversedBy: 'events')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Stint $stint,
    ) {
        $this->id = $event->id ?? Uuid::v7()->toRfc4122();
        $this->replace($event);
    }

    /** All but its picture and what it took from stock. */
    public function replace(OutingEventDocument $event): void
    {
        $this->at = InUtc::convert($event->at);
        $this->kind = $event->kind;
        $this->angler = $event->angler;
        $this->lengthIn = $event->length_in;
        $this->details = json_encode(array_filter([
            'weight_oz' => $event->weight_oz,
            'forage_seen' => array_map(static fn (Forage $one): string => $one->value, $event->forage_seen),
            'colours_seen' => array_map(static fn (Colour $one): string => $one->value, $event->colours_seen),
            'note' => $event->note,
            'takes_stock' => $event->takes_stock ? null : false,
        ], static fn (mixed $value): bool => null !== $value && [] !== $value && '' !== $value), self::AS_STORED);
    }

    /** @param array<string, int> $taken how many of each part, by id */
    public function took(array $taken): void
    {
        $this->taken = json_encode($taken, self::AS_STORED);
    }

    /** @return array<string, int> */
    public function taken(): array
    {
        return array_filter(self::read($this->taken), is_int(...));
    }

    /** Whether what it used up counts: the angler may have left the stock as it was. */
    public function takesStock(): bool
    {
        return false !== (self::read($this->details)['takes_stock'] ?? true);
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

    public function angler(): Angler
    {
        return $this->angler;
    }

    public function lengthIn(): ?float
    {
        return $this->lengthIn;
    }

    /** @return array<string, mixed> the fields of an event document that have no column */
    public function details(): array
    {
        return self::read($this->details);
    }

    /** @return array<string, mixed> nothing where it is damaged: what else is known of the event stays readable */
    private static function read(string $json): array
    {
        $read = json_decode($json, true);

        /** @var array<string, mixed> */
        return \is_array($read) ? $read : [];
    }
}
