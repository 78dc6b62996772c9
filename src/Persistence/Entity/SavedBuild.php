<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Contract\Logbook\SavedBuildDocument;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Kontrast\Lure\LureKind;
use Symfony\Component\Uid\Uuid;

/** A build saved under a name, with its parts as they were. */
#[ORM\Entity]
#[ORM\Table(name: 'saved_build')]
#[ORM\Index(name: 'saved_build_name', columns: ['name', 'id'])]
class SavedBuild implements HasDocument, Deletable
{
    use DeletedAt;
    use Documented;
    use Identified;
    use Named;
    use Versioned;

    #[ORM\Column(length: 2000)]
    private string $note;
    #[ORM\Column(length: 20, enumType: LureKind::class)]
    private LureKind $lure;
    /** A data URL of a small picture. */
    #[ORM\Column(type: Types::TEXT, nullable: true)]
    private ?string $photo;

    public function __construct(SavedBuildDocument $build, StoredDocument $document)
    {
        $this->id = $build->id ?? Uuid::v7()->toRfc4122();
        $this->replace($build, $document);
    }

    public function replace(SavedBuildDocument $build, StoredDocument $document): void
    {
        $this->name = trim($build->name);
        $this->note = $build->note;
        $this->lure = $build->build->lure;
        $this->document = $document;
        $this->photo = $build->photo;
    }

    public function note(): string
    {
        return $this->note;
    }

    public function lure(): LureKind
    {
        return $this->lure;
    }

    public function photo(): ?string
    {
        return $this->photo;
    }
}
