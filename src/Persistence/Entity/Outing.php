<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Persistence\Upgrade\DocumentKind;
use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A day on the water as it was: the stints fished and what happened in them. */
#[ORM\Entity]
#[ORM\Table(name: 'outing')]
#[ORM\Index(name: 'outing_started', columns: ['started_at', 'id'])]
class Outing implements HasDocument
{
    use Deletable;
    use Versioned;

    #[ORM\Id]
    #[ORM\Column(length: 36)]
    private string $id;
    #[ORM\Column]
    private \DateTimeImmutable $startedAt;
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $endedAt;
    /** Counts what is noted in it, so that its version counts with it. */
    #[ORM\Column]
    private int $notes = 0;
    #[ORM\Embedded(class: StoredDocument::class, columnPrefix: false)]
    private StoredDocument $document;
    /** @var Collection<int, Stint> */
    #[ORM\OneToMany(targetEntity: Stint::class, mappedBy: 'outing', cascade: ['persist', 'remove'], orphanRemoval: true)]
    #[ORM\OrderBy(['startedAt' => 'ASC', 'id' => 'ASC'])]
    private Collection $stints;

    /** @param array<string, mixed> $box a carried box document */
    public function __construct(
        ?string $id,
        \DateTimeImmutable $startedAt,
        ?\DateTimeImmutable $endedAt,
        #[ORM\ManyToOne]
        private ?Water $water,
        #[ORM\ManyToOne]
        private ?Trip $trip,
        #[ORM\Column(length: 2000)]
        private string $note,
        array $box,
    ) {
        $this->id = $id ?? Uuid::v7()->toRfc4122();
        $this->stints = new ArrayCollection();
        $this->startedAt = InUtc::of($startedAt);
        $this->endedAt = null === $endedAt ? null : InUtc::of($endedAt);
        $this->document = StoredDocument::of($box, DocumentKind::Box);
    }

    /** @param array<string, mixed> $box */
    public function replace(
        \DateTimeImmutable $startedAt,
        ?\DateTimeImmutable $endedAt,
        ?Water $water,
        ?Trip $trip,
        string $note,
        array $box,
    ): void {
        $this->startedAt = InUtc::of($startedAt);
        $this->endedAt = null === $endedAt ? null : InUtc::of($endedAt);
        $this->water = $water;
        $this->trip = $trip;
        $this->note = $note;
        $this->document = StoredDocument::of($box, DocumentKind::Box);
        $this->noted();
    }

    /** @param array<string, mixed> $box a carried box document */
    public function fill(array $box): void
    {
        $this->document = StoredDocument::of($box, DocumentKind::Box);
        $this->noted();
    }

    public function end(\DateTimeImmutable $at): void
    {
        $this->endedAt = InUtc::of($at);
        $this->noted();
    }

    /** Something in it was noted or changed. */
    public function noted(): void
    {
        ++$this->notes;
    }

    public function add(Stint $stint): void
    {
        $this->stints->add($stint);
    }

    public function remove(Stint $stint): void
    {
        $this->stints->removeElement($stint);
    }

    public function id(): string
    {
        return $this->id;
    }

    public function title(): string
    {
        return 'Outing of '.InUtc::read($this->startedAt)->format('Y-m-d');
    }

    public function document(): StoredDocument
    {
        return $this->document;
    }

    public function kindOfDocument(): DocumentKind
    {
        return DocumentKind::Box;
    }

    public function startedAt(): \DateTimeImmutable
    {
        return InUtc::read($this->startedAt);
    }

    public function endedAt(): ?\DateTimeImmutable
    {
        return null === $this->endedAt ? null : InUtc::read($this->endedAt);
    }

    public function water(): ?Water
    {
        return $this->water;
    }

    public function trip(): ?Trip
    {
        return $this->trip;
    }

    /** As others see it: null where the plan was deleted. */
    public function tripId(): ?string
    {
        return null === $this->trip || $this->trip->isDeleted() ? null : $this->trip->id();
    }

    /** @return list<Stint> in order of time */
    public function stints(): array
    {
        $stints = array_values($this->stints->toArray());
        usort($stints, static fn (Stint $a, Stint $b): int => [$a->startedAt(), $a->id()] <=> [$b->startedAt(), $b->id()]);

        return $stints;
    }

    public function stint(string $id): ?Stint
    {
        foreach ($this->stints as $stint) {
            if ($stint->id() === $id) {
                return $stint;
            }
        }

        return null;
    }

    /** @return array<string, mixed> an outing document */
    public function toArray(): array
    {
        return ['id' => $this->id, 'version' => $this->version(), ...$this->fields()];
    }

    /**
     * @param bool $withPhotos as a file that is carried away has them
     * @param (callable(HasDocument): bool)|null $isReadable what is not is left out; null where all is known to be
     *
     * @return array<string, mixed> the same without what tells this row from others
     */
    public function fields(bool $withPhotos = false, ?callable $isReadable = null): array
    {
        $stints = null === $isReadable ? $this->stints() : array_filter($this->stints(), $isReadable);

        return [
            'water_id' => $this->water?->id(),
            'trip_id' => $this->tripId(),
            'started_at' => InUtc::written($this->startedAt),
            'ended_at' => null === $this->endedAt ? null : InUtc::written($this->endedAt),
            'note' => $this->note,
            'box' => (object) (null === $isReadable || $isReadable($this) ? $this->document->data() : []),
            'stints' => array_map(static fn (Stint $stint): array => $stint->toArray($withPhotos), array_values($stints)),
        ];
    }
}
