<?php

declare(strict_types=1);

namespace App\UseCase;

use App\Persistence\DocumentHealth;
use App\Persistence\Entity\HasDocument;
use App\Persistence\Entity\SetAside;
use App\Persistence\Repository\SetAsideRepository;

/** Keeps a document that cannot be read, as it is, before another one takes its place. */
final readonly class SetAsideUnreadable
{
    public function __construct(private DocumentHealth $health, private SetAsideRepository $setAside)
    {
    }

    /** @return bool whether it was unreadable */
    public function ifUnreadable(HasDocument $stored): bool
    {
        $reason = $this->health->problemOf($stored);
        if (null === $reason) {
            return false;
        }
        $this->setAside->add(new SetAside($stored->kindOfDocument(), $stored->title(), $reason, $stored->document()->raw()));

        return true;
    }
}
