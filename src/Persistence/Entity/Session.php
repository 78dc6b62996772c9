<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A device that signed in. Only the hash of what its cookie says is stored, so that nobody who reads it can pass for the device. */
#[ORM\Entity]
#[ORM\Table(name: 'session')]
#[ORM\UniqueConstraint(name: 'session_token', columns: ['token_hash'])]
class Session
{
    use Identified;

    #[ORM\Column]
    private \DateTimeImmutable $signedInAt;
    #[ORM\Column]
    private \DateTimeImmutable $lastUsedAt;

    public function __construct(
        #[ORM\Column(length: 64)]
        private string $tokenHash,
        #[ORM\Column(length: 45)]
        private string $address,
        #[ORM\Column(length: 255)]
        private string $device,
        \DateTimeImmutable $at,
    ) {
        $this->id = Uuid::v7()->toRfc4122();
        $this->signedInAt = InUtc::convert($at);
        $this->lastUsedAt = $this->signedInAt;
    }

    public function tokenHash(): string
    {
        return $this->tokenHash;
    }

    /** From where it was used last. */
    public function address(): string
    {
        return $this->address;
    }

    /** What its browser says of itself. */
    public function device(): string
    {
        return $this->device;
    }

    public function signedInAt(): \DateTimeImmutable
    {
        return InUtc::read($this->signedInAt);
    }

    public function lastUsedAt(): \DateTimeImmutable
    {
        return InUtc::read($this->lastUsedAt);
    }

    public function used(string $address, \DateTimeImmutable $at): void
    {
        $this->address = $address;
        $this->lastUsedAt = InUtc::convert($at);
    }
}
