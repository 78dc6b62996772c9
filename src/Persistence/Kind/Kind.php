<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Backup\SetAsideDocument;
use App\Contract\Error\InvalidDocument;
use App\Contract\Stored\Ability;
use App\Persistence\Entity\Deletable;
use App\Persistence\Entity\OnlyOne;
use App\Persistence\Entity\Stored;
use App\Persistence\UnreadableDocument;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/**
 * A kind of what is stored: all there is to say of it, once. Whatever lists, changes, deletes, backs up, restores or wipes what is stored
 * asks the kinds, and knows none by name.
 *
 * @template E of Stored
 * @template D of object
 */
#[AutoconfigureTag]
abstract readonly class Kind
{
    /** The last part of its address. */
    abstract public static function name(): string;

    /** What one is called in a sentence. */
    abstract public function noun(): string;

    /** @return class-string<E> */
    abstract public function entity(): string;

    /** @return class-string<D> */
    abstract public function document(): string;

    /**
     * What is stored where the document is taken.
     *
     * @param D      $document
     * @param E|null $known    what becomes so; null to make a new one
     * @param bool   $isWhole  as a file that is carried away says it: also what the program itself worked out
     *
     * @return E
     *
     * @throws InvalidDocument where it cannot be so
     */
    abstract public function entityOf(object $document, ?Stored $known = null, bool $isWhole = false): Stored;

    /**
     * @param E    $one
     * @param bool $isWhole for a file that is carried away: with pictures, without what only this program needs
     *
     * @return D
     *
     * @throws UnreadableDocument
     */
    abstract public function documentOf(Stored $one, bool $isWhole = false): object;

    /** The document stored in a column of its own, where it has one. */
    public function shape(): ?Shape
    {
        return null;
    }

    /** @return non-empty-array<string, 'ASC'|'DESC'> fields its list is sorted by; the id, last, decides between equals */
    public function order(): array
    {
        return ['id' => 'ASC'];
    }

    /** The same in words. */
    public function orderInWords(): string
    {
        return 'in the order they came in';
    }

    /** @return list<Ability> what can be asked of it from outside */
    public function can(): array
    {
        return Ability::ON_A_LIST;
    }

    /** Where in a backup its documents stand; null where they are part of another kind. */
    public function place(): ?Place
    {
        return Place::Logbook;
    }

    /** Its field there. */
    public function field(): string
    {
        return static::name();
    }

    /** @return list<class-string<self<covariant Stored, covariant object>>> the kinds that it names: stored before it and wiped after it */
    public function after(): array
    {
        return [];
    }

    /** @return list<class-string> everything that one of it is stored as, those that name others before those */
    public function tables(): array
    {
        return [$this->entity()];
    }

    /** @return array<string, string> what is read along with it, by an alias: 'stints' of the outing, which is "e" */
    public function joins(): array
    {
        return [];
    }

    /** A condition of those that are on the list; null for all. */
    public function isListed(): ?string
    {
        return $this->isDeletable() ? 'e.deletedAt IS NULL' : null;
    }

    final public function isDeletable(): bool
    {
        return is_subclass_of($this->entity(), Deletable::class);
    }

    /** Whether there is one at most. */
    final public function isOne(): bool
    {
        return \in_array(OnlyOne::class, class_uses($this->entity()), true);
    }

    /**
     * What of one a file cannot say within its document.
     *
     * @param E $one
     *
     * @return list<SetAsideDocument>
     */
    public function beside(Stored $one): array
    {
        return [];
    }

    /** Whether what it holds beside its document is worth carrying away where that cannot be read. */
    public function outlivesItsDocument(): bool
    {
        return false;
    }

    /**
     * What is said of one that somebody else has changed.
     *
     * @param E $one
     */
    public function called(Stored $one): string
    {
        return "“{$one->title()}”";
    }

    /** @return class-string of one on the list, where that is not its whole document */
    public function listed(): string
    {
        return $this->document();
    }

    /**
     * @param list<E>|null $some null for everything on the list
     *
     * @return list<object>|null documents of what is listed; null where that is the whole document of each
     */
    public function glance(?array $some): ?array
    {
        return null;
    }

    /** @return D|null what there is before the first was stored, of a kind of which there is one */
    public function default(): ?object
    {
        return null;
    }
}
