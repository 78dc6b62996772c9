<?php

declare(strict_types=1);

namespace App\UseCase;

use App\Contract\Backup\SetAsideDocument;
use App\Contract\Stored\StoredAs;
use App\Persistence\Entity\SetAside;
use App\Persistence\Kind\Kinds;
use App\Persistence\Repository\SetAsideRepository;
use App\Persistence\Rows;

/** Everything stored that this version of the program cannot read: what needs attention. */
final readonly class FindUnreadable
{
    public function __construct(private Kinds $kinds, private Rows $rows, private SetAsideRepository $setAside)
    {
    }

    /** @return list<SetAsideDocument> each as it is stored */
    public function all(): array
    {
        $found = array_map(static fn (SetAside $aside): SetAsideDocument => new SetAsideDocument(
            $aside->kind(),
            $aside->id(),
            $aside->title(),
            $aside->reason(),
            $aside->document(),
        ), $this->setAside->all());
        foreach ($this->kinds->all() as $kind) {
            foreach ($this->rows->unreadable($kind) as [$one, $reason]) {
                $name = $kind->is->shape->name ?? StoredAs::Part;
                $found[] = new SetAsideDocument($name, $one->id(), $one->title(), $reason, $one->document()->raw());
            }
        }

        return $found;
    }
}
