<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Error\NotFound;
use App\Persistence\DocumentHealth;
use App\Persistence\Entity\Deletable;
use App\Persistence\Entity\HasDocument;
use App\Persistence\Entity\Stored;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\QueryBuilder;

/**
 * What all repositories have in common: find by id, list in one order, page through it.
 *
 * @template T of Stored
 */
abstract class Repository
{
    public function __construct(protected readonly EntityManagerInterface $entities, private readonly DocumentHealth $health)
    {
    }

    /** @return class-string<T> */
    abstract protected function entity(): string;

    /** What one is called in a sentence. */
    abstract protected function noun(): string;

    /** @return non-empty-array<string, 'ASC'|'DESC'> fields the list is sorted by; the id, last, decides between equals */
    abstract protected function order(): array;

    /** @param T $one */
    public function add(Stored $one): void
    {
        $this->entities->persist($one);
    }

    /**
     * @return T|null null where there is none or it was deleted
     */
    public function find(string $id): ?Stored
    {
        $one = $this->findAny($id);

        return null === $one || (method_exists($one, 'isDeleted') && true === $one->isDeleted()) ? null : $one;
    }

    /**
     * @return T|null deleted ones too
     */
    public function findAny(string $id): ?Stored
    {
        return $this->entities->find($this->entity(), $id);
    }

    /** Whether an id is taken, by a deleted one too. */
    public function has(?string $id): bool
    {
        return null !== $id && null !== $this->findAny($id);
    }

    /**
     * @return T
     *
     * @throws NotFound
     */
    public function get(string $id): Stored
    {
        return $this->find($id) ?? throw NotFound::of($this->noun());
    }

    /**
     * @return T deleted ones too
     *
     * @throws NotFound
     */
    public function getAny(string $id): Stored
    {
        return $this->findAny($id) ?? throw NotFound::of($this->noun());
    }

    /** @return list<T> all that are neither deleted nor unreadable, in order */
    public function all(): array
    {
        return $this->readable($this->listed($this->query()));
    }

    /** @return list<T> those deleted but still restorable, and readable, in order */
    public function deleted(): array
    {
        return $this->isDeletable() ? $this->readable($this->listed($this->sorted()->where('e.deletedAt IS NOT NULL'))) : [];
    }

    /**
     * @return array{list<T>, string|null} a page of all(), and the id behind which the next one begins
     *
     * @throws InvalidDocument where it names an id that was never there
     */
    public function page(Page $page): array
    {
        $query = $this->query()->setMaxResults($page->limit + 1);
        $after = null === $page->after ? null : $this->sortValues($page->after)
            ?? throw InvalidDocument::fault('after', "There is no {$this->noun()} with this id to go on from.", Fault::NOT_FOUND);
        if (null !== $after) {
            $this->behind($query, $after);
        }
        $found = $this->listed($query);
        $some = \array_slice($found, 0, $page->limit);

        return [$this->readable($some), \count($found) > $page->limit ? $some[$page->limit - 1]->id() : null];
    }

    /** @return list<array{T, string}> those whose document cannot be read, deleted ones too, with the reason */
    public function unreadable(): array
    {
        $found = [];
        foreach ($this->listed($this->sorted()) as $one) {
            $reason = $one instanceof HasDocument ? $this->health->problemOf($one) : null;
            if (null !== $reason) {
                $found[] = [$one, $reason];
            }
        }

        return $found;
    }

    /**
     * @param list<T> $all
     *
     * @return list<T>
     */
    private function readable(array $all): array
    {
        return array_values(array_filter($all, fn (Stored $one): bool => !$one instanceof HasDocument || $this->health->isReadable($one)));
    }

    protected function query(): QueryBuilder
    {
        $query = $this->sorted();

        return $this->isDeletable() ? $query->where('e.deletedAt IS NULL') : $query;
    }

    private function sorted(): QueryBuilder
    {
        $query = $this->entities->createQueryBuilder()->select('e')->from($this->entity(), 'e');
        foreach ($this->order() as $field => $direction) {
            $query->addOrderBy("e.$field", $direction);
        }

        return $query;
    }

    /** @return list<T> */
    private function listed(QueryBuilder $query): array
    {
        /** @var list<T> $result */
        $result = $query->getQuery()->getResult();

        return $result;
    }

    private function isDeletable(): bool
    {
        return \in_array(Deletable::class, class_uses($this->entity()), true);
    }

    /**
     * @return array<string, mixed>|null by field
     */
    private function sortValues(string $id): ?array
    {
        $fields = implode(', ', array_map(static fn (string $field): string => "e.$field", array_keys($this->order())));
        $found = $this->entities->createQuery(
            "SELECT $fields FROM {$this->entity()} e WHERE e.id = :id",
        )->setParameter('id', $id)->getResult();
        /** @var list<array<string, mixed>> $found */

        return $found[0] ?? null;
    }

    /**
     * Only what comes behind the given sort values: later in the first field, or equal there and later in the next, and so on.
     *
     * @param array<string, mixed> $after
     */
    private function behind(QueryBuilder $query, array $after): void
    {
        $either = [];
        $equal = [];
        foreach ($this->order() as $field => $direction) {
            $query->setParameter("after_$field", $after[$field]);
            $comparison = 'ASC' === $direction ? '>' : '<';
            $either[] = implode(' AND ', [...$equal, "e.$field $comparison :after_$field"]);
            $equal[] = "e.$field = :after_$field";
        }
        $query->andWhere('('.implode(') OR (', $either).')');
    }
}
