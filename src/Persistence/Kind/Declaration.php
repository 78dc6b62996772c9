<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Stored\Ability;
use App\Persistence\Entity\Deletable;
use App\Persistence\Entity\OnlyOne;
use App\Persistence\Entity\Stored;

/**
 * What there is to say of a kind of what is stored, beside how one becomes a document and a document one.
 *
 * @template E of Stored
 *
 * @template-covariant D of object
 */
final readonly class Declaration
{
    /** Its noun with the article: "an outing". */
    public string $one;
    /** Whether one can be taken off the lists and put back. */
    public bool $isDeletable;
    /** Whether there is one at most. */
    public bool $isOne;
    /** @var list<class-string> everything that one is stored as, those that name others before those */
    public array $tables;
    /** Its field in files. */
    public string $field;
    /** @var class-string the document of one on the list, where that is not its whole document */
    public string $listed;
    /** A condition of those that are on the list; null for all. */
    public ?string $isListed;

    /**
     * @param string                                $name  the last part of its address
     * @param string                                $noun  what one is called in a sentence
     * @param class-string<E>                       $entity
     * @param class-string<D>                       $document
     * @param class-string|null                     $listed
     * @param Shape|null                            $shape of the document stored in a column of its own
     * @param non-empty-array<string, 'ASC'|'DESC'> $order fields its list is sorted by; the id, last, decides between equals
     * @param list<Ability>                         $can   what can be asked of it from outside
     * @param Place|null                            $place where in a backup it stands; null where it is part of another kind
     * @param list<class-string<Kind<covariant Stored, covariant object>>> $after the kinds that it names: stored before it
     * @param list<class-string>|null               $tables its entity alone where left out
     * @param array<string, string>                 $joins  what is read along with it, by an alias
     * @param string|null                           $called what is said of one that somebody else has changed; its title where left out
     * @param bool                                  $outlivesItsDocument whether what it holds beside its document is worth carrying away
     *                                                                   where that cannot be read
     * @param array<string, string>                 $holds  fields of its document that are lists of another kind, and the name of that
     */
    public function __construct(
        public string $name,
        public string $noun,
        public string $entity,
        public string $document,
        ?string $field = null,
        ?string $listed = null,
        public ?Shape $shape = null,
        public array $order = ['id' => 'ASC'],
        public string $orderInWords = 'in the order they came in',
        public array $can = Ability::ON_A_LIST,
        public ?Place $place = Place::Logbook,
        public array $after = [],
        ?array $tables = null,
        public array $joins = [],
        ?string $isListed = null,
        public ?string $called = null,
        public bool $outlivesItsDocument = false,
        public array $holds = [],
    ) {
        $this->one = (str_contains('aeiou', $noun[0]) ? 'an ' : 'a ').$noun;
        $this->isDeletable = is_subclass_of($entity, Deletable::class);
        $this->isOne = \in_array(OnlyOne::class, class_uses($entity), true);
        $this->tables = $tables ?? [$entity];
        $this->field = $field ?? $name;
        $this->listed = $listed ?? $document;
        $this->isListed = $isListed ?? ($this->isDeletable ? 'e.deletedAt IS NULL' : null);
    }
}
