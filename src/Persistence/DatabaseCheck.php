<?php

declare(strict_types=1);

namespace App\Persistence;

/** Looks at a database file without opening it for writing, before the program does. */
final readonly class DatabaseCheck
{
    private const HEADER = "SQLite format 3\0";
    private const VERSIONS = 'doctrine_migration_versions';
    private const MIGRATIONS = '/migrations/Version*.php';
    private const PROBE_BYTES = 1_048_576;

    public function __construct(private string $databaseFile, private string $projectDir)
    {
    }

    public function file(): string
    {
        return $this->databaseFile;
    }

    /** @return string|null what is wrong with the name itself and what to do, or null */
    public function problemOfName(): ?string
    {
        $file = $this->databaseFile;

        return match (true) {
            '' === $file => 'KONTRAST_DB is empty. Unset it, or set it to the path of a file.',
            1 === preg_match(
                '/[\x00-\x1f\x7f?%]/',
                $file,
            ) => 'KONTRAST_DB has a character that is not allowed in the path of the database (?, %, or a control '
                .'character). Set it to a plain path.',
            is_dir($file) => "KONTRAST_DB names a folder, $file. Set it to the path of a file in it.",
            !is_dir(\dirname($file)) => \sprintf(
                'KONTRAST_DB points to a file in %s, which is not a folder. Create that folder first.',
                \dirname($file),
            ),
            file_exists($file) && !is_file($file) => "KONTRAST_DB names $file, which is not a file. Set it to the path of a file.",
            default => null,
        };
    }

    /** @return string|null what stands in the way of writing and what to do, or null; nothing is left behind */
    public function problemOfPlace(): ?string
    {
        $folder = \dirname($this->databaseFile);
        $probe = $folder.'/.kontrast-'.bin2hex(random_bytes(6));
        $written = @file_put_contents($probe, str_repeat("\0", self::PROBE_BYTES));
        $made = is_file($probe);
        @unlink($probe);

        return match (true) {
            !$made => "Nothing can be written in $folder. Allow writing there, or set KONTRAST_DB to a file elsewhere.",
            self::PROBE_BYTES !== $written => "The disk that $folder is on is full. Make room there, or set KONTRAST_DB to a file on "
                .'another disk.',
            is_file($this->databaseFile) && !is_writable($this->databaseFile) => "$this->databaseFile can only be read. Allow writing "
                .'to it, or set KONTRAST_DB to '
                .'another file.',
            default => null,
        };
    }

    /** @return string|null what is wrong inside and what to do, or null, also where there is no file yet */
    public function problemOfContent(): ?string
    {
        if (!is_file($this->databaseFile) || 0 === filesize($this->databaseFile)) {
            return null;
        }
        if (!is_readable($this->databaseFile)) {
            return "$this->databaseFile cannot be read. Allow reading it, or set KONTRAST_DB to another file.";
        }
        if (self::HEADER !== file_get_contents($this->databaseFile, false, null, 0, \strlen(self::HEADER))) {
            return "$this->databaseFile is not a SQLite database, or is damaged. ".$this->remedy();
        }
        try {
            $database = $this->open();
            $result = self::column($database, 'PRAGMA quick_check(1)')[0] ?? '';
            $tables = self::column($database, "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'");
            $versions = \in_array(self::VERSIONS, $tables, true) ? self::column($database, 'SELECT version FROM '.self::VERSIONS) : [];
        } catch (\PDOException $error) {
            return "$this->databaseFile is damaged ({$error->getMessage()}). ".$this->remedy();
        }
        $ours = array_map(
            static fn (string|false $file): string => 'App\\Migrations\\'.basename((string) $file, '.php'),
            (array) glob($this->projectDir.self::MIGRATIONS),
        );

        return match (true) {
            'ok' !== $result => "$this->databaseFile is damaged ($result). ".$this->remedy(),
            [] === $tables => null,
            [] === array_intersect($versions, $ours) => "$this->databaseFile belongs to another program. Set KONTRAST_DB to a file of "
                ."Kontrast's own.",
            [] !== array_diff($versions, $ours) => "$this->databaseFile was made by a newer version of Kontrast than this one. Use that "
                .'version, or set KONTRAST_DB to '
                .'another file.',
            default => null,
        };
    }

    /** @return list<string> what a thorough look finds wrong; it takes a while in a large database */
    public function thoroughly(): array
    {
        if (!is_file($this->databaseFile) || 0 === filesize($this->databaseFile)) {
            return [];
        }
        $database = $this->open();
        $orphans = self::column($database, 'PRAGMA foreign_key_check');

        return [
            ...array_values(array_diff(self::column($database, 'PRAGMA integrity_check'), ['ok'])),
            ...array_map(
                static fn (string $table): string => "A row of $table refers to something that does not exist.",
                array_unique($orphans),
            ),
        ];
    }

    private function remedy(): string
    {
        return \sprintf(
            'Keep that file, and restore a backup into a new one: safety copies are in %s/backups. Nothing was changed.',
            \dirname($this->databaseFile),
        );
    }

    private function open(): \PDO
    {
        // Where nothing can be laid beside it, SQLite has to be told that nobody writes.
        $name = is_writable(\dirname($this->databaseFile)) ? $this->databaseFile : "file:$this->databaseFile?immutable=1";

        return new \PDO("sqlite:$name", null, null, [\PDO::SQLITE_ATTR_OPEN_FLAGS => \PDO::SQLITE_OPEN_READONLY]);
    }

    /** @return list<string> the first column */
    private static function column(\PDO $database, string $sql): array
    {
        $answer = $database->query($sql);

        return false === $answer ? [] : array_values(array_map(
            static fn (mixed $value): string => \is_scalar($value) ? (string) $value : '',
            $answer->fetchAll(\PDO::FETCH_COLUMN),
        ));
    }
}
