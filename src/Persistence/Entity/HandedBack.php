<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** An outing as the last file of a phone had it. It shows what the next file says anew, and what was changed here meanwhile. */
#[ORM\Entity]
#[ORM\Table(name: 'handed_back')]
class HandedBack
{
    /** The outing's own id: the file may be older than the row. */
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    private string $outing;
    /** Grows with each note on the phone. */
    #[ORM\Column]
    private int $version;
    /** @var array<string, mixed> an outing document without pictures */
    #[ORM\Column(type: Types::JSON)]
    private array $document;

    /** @param array<string, mixed> $document */
    public function __construct(string $outing, int $version, array $document)
    {
        $this->outing = $outing;
        $this->replace($version, $document);
    }

    /** @param array<string, mixed> $document */
    public function replace(int $version, array $document): void
    {
        $this->version = $version;
        $this->document = $document;
    }

    public function outing(): string
    {
        return $this->outing;
    }

    public function version(): int
    {
        return $this->version;
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        return $this->document;
    }
}
