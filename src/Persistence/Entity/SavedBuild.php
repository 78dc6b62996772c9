<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Persistence\Upgrade\DocumentKind;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Kontrast\Reading\LureKind;
use Symfony\Component\Uid\Uuid;

/** A build saved under a name, with its parts as they were. */
#[ORM\Entity]
#[ORM\Table(name: 'saved_build')]
#[ORM\Index(name: 'saved_build_name', columns: ['name', 'id'])]
class SavedBuild implements HasDocument
{
    use Deletable;
    use Versioned;

    #[ORM\Id]
    #[ORM\Column(length: 36)]
    private string $id;
    #[ORM\Embedded(class: StoredDocument::class, columnPrefix: false)]
    private StoredDocument $document;

    /**
     * @param array<string, mixed> $composition a composition document
     * @param string|null          $photo       a data URL of a small picture
     */
    public function __construct(
        ?string $id,
        #[ORM\Column(length: 120)]
        private string $name,
        #[ORM\Column(length: 2000)]
        private string $note,
        #[ORM\Column(length: 20, enumType: LureKind::class)]
        private LureKind $lure,
        array $composition,
        #[ORM\Column(type: Types::TEXT, nullable: true)]
        private ?string $photo,
    ) {
        $this->id = $id ?? Uuid::v7()->toRfc4122();
        $this->document = StoredDocument::of($composition, DocumentKind::Build);
    }

    /** @param array<string, mixed> $composition */
    public function replace(string $name, string $note, LureKind $lure, array $composition, ?string $photo): void
    {
        $this->name = $name;
        $this->note = $note;
        $this->lure = $lure;
        $this->document = StoredDocument::of($composition, DocumentKind::Build);
        $this->photo = $photo;
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

    public function lure(): LureKind
    {
        return $this->lure;
    }

    public function document(): StoredDocument
    {
        return $this->document;
    }

    public function kindOfDocument(): DocumentKind
    {
        return DocumentKind::Build;
    }

    /** @return array<string, mixed> a saved build document */
    public function toArray(): array
    {
        return ['id' => $this->id, 'version' => $this->version(), ...$this->fields()];
    }

    /** @return array<string, mixed> the same without what tells this row from others */
    public function fields(): array
    {
        return ['name' => $this->name, 'note' => $this->note, 'build' => $this->document->data(), 'photo' => $this->photo];
    }
}
