<?php

declare(strict_types=1);

namespace App\Serving;

/** Fills in the configuration of nginx and php-fpm that lies in deploy/, the same for a start by hand and for one at boot. */
final readonly class Recipe
{
    private const FILES = ['nginx.conf', 'fpm.conf'];

    /** What is asked for on this machine, by default where the stand-ins answer. */
    public function __construct(
        private string $projectDir,
        private string $databaseFile,
        private string $releaseFile,
        private string $cacheDir,
        private int $meterPort,
        private string $forecastUrl,
        private string $probeAddress,
    ) {
    }

    /**
     * @param string $config  the folder to write to
     * @param string $run     where sockets and temporary files lie while it runs
     * @param string $logs    where it writes its logs
     * @param string $listens the address it listens on
     *
     * @throws CannotServe
     */
    public function write(
        string $config,
        string $run,
        string $logs,
        string $listens,
        int $port,
        int $workers,
        Names $names,
        Certificate $certificate,
    ): void {
        $user = posix_getpwuid(posix_geteuid());
        $values = [
            '@ROOT@' => $this->projectDir,
            '@RUN@' => $run,
            '@LOGS@' => $logs,
            '@LISTEN@' => "$listens:$port",
            '@NAMES@' => implode(' ', $names->all),
            '@CERTIFICATE@' => $certificate->file,
            '@KEY@' => $certificate->keyFile,
            '@WORKERS@' => (string) $workers,
            '@USER@' => false === $user ? 'nobody' : $user['name'],
            '@DATABASE@' => $this->databaseFile,
            '@RELEASE@' => $this->releaseFile,
            '@CACHE@' => \dirname($this->cacheDir),
            '@AUTHORITY@' => $certificate->authority ?? '',
            '@HOSTS@' => $names->hosts(),
            '@SERVED_AT@' => $names->addresses($port),
            '@METER_PORT@' => (string) $this->meterPort,
            '@FORECAST_URL@' => $this->forecastUrl,
            '@PROBE@' => $this->probeAddress,
        ];
        foreach ($values as $value) {
            // Neither configuration has a way to write these inside quotes.
            if (1 === preg_match('/["\'\n;{}]/', $value)) {
                throw new CannotServe("Kontrast cannot be served from here: “{$value}” has a quote, a brace or a semicolon in it.");
            }
        }
        foreach ([$config, $run, $logs] as $folder) {
            if (!is_dir($folder) && !@mkdir($folder, 0o700, true)) {
                throw new CannotServe("The folder $folder cannot be made.");
            }
        }
        foreach (self::FILES as $file) {
            $filled = strtr((string) file_get_contents("{$this->projectDir}/deploy/$file"), $values);
            // php-fpm takes no empty value: what is not set is left out.
            $filled = (string) preg_replace('/^env\[\w+\] = ""\n/m', '', $filled);
            if (false === @file_put_contents("$config/$file", $filled)) {
                throw new CannotServe("$config/$file cannot be written.");
            }
        }
    }
}
