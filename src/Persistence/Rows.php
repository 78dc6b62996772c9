<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Error\NotFound;
use App\Persistence\Entity\Deletable;
use App\Persistence\Entity\HasDocument;
use App\Persistence\Entity\Stored;
use App\Persistence\Kind\Kind;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\QueryBuilder;

/** The rows of every kind of what is stored: found by id, listed in their order, a page at a time. */
final readonly class Rows
{
    public function __construct(private EntityManagerInterface $entities, private DocumentHealth $health)
    {
    }

    public function add(Stored $one): void
    {
        $this->entities->persist($one);
    }

    /**
     * @template E of Stored
     *
     * @param Kind<E, covariant object> $kind
     *
     * @return E|null null where there is none or it was deleted
     */
    public function find(Kind $kind, ?string $id): ?Stored
    {
        $one = $this->findAny($kind, $id);

        return $one instanceof Deletable && $one->isDeleted() ? null : $one;
    }

    /**
     * @template E of Stored
     *
     * @param Kind<E, covariant object> $kind
     *
     * @return E|null deleted ones too
     */
    public function findAny(Kind $kind, ?string $id): ?Stored
    {
        return null === $id ? null : $this->entities->find($kind->is->entity, $id);
    }

    /**
     * @template E of Stored
     *
     * @param Kind<E, covariant object> $kind
     *
     * @return E|null what is stored under the id of a document, deleted or not; null where it has none
     */
    public function namedBy(Kind $kind, object $document): ?Stored
    {
        return $this->findAny($kind, self::idOf($document));
    }

    public static function idOf(object $document): ?string
    {
        return property_exists($document, 'id') && \is_string($document->id) ? $document->id : null;
    }

    /**
     * @template E of Stored
     *
     * @param Kind<E, covariant object> $kind
     *
     * @return E
     *
     * @throws NotFound
     */
    public function get(Kind $kind, string $id): Stored
    {
        return $this->find($kind, $id) ?? throw NotFound::of($kind->is->noun);
    }

    /**
     * @template E of Stored
     *
     * @param Kind<E, covariant object> $kind
     *
     * @return E deleted ones too
     *
     * @throws NotFound
     */
    public function getAny(Kind $kind, string $id): Stored
    {
        return $this->findAny($kind, $id) ?? throw NotFound::of($kind->is->noun);
    }

    /**
     * @template E of Stored
     *
     * @param Kind<E, covariant object> $kind
     *
     * @return E|null the one there is, of a kind of which there is one at most; null where it cannot be read
     */
    public function only(Kind $kind): ?Stored
    {
        return $this->all($kind)[0] ?? null;
    }

    /**
     * @template E of Stored
     *
     * @param Kind<E, covariant object> $kind
     * @param list<string>              $ids
     *
     * @return array<string, E> by id, deleted ones too
     */
    public function findMany(Kind $kind, array $ids): array
    {
        $found = [];
        foreach (array_chunk($ids, self::MOST_IN_ONE_QUERY) as $some) {
            foreach ($this->entities->getRepository($kind->is->entity)->findBy(['id' => $some]) as $one) {
                $found[$one->id()] = $one;
            }
        }

        return $found;
    }

    /**
     * @template E of Stored
     *
     * @param Kind<E, covariant object> $kind
     *
     * @return list<E> all on the list that can be read, in order
     */
    public function all(Kind $kind): array
    {
        return $this->readable($kind, $this->listed($kind, $this->query($kind)));
    }

    /**
     * All that can be read, with all that is read along with them, for whoever carries them away: those that are off the list too. They are
     * let go again piece by piece.
     *
     * @template E of Stored
     *
     * @param Kind<E, covariant object> $kind
     *
     * @return \Generator<int, E>
     */
    public function each(Kind $kind, bool $isListed = false): \Generator
    {
        foreach ($this->pieces($kind, $isListed) as $piece) {
            yield from $kind->is->outlivesItsDocument ? $piece : $this->readable($kind, $piece);
        }
    }

    /**
     * @template E of Stored
     *
     * @param Kind<E, covariant object> $kind
     *
     * @return array{list<E>, string|null} a page of all(), and the id behind which the next one begins
     *
     * @throws InvalidDocument where it names an id that was never there
     */
    public function page(Kind $kind, Page $page): array
    {
        $query = $this->query($kind)->setMaxResults($page->limit + 1);
        $after = null === $page->after ? null : $this->sortValues($kind, $page->after)
            ?? throw InvalidDocument::fault('after', "There is no {$kind->is->noun} with this id to go on from.", Fault::NOT_FOUND);
        if (null !== $after) {
            self::behind($kind, $query, $after);
        }
        $found = $this->listed($kind, $query);
        $some = \array_slice($found, 0, $page->limit);

        return [$this->readable($kind, $some), \count($found) > $page->limit ? $some[$page->limit - 1]->id() : null];
    }

    /**
     * @template E of Stored
     *
     * @param Kind<E, covariant object> $kind
     *
     * @return list<array{HasDocument, string}> those whose document cannot be read, deleted ones too, with the reason
     */
    public function unreadable(Kind $kind): array
    {
        if (null === $kind->is->shape) {
            return [];
        }
        $found = [];
        foreach ($this->pieces($kind) as $piece) {
            foreach ($piece as $one) {
                $reason = $this->health->problemOf($kind, $one);
                if (null !== $reason && $one instanceof HasDocument) {
                    $found[] = [$one, $reason];
                }
            }
        }

        return $found;
    }

    /**
     * @template E of Stored
     *
     * @param Kind<E, covariant object> $kind
     *
     * @return \Generator<int, list<E>> in order
     */
    private function pieces(Kind $kind, bool $isListed = false): \Generator
    {
        /** @var list<string> $ids */
        $ids = ($isListed ? $this->query($kind) : $this->sorted($kind))->select('e.id')->getQuery()->getSingleColumnResult();
        $pieces = array_chunk($ids, self::AT_ONCE);
        foreach ($pieces as $some) {
            $query = $this->sorted($kind)->where('e.id IN (:some)')->setParameter('some', $some);
            foreach ($kind->is->joins as $alias => $path) {
                $query->leftJoin($path, $alias)->addSelect($alias);
            }
            yield $this->listed($kind, $query);
            if (\count($pieces) > 1) {
                $this->entities->clear();
            }
        }
    }

    /**
     * @template E of Stored
     *
     * @param Kind<covariant Stored, covariant object> $kind
     * @param list<E>                                  $all
     *
     * @return list<E>
     */
    private function readable(Kind $kind, array $all): array
    {
        return array_values(array_filter($all, fn (Stored $one): bool => null === $this->health->problemOf($kind, $one)));
    }

    /** @param Kind<covariant Stored, covariant object> $kind */
    private function query(Kind $kind): QueryBuilder
    {
        $query = $this->sorted($kind);
        $listed = $kind->is->isListed;

        return null === $listed ? $query : $query->where($listed);
    }

    /** @param Kind<covariant Stored, covariant object> $kind */
    private function sorted(Kind $kind): QueryBuilder
    {
        $query = $this->entities->createQueryBuilder()->select('e')->from($kind->is->entity, 'e');
        foreach ($kind->is->order as $field => $direction) {
            $query->addOrderBy("e.$field", $direction);
        }

        return $query;
    }

    /**
     * @template E of Stored
     *
     * @param Kind<E, covariant object> $kind
     *
     * @return list<E>
     */
    private function listed(Kind $kind, QueryBuilder $query): array
    {
        /** @var list<E> $result */
        $result = $query->getQuery()->getResult();

        return $result;
    }

    /**
     * @param Kind<covariant Stored, covariant object> $kind
     *
     * @return array<string, mixed>|null by field
     */
    private function sortValues(Kind $kind, string $id): ?array
    {
        $fields = implode(', ', array_map(static fn (string $field): string => "e.$field", array_keys($kind->is->order)));
        $found = $this->entities->createQuery(
            "SELECT $fields FROM {$kind->is->entity} e WHERE e.id = :id",
        )->setParameter('id', $id)->getResult();
        /** @var list<array<string, mixed>> $found */

        return $found[0] ?? null;
    }

    /**
     * Only what comes behind the given sort values: later in the first field, or equal there and later in the next, and so on.
     *
     * @param Kind<covariant Stored, covariant object> $kind
     * @param array<string, mixed>                     $after
     */
    private static function behind(Kind $kind, QueryBuilder $query, array $after): void
    {
        $either = [];
        $equal = [];
        foreach ($kind->is->order as $field => $direction) {
            $query->setParameter("after_$field", $after[$field]);
            $comparison = 'ASC' === $direction ? '>' : '<';
            $either[] = implode(' AND ', [...$equal, "e.$field $comparison :after_$field"]);
            $equal[] = "e.$field = :after_$field";
        }
        $query->andWhere('('.implode(') OR (', $either).')');
    }

    /** SQLite takes at most 32766 parameters in one statement. */
    private const MOST_IN_ONE_QUERY = 5000;
    /** So many are held while everything is read. */
    private const AT_ONCE = 500;
}
