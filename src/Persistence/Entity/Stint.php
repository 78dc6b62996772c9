<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Contract\Outing\StintDocument;
use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Kontrast\Logbook\Angler;
use Kontrast\Logbook\StintLevels;
use Kontrast\Logbook\StintTimes;
use Symfony\Component\Uid\Uuid;

/** One lure fished in one water and light. Beside it stands what it is counted under, so that thousands are counted at once. */
#[ORM\Entity]
#[ORM\Table(name: 'stint')]
class Stint implements HasDocument
{
    use Documented;
    use Identified;

    #[ORM\Column(length: 10, enumType: Angler::class)]
    private Angler $angler;
    #[ORM\Column]
    private \DateTimeImmutable $startedAt;
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $endedAt;
    /** The picks of the advice of that moment that it follows, with commas between; null where nobody knows. */
    #[ORM\Column(length: 120, nullable: true)]
    private ?string $followed;
    /** As JSON; @see StintLevels. */
    #[ORM\Column(type: Types::TEXT)]
    private string $levels;
    /**
     * No orphan is removed by itself: an event that moves to a stint just begun would be taken for one.
     *
     * @var Collection<int, OutingEvent>
     */
    #[ORM\OneToMany(targetEntity: OutingEvent::class, mappedBy: 'stint', cascade: ['persist', 'remove'])]
    #[ORM\OrderBy(['at' => 'ASC', 'id' => 'ASC'])]
    private Collection $events;

    /** @param StoredDocument $document what a stint document says beside times, angler and events */
    public function __construct(
        StintDocument $stint,
        #[ORM\ManyToOne(inversedBy: 'stints')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Outing $outing,
        StoredDocument $document,
        StintLevels $levels,
    ) {
        $this->id = $stint->id ?? Uuid::v7()->toRfc4122();
        $this->events = new ArrayCollection();
        $this->replace($stint, $document, $levels);
    }

    public function replace(StintDocument $stint, StoredDocument $document, StintLevels $levels): void
    {
        $this->angler = $stint->angler;
        $this->startedAt = InUtc::convert($stint->started_at);
        $this->endedAt = null === $stint->ended_at ? null : InUtc::convert($stint->ended_at);
        $this->followed = null === $stint->followed ? null : implode(',', $stint->followed);
        $this->document = $document;
        $this->recount($levels);
    }

    /** It is still on after all. */
    public function goOn(): void
    {
        $this->endedAt = null;
    }

    public function end(\DateTimeImmutable $at): void
    {
        $this->endedAt = InUtc::convert($at);
    }

    /** @return list<string>|null the picks of the advice that it follows; null where nobody knows */
    public function followed(): ?array
    {
        return null === $this->followed ? null : ('' === $this->followed ? [] : explode(',', $this->followed));
    }

    /** @return string JSON; @see StintLevels */
    public function levels(): string
    {
        return $this->levels;
    }

    public function recount(StintLevels $levels): void
    {
        $this->levels = json_encode($levels->toArray(), \JSON_THROW_ON_ERROR);
    }

    public function add(OutingEvent $event): void
    {
        $this->events->add($event);
    }

    public function remove(OutingEvent $event): void
    {
        $this->events->removeElement($event);
    }

    public function title(): string
    {
        return 'Stint of '.$this->startedAt()->format('Y-m-d H:i');
    }

    /** That of its outing: a stint is not changed by itself. */
    public function version(): int
    {
        return $this->outing->version();
    }

    public function outing(): Outing
    {
        return $this->outing;
    }

    public function angler(): Angler
    {
        return $this->angler;
    }

    public function startedAt(): \DateTimeImmutable
    {
        return InUtc::read($this->startedAt);
    }

    public function endedAt(): ?\DateTimeImmutable
    {
        return null === $this->endedAt ? null : InUtc::read($this->endedAt);
    }

    /** @return list<OutingEvent> in order of time */
    public function events(): array
    {
        $events = array_values($this->events->toArray());
        usort($events, static fn (OutingEvent $a, OutingEvent $b): int => [$a->at(), $a->id()] <=> [$b->at(), $b->id()]);

        return $events;
    }

    public function times(): StintTimes
    {
        return new StintTimes(
            'stint',
            $this->angler,
            $this->startedAt(),
            $this->endedAt(),
            array_map(static fn (OutingEvent $event): \DateTimeImmutable => $event->at(), $this->events()),
        );
    }
}
