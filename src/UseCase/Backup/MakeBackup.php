<?php

declare(strict_types=1);

namespace App\UseCase\Backup;

use App\Contract\Backup\BackupDocument;
use App\Contract\Backup\SetAsideDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Persistence\Entity\Deletable;
use App\Persistence\Entity\InUtc;
use App\Persistence\Entity\Stored;
use App\Persistence\Kind\Kind;
use App\Persistence\Kind\Kinds;
use App\Persistence\Kind\Place;
use App\Persistence\ReleaseFile;
use App\Persistence\Rows;
use App\Persistence\Transaction;
use App\Persistence\Upgrade\Upgrades;
use App\UseCase\FindUnreadable;

/** Writes everything stored into one document, what was deleted and can be restored among it: piece by piece, however much it is. */
final readonly class MakeBackup
{
    private const OPTIONS = \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR;

    public function __construct(
        private Kinds $kinds,
        private Rows $rows,
        private FindUnreadable $unreadable,
        private Transaction $transaction,
        private DocumentNormalizer $documents,
        private ReleaseFile $release,
    ) {
    }

    /**
     * All of it as it was at one moment, while others go on writing.
     *
     * @param callable(string): void $to takes the JSON of a BackupDocument, piece by piece
     */
    public function write(callable $to): void
    {
        $this->transaction->snapshot(fn () => $this->read($to));
    }

    /** @param callable(string): void $to */
    private function read(callable $to): void
    {
        $deleted = [];
        $unreadable = $this->unreadable->all();
        $to('{"kontrast":'.BackupDocument::VERSION.',"program":'.self::json($this->release->read()->version));
        $to(',"notebook":{"shapes":'.self::json(Upgrades::shapes()));
        foreach ($this->kinds->all() as $kind) {
            if (Place::Logbook === $kind->is->place) {
                $this->kind($kind, $to, $deleted, $unreadable);
            }
        }
        $to('}');
        foreach ($this->kinds->all() as $kind) {
            if (null !== $kind->is->place && Place::Logbook !== $kind->is->place) {
                $this->kind($kind, $to, $deleted, $unreadable);
            }
        }
        $to(',"deleted":'.self::json((object) $deleted));
        $to(',"unreadable":'.self::json(array_map($this->documents->stored(...), $unreadable)).'}');
    }

    /**
     * @param Kind<Stored, object>   $kind
     * @param callable(string): void $to
     * @param array<string, string>  $deleted    when each deleted one was deleted, by its id
     * @param list<SetAsideDocument> $unreadable
     */
    private function kind(Kind $kind, callable $to, array &$deleted, array &$unreadable): void
    {
        $to(",\"{$kind->is->field}\":".($kind->is->isOne ? '' : '['));
        $isFirst = true;
        foreach ($this->rows->each($kind) as $one) {
            array_push($unreadable, ...$kind->beside($one));
            $at = $one instanceof Deletable ? $one->deletedAt() : null;
            if (null !== $at) {
                $deleted[$one->id()] = InUtc::written($at);
            }
            $to(($isFirst ? '' : ',').self::json($this->documents->stored($kind->documentOf($one, true))));
            $isFirst = false;
        }
        if ($kind->is->isOne && $isFirst) {
            $default = $kind->default();
            $to(null === $default ? 'null' : self::json($this->documents->stored($default)));
        }
        $to($kind->is->isOne ? '' : ']');
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, self::OPTIONS);
    }
}
