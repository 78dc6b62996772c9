<?php

declare(strict_types=1);

namespace App\Persistence;

use Kontrast\Material\CachingFitter;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Material\SigmoidFitter;
use Kontrast\Material\SigmoidReflectance;
use Kontrast\Material\Srgb;
use Psr\Cache\CacheItemPoolInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Contracts\Service\ResetInterface;

/**
 * Keeps the reflectances fitted to colors from one request to the next: read when the first is needed, written after the answer has gone
 * out.
 */
#[AsEventListener('kernel.terminate', method: 'save')]
final class ReflectanceCache implements ReflectanceFitter, ResetInterface
{
    private const KEY = 'reflectance.fits.2';

    private ?CachingFitter $fitter = null;
    private int $stored = 0;

    public function __construct(private readonly CacheItemPoolInterface $cache)
    {
    }

    public function fit(Srgb $colour): SigmoidReflectance
    {
        return ($this->fitter ??= $this->load())->fit($colour);
    }

    public function save(): void
    {
        $coefficients = $this->fitter?->coefficients() ?? [];
        if (\count($coefficients) > $this->stored) {
            $this->cache->save($this->cache->getItem(self::KEY)->set($coefficients));
            $this->stored = \count($coefficients);
        }
    }

    public function reset(): void
    {
        $this->save();
        $this->fitter = null;
    }

    private function load(): CachingFitter
    {
        $known = $this->cache->getItem(self::KEY)->get();
        if (!\is_array($known)) {
            return new CachingFitter(new SigmoidFitter());
        }
        $this->stored = \count($known);

        /** @var array<string, array{float, float, float}> $known */
        return new CachingFitter(new SigmoidFitter(), $known);
    }
}
