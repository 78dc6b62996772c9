<?php

declare(strict_types=1);

namespace App;

use App\Device\MachineZone;
use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    /** What has no place of its own goes by the clock of this computer. */
    public function boot(): void
    {
        // UTC is what PHP takes by itself.
        if ('UTC' === \ini_get('date.timezone')) {
            date_default_timezone_set(MachineZone::name((string) getenv('TZ')));
        }
        parent::boot();
    }

    /** An installed program lies where nothing may be written: whoever starts it says where. */
    public function getCacheDir(): string
    {
        return $this->folder('KONTRAST_CACHE', 'var/cache')."/$this->environment";
    }

    public function getLogDir(): string
    {
        return $this->folder('KONTRAST_LOGS', 'var/log');
    }

    private function folder(string $variable, string $usual): string
    {
        $said = getenv($variable);

        return \is_string($said) && '' !== $said ? $said : "{$this->getProjectDir()}/$usual";
    }
}
