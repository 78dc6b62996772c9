<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A build put away under a name, with its parts as they were. */
#[ORM\Entity]
#[ORM\Table(name: 'saved_build')]
class SavedBuild
{
    use Deletable;

    #[ORM\Id]
    #[ORM\Column(length: 36)]
    private string $id;

    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    private int $version = 1;

    /**
     * @param array<string, mixed> $composition a composition document, valid when stored
     * @param string|null          $photo       a data URL of a small picture
     */
    public function __construct(
        ?string $id,
        #[ORM\Column(length: 120)]
        private string $name,
        #[ORM\Column(length: 2000)]
        private string $note,
        #[ORM\Column(type: Types::JSON)]
        private array $composition,
        #[ORM\Column(type: Types::TEXT, nullable: true)]
        private ?string $photo,
    ) {
        $this->id = $id ?? Uuid::v7()->toRfc4122();
    }

    /** @param array<string, mixed> $composition */
    public function change(string $name, string $note, array $composition, ?string $photo): void
    {
        $this->name = $name;
        $this->note = $note;
        $this->composition = $composition;
        $this->photo = $photo;
    }

    public function id(): string
    {
        return $this->id;
    }

    public function version(): int
    {
        return $this->version;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function note(): string
    {
        return $this->note;
    }

    /** @return array<string, mixed> */
    public function composition(): array
    {
        return $this->composition;
    }

    public function photo(): ?string
    {
        return $this->photo;
    }
}
