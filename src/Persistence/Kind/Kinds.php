<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Persistence\Entity\Stored;
use Symfony\Component\DependencyInjection\Attribute\AutowireLocator;
use Symfony\Contracts\Service\ServiceCollectionInterface;

/** All kinds of what is stored. */
final readonly class Kinds
{
    /** @param ServiceCollectionInterface<Kind<covariant Stored, covariant object>> $kinds by name */
    public function __construct(#[AutowireLocator(Kind::class, defaultIndexMethod: 'name')] private ServiceCollectionInterface $kinds)
    {
    }

    /** @return Kind<Stored, object> */
    public function named(string $name): Kind
    {
        /** @var Kind<Stored, object> $kind */
        $kind = $this->kinds->get($name);

        return $kind;
    }

    /** @return list<Kind<Stored, object>> each behind those it names */
    public function all(): array
    {
        $waiting = iterator_to_array($this->kinds);
        $known = $sorted = [];
        while ([] !== $waiting) {
            $before = \count($waiting);
            foreach ($waiting as $name => $kind) {
                if ([] === array_diff($kind->is->after, $known)) {
                    $known[] = $kind::class;
                    $sorted[] = $kind;
                    unset($waiting[$name]);
                }
            }
            if ($before === \count($waiting)) {
                throw new \LogicException('These kinds name each other: '.implode(', ', array_keys($waiting)).'.');
            }
        }

        /** @var list<Kind<Stored, object>> $sorted */
        return $sorted;
    }
}
