<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Contract\Backup\BackupDocument;
use App\Contract\Error\InvalidDocument;
use App\Contract\Logbook\LogbookDocument;
use App\Contract\Reader\OlderFiles;
use App\Persistence\Entity\Stored;
use App\Persistence\Kind\Kind;
use App\Persistence\Kind\Kinds;
use App\Persistence\Kind\Place;
use App\Persistence\Upgrade\Upgrades;

/** Takes each document in a backup or a logbook through the steps that its kind has made since the file was written. */
final readonly class UpgradeFiles implements OlderFiles
{
    public function __construct(private Kinds $kinds)
    {
    }

    public function upgrade(\stdClass $file, string $class): void
    {
        $logbook = match ($class) {
            BackupDocument::class => $file->notebook ?? null,
            LogbookDocument::class => $file,
            default => null,
        };
        if (!$logbook instanceof \stdClass) {
            return;
        }
        $shapes = self::shapes($logbook, BackupDocument::class === $class ? 'notebook.' : '');
        if ($shapes === Upgrades::shapes()) {
            return;
        }
        foreach ($this->kinds->all() as $kind) {
            $list = match ($kind->is->place) {
                null => null,
                Place::Logbook => $logbook->{$kind->is->field} ?? null,
                default => $file->{$kind->is->field} ?? null,
            };
            foreach (\is_array($list) ? $list : [$list] as $document) {
                $this->one($kind, $document, $shapes);
            }
        }
    }

    /**
     * @param Kind<covariant Stored, covariant object> $kind
     * @param array<string, int>                       $shapes
     */
    private function one(Kind $kind, mixed $document, array $shapes): void
    {
        if (!$document instanceof \stdClass) {
            return;
        }
        $shape = $kind->is->shape;
        $stored = null === $shape || '' === $shape->in ? $document : $document->{$shape->in} ?? null;
        if (null !== $shape && $stored instanceof \stdClass) {
            Upgrades::run($shape->name, $stored, $shapes[$shape->name->shapedAs()]);
        }
        foreach ($kind->is->holds as $field => $name) {
            foreach ((array) ($document->{$field} ?? []) as $inner) {
                $this->one($this->kinds->named($name), $inner, $shapes);
            }
        }
    }

    /**
     * @return array<string, int> of everything that has one
     *
     * @throws InvalidDocument where one is newer than this program
     */
    private static function shapes(\stdClass $logbook, string $path): array
    {
        $shapes = [];
        $said = (array) ($logbook->shapes ?? null) + Upgrades::unsaid();
        foreach (Upgrades::shapes() as $name => $present) {
            $shape = $said[$name];
            if (\is_int($shape) && $shape > $present) {
                $says = 'A newer version of this program wrote this file. Update the program, then take it in.';
                throw InvalidDocument::fault("{$path}shapes.$name", $says);
            }
            $shapes[$name] = \is_int($shape) && $shape >= 1 ? $shape : $present;
        }

        return $shapes;
    }
}
