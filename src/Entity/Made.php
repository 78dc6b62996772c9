<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A batch that was made, with the parts it drew, so that it can be undone. */
#[ORM\Entity]
#[ORM\Table(name: 'made')]
class Made
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    private string $id;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $undoneAt = null;

    /** @param array<string, int> $drawn how many of each part, by its id */
    public function __construct(
        #[ORM\Column(length: 1000)]
        private string $what,
        #[ORM\Column]
        private int $count,
        #[ORM\Column]
        private float $cost,
        #[ORM\Column(nullable: true)]
        private ?float $price,
        #[ORM\Column(type: Types::JSON)]
        private array $drawn,
        #[ORM\Column]
        private \DateTimeImmutable $madeAt,
    ) {
        $this->id = Uuid::v7()->toRfc4122();
        $this->madeAt = $madeAt->setTimezone(new \DateTimeZone('UTC'));
    }

    public function undo(\DateTimeImmutable $at): void
    {
        $this->undoneAt = $at;
    }

    public function isUndone(): bool
    {
        return null !== $this->undoneAt;
    }

    public function id(): string
    {
        return $this->id;
    }

    public function what(): string
    {
        return $this->what;
    }

    public function count(): int
    {
        return $this->count;
    }

    public function cost(): float
    {
        return $this->cost;
    }

    public function price(): ?float
    {
        return $this->price;
    }

    /** @return array<string, int> */
    public function drawn(): array
    {
        return $this->drawn;
    }

    public function madeAt(): \DateTimeImmutable
    {
        return new \DateTimeImmutable($this->madeAt->format('Y-m-d H:i:s'), new \DateTimeZone('UTC'));
    }
}
