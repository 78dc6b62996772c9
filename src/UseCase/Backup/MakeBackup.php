<?php

declare(strict_types=1);

namespace App\UseCase\Backup;

use App\Contract\Backup\BackupDocument;
use App\Contract\Logbook\LogbookDocument;
use App\Persistence\Entity\Deletable;
use App\Persistence\Entity\Stored;
use App\Persistence\Kind\Kind;
use App\Persistence\Kind\Kinds;
use App\Persistence\Kind\Place;
use App\Persistence\Rows;
use App\Persistence\Transaction;
use App\Persistence\Upgrade\Upgrades;
use App\UseCase\FindUnreadable;

/** Puts everything stored into one document, what was deleted and can be restored among it. */
final readonly class MakeBackup
{
    public function __construct(
        private Kinds $kinds,
        private Rows $rows,
        private FindUnreadable $unreadable,
        private Transaction $transaction,
    ) {
    }

    /** All of it as it was at one moment, while others go on writing. */
    public function all(): BackupDocument
    {
        return $this->transaction->snapshot($this->read(...));
    }

    private function read(): BackupDocument
    {
        $logbook = $backup = $deleted = [];
        $unreadable = $this->unreadable->all();
        foreach ($this->kinds->all() as $kind) {
            $place = $kind->is->place;
            if (null === $place) {
                continue;
            }
            $all = $this->rows->whole($kind);
            foreach ($all as $one) {
                array_push($unreadable, ...$kind->beside($one));
                $at = $one instanceof Deletable ? $one->deletedAt() : null;
                if (null !== $at) {
                    $deleted[$one->id()] = $at;
                }
            }
            $given = self::given($kind, $all);
            if (Place::Logbook === $place) {
                $logbook[$kind->is->field] = $given;
            } else {
                $backup[$kind->is->field] = $given;
            }
        }

        return (new \ReflectionClass(BackupDocument::class))->newInstanceArgs([
            'kontrast' => BackupDocument::VERSION,
            'notebook' => (new \ReflectionClass(LogbookDocument::class))->newInstanceArgs(['shapes' => Upgrades::shapes(), ...$logbook]),
            'deleted' => $deleted,
            'unreadable' => $unreadable,
            ...$backup,
        ]);
    }

    /**
     * @param Kind<Stored, object> $kind
     * @param list<Stored>         $all
     *
     * @return object|list<object>|null
     */
    private static function given(Kind $kind, array $all): object|array|null
    {
        $documents = array_map(static fn (Stored $one): object => $kind->documentOf($one, true), $all);

        return $kind->is->isOne ? $documents[0] ?? $kind->default() : $documents;
    }
}
