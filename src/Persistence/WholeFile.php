<?php

declare(strict_types=1);

namespace App\Persistence;

use Symfony\Component\Filesystem\Exception\IOException;
use Symfony\Component\Filesystem\Filesystem;

/** A file that nobody else may read, and that has its name only once all of it is there. */
final class WholeFile
{
    /**
     * @param callable(callable(string): void): void $write is given what takes the text piece by piece
     *
     * @throws IOException where it cannot be written; nothing is left of it then
     */
    public static function write(string $path, callable $write): void
    {
        $files = new Filesystem();
        $files->mkdir(\dirname($path), 0o700);
        $part = $files->tempnam(\dirname($path), basename($path));
        try {
            $stream = fopen($part, 'w');
            if (false === $stream) {
                throw new IOException("$part cannot be opened.");
            }
            $write(static function (string $piece) use ($stream, $path): void {
                if (\strlen($piece) !== @fwrite($stream, $piece)) {
                    throw new IOException("$path cannot be written: is the disk full?");
                }
            });
            fclose($stream);
            $files->chmod($part, 0o600);
            $files->rename($part, $path, true);
        } finally {
            $files->remove($part);
        }
    }
}
