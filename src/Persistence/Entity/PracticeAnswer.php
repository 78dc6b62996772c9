<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** An answer that was given in practice. */
#[ORM\Entity]
#[ORM\Table(name: 'practice_answer')]
#[ORM\Index(name: 'practice_answer_given', columns: ['given_at', 'id'])]
class PracticeAnswer implements HasDocument, Deletable
{
    use DeletedAt;
    use Documented;
    use Identified;
    use Versioned;

    #[ORM\Column]
    private \DateTimeImmutable $givenAt;

    public function __construct(?string $id, \DateTimeImmutable $givenAt, StoredDocument $document)
    {
        $this->id = $id ?? Uuid::v7()->toRfc4122();
        $this->givenAt = InUtc::convert($givenAt);
        $this->document = $document;
    }

    public function title(): string
    {
        return 'Answer of '.$this->givenAt()->format('Y-m-d H:i');
    }

    public function givenAt(): \DateTimeImmutable
    {
        return InUtc::read($this->givenAt);
    }
}
