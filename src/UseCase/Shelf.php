<?php

declare(strict_types=1);

namespace App\UseCase;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Error\NotFound;
use App\Contract\Error\StaleDocument;
use App\Contract\Stored\Ability;
use App\Contract\Stored\Address;
use App\Persistence\DocumentHealth;
use App\Persistence\Entity\Deletable;
use App\Persistence\Entity\HasDocument;
use App\Persistence\Entity\SetAside;
use App\Persistence\Entity\Settings;
use App\Persistence\Entity\Stored;
use App\Persistence\Kind\Kind;
use App\Persistence\Kind\Kinds;
use App\Persistence\Page;
use App\Persistence\Repository\SetAsideRepository;
use App\Persistence\Rows;
use App\Persistence\Transaction;
use App\Persistence\UnreadableDocument;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/**
 * Lists, shows, adds, changes, deletes and restores what is stored, of every kind alike: each in one transaction, a change to a state that
 * is no longer there refused, and what cannot be read left as it is.
 */
final readonly class Shelf
{
    /** @param iterable<Hook> $hooks */
    public function __construct(
        private Kinds $kinds,
        private Rows $rows,
        private DocumentHealth $health,
        private SetAsideRepository $setAside,
        private Transaction $transaction,
        private ClockInterface $clock,
        #[AutowireIterator(Hook::class)] private iterable $hooks,
    ) {
    }

    /** @return list<Address> of everything that can be asked for from outside */
    public function addresses(): array
    {
        $addresses = array_map(static fn (Kind $kind): Address => new Address(
            $kind::name(),
            $kind->is->noun,
            $kind->is->one,
            $kind->is->orderInWords,
            $kind->is->document,
            $kind->is->listed,
            $kind->is->can,
            $kind->is->isOne,
            !$kind->is->isOne || null !== $kind->default(),
        ), $this->kinds->all());

        return array_values(array_filter($addresses, static fn (Address $address): bool => [] !== $address->can));
    }

    /** @return class-string the document of a kind */
    public function document(string $name): string
    {
        return $this->kinds->named($name)->is->document;
    }

    /** What is on the list and can be read, in its order. */
    public function page(string $name, ?int $limit = null, ?string $after = null): PageOf
    {
        $kind = $this->kinds->named($name);
        if (null === $limit) {
            return new PageOf($kind->glance(null) ?? array_map($kind->documentOf(...), $this->rows->all($kind)), null);
        }
        [$found, $next] = $this->rows->page($kind, new Page($limit, $after));

        return new PageOf($kind->glance($found) ?? array_map($kind->documentOf(...), $found), $next);
    }

    /** @throws NotFound */
    public function show(string $name, string $id): Saved
    {
        $kind = $this->kinds->named($name);

        return $this->saved($kind, $this->rows->get($kind, $id));
    }

    /** @throws InvalidDocument where the id is taken, or it cannot be so */
    public function add(string $name, object $document): Saved
    {
        $kind = $this->kinds->named($name);

        return $this->saved($kind, $this->transaction->run(fn (): Stored => $this->put($kind, $document)));
    }

    /**
     * All or none.
     *
     * @param list<object> $documents
     * @param string       $path      of the list in what came in
     *
     * @return list<Saved>
     *
     * @throws InvalidDocument with the place of each fault
     */
    public function addAll(string $name, array $documents, string $path = ''): array
    {
        $kind = $this->kinds->named($name);

        return $this->each($kind, $documents, $path, fn (object $document): Stored => $this->put($kind, $document));
    }

    /**
     * @param int|null $version the one that was read
     *
     * @throws NotFound
     * @throws StaleDocument   where it was changed since
     * @throws InvalidDocument
     */
    public function change(string $name, string $id, object $document, ?int $version = null): Saved
    {
        $kind = $this->kinds->named($name);

        return $this->saved($kind, $this->transaction->run(function () use ($kind, $id, $document, $version): Stored {
            $own = Rows::idOf($document);
            if (null !== $own && $own !== $id) {
                throw InvalidDocument::fault('id', 'The id is not the one in the address.');
            }

            return $this->write($kind, $this->rows->get($kind, $id), $document, $version);
        }));
    }

    /**
     * All or none.
     *
     * @param list<object> $documents each with its id and version
     *
     * @return list<Saved>
     *
     * @throws StaleDocument   where one was changed since it was read
     * @throws InvalidDocument with the place of each fault
     */
    public function changeAll(string $name, array $documents): array
    {
        $kind = $this->kinds->named($name);

        return $this->each($kind, $documents, '', function (object $document) use ($kind): Stored {
            $one = $this->rows->find($kind, Rows::idOf($document))
                ?? throw InvalidDocument::fault('id', "There is no {$kind->is->noun} with this id.", Fault::NOT_FOUND);

            return $this->write($kind, $one, $document, null);
        });
    }

    /**
     * @param int|null $version the one that was read; null to delete whatever is there
     *
     * @throws NotFound
     * @throws StaleDocument where it was changed since
     */
    public function delete(string $name, string $id, ?int $version = null): void
    {
        $kind = $this->kinds->named($name);
        $this->transaction->run(function () use ($kind, $id, $version): void {
            $one = $this->rows->get($kind, $id);
            if (null !== $version && null === $this->health->problemOf($kind, $one)) {
                VersionCheck::expect($version, null, $kind, $one);
            }
            $this->around($kind, $one, fn () => self::deletable($one)->delete($this->clock->now()));
        });
    }

    /** @throws NotFound where it was never there, or cannot be read */
    public function restore(string $name, string $id): Saved
    {
        $kind = $this->kinds->named($name);

        return $this->saved($kind, $this->transaction->run(function () use ($kind, $id): Stored {
            $one = $this->rows->getAny($kind, $id);
            $this->expectReadable($kind, $one);
            $this->around($kind, $one, static fn () => self::deletable($one)->restore());

            return $one;
        }));
    }

    /** What there is one of; with version 0 before the first was stored, or null where there is nothing then. */
    public function single(string $name): ?Saved
    {
        $kind = $this->kinds->named($name);
        $one = $this->rows->only($kind);
        $default = $kind->default();

        return match (true) {
            null !== $one => $this->saved($kind, $one),
            null !== $default => new Saved(Settings::ONLY, 0, $default),
            default => null,
        };
    }

    /**
     * What there is one of becomes another. Where that cannot be read it is set aside as it is.
     *
     * @param int|null $version the one that was read; null to write over whatever is there
     *
     * @throws StaleDocument   where it was changed since
     * @throws InvalidDocument
     */
    public function replace(string $name, object $document, ?int $version = null): Saved
    {
        $kind = $this->kinds->named($name);

        return $this->saved($kind, $this->transaction->run(function () use ($kind, $document, $version): Stored {
            $one = $this->rows->findAny($kind, Settings::ONLY);
            if (null === $one) {
                $one = $kind->entityOf($document);
                $this->rows->add($one);

                return $one;
            }

            return $this->write($kind, $one, $document, $version);
        }));
    }

    /**
     * @param Kind<Stored, object> $kind
     *
     * @throws NotFound where it cannot be read
     */
    private function saved(Kind $kind, Stored $one): Saved
    {
        $this->expectReadable($kind, $one);
        try {
            return Saved::of($kind, $one);
        } catch (UnreadableDocument $unreadable) {
            throw self::unreadable($kind, $unreadable->getMessage());
        }
    }

    /**
     * @param Kind<Stored, object> $kind
     *
     * @throws NotFound
     */
    private function expectReadable(Kind $kind, Stored $one): void
    {
        $problem = $this->health->problemOf($kind, $one);
        if (null !== $problem) {
            throw self::unreadable($kind, $problem);
        }
    }

    /** @param Kind<Stored, object> $kind */
    private static function unreadable(Kind $kind, string $problem): NotFound
    {
        return NotFound::because("This {$kind->is->noun} cannot be read, and is stored as it is. $problem");
    }

    private static function deletable(Stored $one): Deletable
    {
        return $one instanceof Deletable ? $one : throw new \LogicException('Of such there is one, which is not deleted.');
    }

    /**
     * @param Kind<Stored, object> $kind
     *
     * @throws StaleDocument
     * @throws InvalidDocument
     */
    private function write(Kind $kind, Stored $one, object $document, ?int $version): Stored
    {
        $problem = $this->health->problemOf($kind, $one);
        $shape = $kind->is->shape;
        if (null === $problem) {
            VersionCheck::expect($version, $document, $kind, $one);
        } elseif (null !== $shape && $one instanceof HasDocument) {
            $this->setAside->add(new SetAside($shape->name, $one->title(), $problem, $one->document()->raw()));
        }
        $this->around($kind, $one, static fn () => $kind->entityOf($document, $one));

        return $one;
    }

    /**
     * @param Kind<Stored, object> $kind
     * @param callable(): mixed    $change
     */
    private function around(Kind $kind, Stored $one, callable $change): void
    {
        $before = array_map(static fn (Hook $hook): array => [$hook, $hook->before($one)], $this->hooksOf($kind));
        $change();
        foreach ($before as [$hook, $known]) {
            $hook->after($known, $one);
        }
    }

    /**
     * @param Kind<Stored, object> $kind
     *
     * @return list<Hook>
     */
    private function hooksOf(Kind $kind): array
    {
        return array_values(array_filter([...$this->hooks], static fn (Hook $hook): bool => $hook->kind() === $kind::name()));
    }

    /**
     * @param Kind<Stored, object> $kind
     *
     * @throws InvalidDocument
     */
    private function put(Kind $kind, object $document): Stored
    {
        if (null !== $this->rows->namedBy($kind, $document)) {
            $instead = \in_array(Ability::Change, $kind->is->can, true)
                ? 'Change that one, or leave the id out.'
                : 'Leave the id out to save another.';
            throw InvalidDocument::fault('id', "There is already {$kind->is->one} with this id. $instead", Fault::TAKEN);
        }
        $one = $kind->entityOf($document);
        $this->rows->add($one);
        foreach ($this->hooksOf($kind) as $hook) {
            $hook->after(null, $one);
        }

        return $one;
    }

    /**
     * @param Kind<Stored, object>     $kind
     * @param list<object>             $documents
     * @param callable(object): Stored $store
     *
     * @return list<Saved>
     *
     * @throws InvalidDocument
     */
    private function each(Kind $kind, array $documents, string $path, callable $store): array
    {
        $stored = $this->transaction->run(static fn (): array => array_map(
            static function (object $document, int $place) use ($store, $path): Stored {
                try {
                    return $store($document);
                } catch (InvalidDocument $invalid) {
                    throw $invalid->within("{$path}[$place]");
                }
            },
            $documents,
            array_keys($documents),
        ));

        return array_map(fn (Stored $one): Saved => $this->saved($kind, $one), $stored);
    }
}
