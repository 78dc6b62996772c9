<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\ORM\Mapping as ORM;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Tint;
use Symfony\Component\Uid\Uuid;

/** A place the angler goes back to, with what is usual there. */
#[ORM\Entity]
#[ORM\Table(name: 'water')]
class Water
{
    use Deletable;

    #[ORM\Id]
    #[ORM\Column(length: 36)]
    private string $id;

    public function __construct(
        ?string $id,
        #[ORM\Column(length: 120)]
        private string $name,
        #[ORM\Column(length: 20, enumType: Tint::class)]
        private Tint $tint,
        #[ORM\Column]
        private bool $redCrawfish,
        #[ORM\Column(length: 20, nullable: true, enumType: Forage::class)]
        private ?Forage $forage,
        #[ORM\Column(length: 1000)]
        private string $note,
    ) {
        $this->id = $id ?? Uuid::v7()->toRfc4122();
    }

    public function change(string $name, Tint $tint, bool $redCrawfish, ?Forage $forage, string $note): void
    {
        $this->name = $name;
        $this->tint = $tint;
        $this->redCrawfish = $redCrawfish;
        $this->forage = $forage;
        $this->note = $note;
    }

    public function id(): string
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function tint(): Tint
    {
        return $this->tint;
    }

    public function redCrawfish(): bool
    {
        return $this->redCrawfish;
    }

    public function forage(): ?Forage
    {
        return $this->forage;
    }

    public function note(): string
    {
        return $this->note;
    }
}
