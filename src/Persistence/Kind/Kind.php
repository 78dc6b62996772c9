<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Backup\SetAsideDocument;
use App\Contract\Error\InvalidDocument;
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
    /** What a kind is found by. */
    public const NAME = '';

    /** @param Declaration<E, D> $is */
    protected function __construct(public Declaration $is)
    {
    }

    final public static function name(): string
    {
        /** @var string */
        return static::NAME;
    }

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

    final public function shape(): Shape
    {
        return $this->is->shape ?? throw new \LogicException("A {$this->is->noun} has no document of its own.");
    }

    /**
     * What is said of one that somebody else has changed.
     *
     * @param E $one
     */
    final public function called(Stored $one): string
    {
        return $this->is->called ?? "“{$one->title()}”";
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
}
