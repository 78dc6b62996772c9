<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Persistence\Upgrade\DocumentKind;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A fair trial of two lures, as it was drawn. */
#[ORM\Entity]
#[ORM\Table(name: 'trial')]
#[ORM\Index(name: 'trial_begun', columns: ['begun_at', 'id'])]
class Trial implements HasDocument
{
    use Deletable;
    use Versioned;

    #[ORM\Id]
    #[ORM\Column(length: 36)]
    private string $id;
    #[ORM\Column]
    private \DateTimeImmutable $begunAt;
    #[ORM\Embedded(class: StoredDocument::class, columnPrefix: false)]
    private StoredDocument $document;

    /** @param array<string, mixed> $trial a trial document */
    public function __construct(
        ?string $id,
        #[ORM\Column(length: 120)]
        private string $name,
        \DateTimeImmutable $begunAt,
        array $trial,
    ) {
        $this->id = $id ?? Uuid::v7()->toRfc4122();
        $this->begunAt = InUtc::of($begunAt);
        $this->document = StoredDocument::of($trial, DocumentKind::Trial);
    }

    public function id(): string
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function title(): string
    {
        return $this->name;
    }

    public function document(): StoredDocument
    {
        return $this->document;
    }

    public function kindOfDocument(): DocumentKind
    {
        return DocumentKind::Trial;
    }

    /** @return array<string, mixed> a saved trial document without its verdict */
    public function fields(): array
    {
        return ['name' => $this->name, 'begun_at' => InUtc::written($this->begunAt), 'trial' => $this->document->data()];
    }
}
