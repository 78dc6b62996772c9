<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\ORM\Mapping as ORM;

/** The hash of the pass phrase, and nothing from which it could be read. It is in no backup. */
#[ORM\Entity]
#[ORM\Table(name: 'pass_phrase')]
class PassPhrase
{
    public const ONLY = 'only';

    #[ORM\Id]
    #[ORM\Column(length: 10)]
    private string $id = self::ONLY;
    #[ORM\Column]
    private \DateTimeImmutable $setAt;

    public function __construct(#[ORM\Column(length: 255)] private string $hash, \DateTimeImmutable $at)
    {
        $this->setAt = InUtc::convert($at);
    }

    public function id(): string
    {
        return $this->id;
    }

    public function hash(): string
    {
        return $this->hash;
    }

    public function setAt(): \DateTimeImmutable
    {
        return InUtc::read($this->setAt);
    }

    public function replace(string $hash, \DateTimeImmutable $at): void
    {
        $this->hash = $hash;
        $this->setAt = InUtc::convert($at);
    }
}
