<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\InUtc;
use App\Persistence\Entity\SignInAttempts;
use Doctrine\ORM\EntityManagerInterface;

/** Wrong pass phrases, counted by where they came from. */
final readonly class SignInAttemptsRepository
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** Those of a place; where none are known yet, none. */
    public function findOf(string $place, \DateTimeImmutable $now): SignInAttempts
    {
        $attempts = $this->entities->find(SignInAttempts::class, $place);
        if (null === $attempts) {
            $attempts = new SignInAttempts($place, $now);
            $this->entities->persist($attempts);
        }

        return $attempts;
    }

    /** Forgets those that were last before a time. */
    public function forgetBefore(\DateTimeImmutable $time): void
    {
        $this->entities->createQuery('DELETE FROM '.SignInAttempts::class.' a WHERE a.lastAt < :time')
            ->execute(['time' => InUtc::convert($time)]);
    }
}
