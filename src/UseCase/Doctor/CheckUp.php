<?php

declare(strict_types=1);

namespace App\UseCase\Doctor;

use App\Persistence\DatabaseCheck;

/** Whether the program can do its work where it stands: what the environment names, where it writes, what it finds there. */
final readonly class CheckUp
{
    private const EXTENSIONS = ['pdo_sqlite', 'mbstring', 'json', 'ctype', 'filter'];
    /** How long a program on the port may take to say that it is this one, s. (Chosen.) */
    private const ANSWERS_WITHIN_S = 5;
    private const MARK = '<title>Kontrast</title>';
    private const PORTS = ['KONTRAST_PORT' => 8421, 'KONTRAST_METER_PORT' => 8422];

    public function __construct(private DatabaseCheck $database, private string $projectDir)
    {
    }

    /**
     * @param bool $serves a port is needed: false for a command that may run beside a program that serves
     *
     * @return iterable<CheckedPoint> each as soon as it is known; where one stands in the way of the next, the next is left out
     */
    public function beforeStarting(bool $serves = true): iterable
    {
        foreach (self::EXTENSIONS as $extension) {
            if (!\extension_loaded($extension)) {
                yield CheckedPoint::ill(
                    'PHP',
                    "PHP lacks the extension $extension. On Debian: sudo apt-get install php8.2-sqlite3 php8.2-mbstring.",
                );
            }
        }
        yield CheckedPoint::well('PHP', \PHP_VERSION.', with all it needs.');
        foreach ($serves ? self::PORTS : [] as $name => $usual) {
            yield self::port($name, $usual);
        }
        $problem = $this->database->problemOfName();
        yield CheckedPoint::of('Path of the database', $problem, $this->database->file());
        if (null !== $problem) {
            return;
        }
        yield CheckedPoint::of(
            'Contents of the database',
            $this->database->problemOfContent(),
            'A database of this version or an older one, or no database yet.',
        );
        yield CheckedPoint::of('Place of the database', $this->database->problemOfPlace(), 'Writable, with free space.');
    }

    /** @return iterable<CheckedPoint> */
    public function thoroughly(): iterable
    {
        foreach ($this->beforeStarting() as $point) {
            $point = $point->isWell ? $point : $this->orServing($point);
            yield $point;
            if (!$point->isWell && str_contains($point->name, 'database')) {
                return;
            }
        }
        $found = $this->database->thoroughly();
        yield CheckedPoint::of(
            'Integrity of the database',
            [] === $found ? null : implode(' ', $found).' Restore a backup into a new file, and keep this one.',
            'No damage, and every reference is valid.',
        );
        yield CheckedPoint::of(
            'Front end',
            is_file($this->projectDir.'/public/build/.vite/manifest.json') ? null : 'Not built yet. Run ./kontrast serve to build it.',
            'Built.',
        );
    }

    /** A port that is in use is as it should be where this program uses it. */
    private function orServing(CheckedPoint $point): CheckedPoint
    {
        $port = self::said('KONTRAST_PORT', self::PORTS['KONTRAST_PORT']);
        if ('KONTRAST_PORT' !== $point->name || 1 !== preg_match('/^\d+$/D', $port)) {
            return $point;
        }
        $context = stream_context_create(['http' => ['timeout' => self::ANSWERS_WITHIN_S]]);
        $page = (string) @file_get_contents("http://127.0.0.1:$port/", false, $context);

        return str_contains($page, self::MARK) ? CheckedPoint::well($point->name, "Kontrast is being served on $port.") : $point;
    }

    private static function said(string $name, int $usual): string
    {
        $said = getenv($name);

        return false === $said || '' === $said ? (string) $usual : $said;
    }

    private static function port(string $name, int $usual): CheckedPoint
    {
        $said = self::said($name, $usual);
        if (1 !== preg_match('/^[1-9]\d{0,4}$/', $said) || (int) $said > 65535) {
            return CheckedPoint::ill(
                $name,
                "$name is “{$said}”, which is not a port. Set it to a whole number from 1 to 65535, or unset it.",
            );
        }
        if ('KONTRAST_PORT' !== $name) {
            return CheckedPoint::well($name, $said);
        }
        $socket = @stream_socket_server("tcp://127.0.0.1:$said", $code, $message);
        if (false === $socket) {
            return CheckedPoint::ill(
                $name,
                "Port $said cannot be used ($message). Stop the program that uses it, or choose another: KONTRAST_PORT=8500 ./kontrast "
                    .'serve',
            );
        }
        fclose($socket);

        return CheckedPoint::well($name, "$said is free.");
    }
}
