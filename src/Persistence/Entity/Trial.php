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
    use Documented;
    use Identified;
    use Named;
    use Versioned;

    #[ORM\Column]
    private \DateTimeImmutable $begunAt;

    public function __construct(SavedTrialDocument $trial, \DateTimeImmutable $begunAt, StoredDocument $document)
    {
        $this->id = $trial->id ?? Uuid::v7()->toRfc4122();
        $this->name = trim($trial->name);
        $this->begunAt = InUtc::convert($begunAt);
        $this->document = $document;
    }

    public function begunAt(): \DateTimeImmutable
    {
        return InUtc::read($this->begunAt);
    }
}
