<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Kontrast\Bin\PartKind;
use Symfony\Component\Uid\Uuid;

/** A part in the bin, or several alike. */
#[ORM\Entity]
#[ORM\Table(name: 'bin_part')]
#[ORM\Index(name: 'bin_part_kind', columns: ['kind', 'name'])]
class BinPart
{
    use Deletable;

    #[ORM\Id]
    #[ORM\Column(length: 36)]
    private string $id;

    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    private int $version = 1;

    /** @param array<string, mixed> $traits the rest of its document, valid when stored */
    public function __construct(
        ?string $id,
        #[ORM\Column(length: 20, enumType: PartKind::class)]
        private PartKind $kind,
        #[ORM\Column(length: 120)]
        private string $name,
        #[ORM\Column]
        private int $count,
        #[ORM\Column(type: Types::JSON)]
        private array $traits,
    ) {
        $this->id = $id ?? Uuid::v7()->toRfc4122();
    }

    /** @param array<string, mixed> $traits */
    public function change(PartKind $kind, string $name, int $count, array $traits): void
    {
        $this->kind = $kind;
        $this->name = $name;
        $this->count = $count;
        $this->traits = $traits;
    }

    public function recount(int $count): void
    {
        $this->count = $count;
    }

    public function id(): string
    {
        return $this->id;
    }

    public function version(): int
    {
        return $this->version;
    }

    public function kind(): PartKind
    {
        return $this->kind;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function count(): int
    {
        return $this->count;
    }

    /** @return array<string, mixed> */
    public function traits(): array
    {
        return $this->traits;
    }
}
