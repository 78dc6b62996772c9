<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A reading put away with its time and place, to be reopened or compared. */
#[ORM\Entity]
#[ORM\Table(name: 'kept_reading')]
#[ORM\Index(name: 'kept_reading_taken', columns: ['taken_at'])]
class KeptReading
{
    use Deletable;

    #[ORM\Id]
    #[ORM\Column(length: 36)]
    private string $id;

    /** In UTC: the column knows no time zone. */
    #[ORM\Column]
    private \DateTimeImmutable $takenAt;

    /** @param array<string, mixed> $reading the document as it was read, valid at the time */
    public function __construct(
        ?string $id,
        \DateTimeImmutable $takenAt,
        #[ORM\Column(type: Types::JSON)]
        private array $reading,
        #[ORM\ManyToOne]
        private ?Water $water,
        #[ORM\Column(length: 1000)]
        private string $note,
    ) {
        $this->id = $id ?? Uuid::v7()->toRfc4122();
        $this->takenAt = $takenAt->setTimezone(new \DateTimeZone('UTC'));
    }

    public function id(): string
    {
        return $this->id;
    }

    public function takenAt(): \DateTimeImmutable
    {
        return new \DateTimeImmutable($this->takenAt->format('Y-m-d H:i:s'), new \DateTimeZone('UTC'));
    }

    /** @return array<string, mixed> */
    public function reading(): array
    {
        return $this->reading;
    }

    public function water(): ?Water
    {
        return $this->water;
    }

    public function note(): string
    {
        return $this->note;
    }
}
