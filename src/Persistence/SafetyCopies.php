<?php

declare(strict_types=1);

namespace App\Persistence;

use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Finder\Finder;

/** What was stored before a restore, as files in the folder "backups" beside the database; the last ten of them. */
final readonly class SafetyCopies
{
    private const MOST = 10;
    private const PREFIX = 'before-restore-';

    public function __construct(private string $databaseFile, private ClockInterface $clock)
    {
    }

    /**
     * @param callable(callable(string): void): void $write
     *
     * @return string the file's name
     */
    public function keep(callable $write): string
    {
        $name = self::PREFIX.$this->clock->now()->format('Ymd-His-v').'.json';
        WholeFile::write($this->folder().'/'.$name, $write);
        $this->dropOld();

        return $name;
    }

    public function folder(): string
    {
        return \dirname($this->databaseFile).'/backups';
    }

    private function dropOld(): void
    {
        $files = array_keys(iterator_to_array(Finder::create()->files()->in($this->folder())->name(self::PREFIX.'*.json')->sortByName()));
        (new Filesystem())->remove(\array_slice($files, 0, max(0, \count($files) - self::MOST)));
    }
}
