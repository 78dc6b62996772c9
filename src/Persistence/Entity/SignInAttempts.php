<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\ORM\Mapping as ORM;

/** How often a wrong pass phrase came from one address, or in all, since the last right one. */
#[ORM\Entity]
#[ORM\Table(name: 'sign_in_attempts')]
class SignInAttempts
{
    #[ORM\Column]
    private int $failures = 0;
    #[ORM\Column]
    private \DateTimeImmutable $lastAt;

    public function __construct(#[ORM\Id] #[ORM\Column(length: 45)] private string $place, \DateTimeImmutable $at)
    {
        $this->lastAt = InUtc::convert($at);
    }

    public function place(): string
    {
        return $this->place;
    }

    public function failures(): int
    {
        return $this->failures;
    }

    public function lastAt(): \DateTimeImmutable
    {
        return InUtc::read($this->lastAt);
    }

    public function failed(\DateTimeImmutable $at): void
    {
        ++$this->failures;
        $this->lastAt = InUtc::convert($at);
    }

    public function forget(): void
    {
        $this->failures = 0;
    }
}
