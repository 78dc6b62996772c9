<?php

declare(strict_types=1);

namespace App\UseCase\Access;

use App\Contract\Access\SessionDocument;
use App\Contract\Error\NotFound;
use App\Persistence\Entity\Session;
use App\Persistence\Repository\SessionRepository;
use App\Persistence\Transaction;
use Symfony\Component\Clock\ClockInterface;

/** Devices that are signed in: known by what their cookie says, listed, ended. */
final readonly class Sessions
{
    /** After this a device has to say the pass phrase again (OWASP ASVS 4.0.3, 3.3.2, from memory: 30 days at level 1). */
    public const LIFE_S = 30 * 86_400;
    /** How often it is noted that a session is used, seconds. */
    private const NOTED_EACH_S = 300;

    public function __construct(private SessionRepository $sessions, private Transaction $transaction, private ClockInterface $clock)
    {
    }

    /** @return string|null the id of the session that a token belongs to; null where there is none, or it is too old */
    public function find(#[\SensitiveParameter] string $token, string $address): ?string
    {
        $session = $this->sessions->withHash(SignIn::hashed($token));
        if (null === $session || $this->isOver($session)) {
            return null;
        }
        $now = $this->clock->now();
        if ($now->getTimestamp() - $session->lastUsedAt()->getTimestamp() >= self::NOTED_EACH_S) {
            $this->transaction->run(static fn () => $session->used($address, $now));
        }

        return $session->id();
    }

    /** @return list<SessionDocument> the one used last first */
    public function all(?string $own): array
    {
        $running = array_filter($this->sessions->all(), fn (Session $session): bool => !$this->isOver($session));

        return array_map(static fn (Session $session): SessionDocument => new SessionDocument(
            $session->id(),
            $session->device(),
            $session->address(),
            $session->signedInAt()->format(\DateTimeInterface::ATOM),
            $session->lastUsedAt()->format(\DateTimeInterface::ATOM),
            $session->id() === $own,
        ), array_values($running));
    }

    /** @throws NotFound */
    public function end(string $id): void
    {
        $this->transaction->run(function () use ($id): void {
            $this->sessions->remove($this->sessions->find($id) ?? throw NotFound::of('session'));
        });
    }

    private function isOver(Session $session): bool
    {
        return $this->clock->now()->getTimestamp() - $session->signedInAt()->getTimestamp() >= self::LIFE_S;
    }
}
