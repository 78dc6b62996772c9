<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A small picture of a fish, or of what it spat up. */
#[ORM\Entity]
#[ORM\Table(name: 'event_photo')]
class EventPhoto
{
    use Identified;

    /** JPEG in base64: SQLite's driver hands blobs out as streams, which cannot be read twice. */
    #[ORM\Column(type: Types::TEXT)]
    private string $jpeg;

    public function __construct(string $jpeg)
    {
        $this->id = Uuid::v7()->toRfc4122();
        $this->jpeg = base64_encode($jpeg);
    }

    public function jpeg(): string
    {
        return (string) base64_decode($this->jpeg, true);
    }
}
