<?php

declare(strict_types=1);

namespace App\Storage;

use Kontrast\Material\Reflectance;
use Psr\Cache\CacheItemPoolInterface;

/** Keeps the reflectances fitted to colours from one request to the next: a bin has hundreds, and fitting one takes as long as judging a hundred pairs. */
final readonly class ReflectanceMemory
{
    private const KEY = 'reflectance.fits.1';

    public function __construct(private CacheItemPoolInterface $cache)
    {
    }

    /**
     * Runs work that needs reflectances, with all that were found before at hand and what it finds kept.
     *
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    public function through(callable $work): mixed
    {
        $item = $this->cache->getItem(self::KEY);
        $known = $item->get();
        if (\is_array($known)) {
            /** @var array<string, array{float, float, float}> $known */
            Reflectance::recall($known);
        }
        $before = \count(Reflectance::fits());
        $answer = $work();
        if (\count(Reflectance::fits()) > max($before, \is_array($known) ? \count($known) : 0)) {
            $this->cache->save($item->set(Reflectance::fits()));
        }

        return $answer;
    }
}
