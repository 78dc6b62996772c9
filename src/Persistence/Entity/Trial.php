<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Contract\Outing\SavedTrialDocument;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A fair trial of two lures, as it was drawn. */
#[ORM\Entity]
#[ORM\Table(name: 'trial')]
#[ORM\Index(name: 'trial_begun', columns: ['begun_at', 'id'])]
class Trial implements HasDocument, Deletable
{
    use DeletedAt;
    use Versioned;

    #[ORM\Id]
    #[ORM\Column(length: 36)]
    private string $id;
    #[ORM\Column(length: 120)]
    private string $name;
    #[ORM\Column]
    private \DateTimeImmutable $begunAt;
    #[ORM\Embedded(class: StoredDocument::class, columnPrefix: false)]
    private StoredDocument $document;

    public function __construct(SavedTrialDocument $trial, \DateTimeImmutable $begunAt, StoredDocument $document)
    {
        $this->id = $trial->id ?? Uuid::v7()->toRfc4122();
        $this->name = trim($trial->name);
        $this->begunAt = InUtc::convert($begunAt);
        $this->document = $document;
    }

    public function id(): string
    {
        return $this->id;
    }

    public function title(): string
    {
        return $this->name;
    }

    public function document(): StoredDocument
    {
        return $this->document;
    }

    public function begunAt(): \DateTimeImmutable
    {
        return InUtc::read($this->begunAt);
    }
}
