<?php

declare(strict_types=1);

namespace App\UseCase\Access;

use App\Contract\Error\NotSignedIn;
use App\Contract\Error\TooManyAttempts;
use App\Persistence\Entity\Session;
use App\Persistence\Repository\PassPhraseRepository;
use App\Persistence\Repository\SessionRepository;
use App\Persistence\Repository\SignInAttemptsRepository;
use App\Persistence\Transaction;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;

/** Lets a device in that knows the pass phrase. */
final readonly class SignIn
{
    public const HASHER = 'pass_phrase';
    private const TOKEN_BYTES = 32;
    private const MOST_DEVICE = 255;

    public function __construct(
        private PassPhraseRepository $phrase,
        private SessionRepository $sessions,
        private SignInAttemptsRepository $attempts,
        private PasswordHasherFactoryInterface $hashers,
        private Transaction $transaction,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return string the token of the new session, for the device's cookie alone
     *
     * @throws TooManyAttempts where it has to wait, whatever phrase it sent
     * @throws NotSignedIn     where the phrase is wrong, or none was set
     */
    public function signIn(#[\SensitiveParameter] string $phrase, string $address, string $device): string
    {
        $places = [self::network($address), SignInWaits::ALL];
        $this->transaction->run(fn () => $this->count($places));
        $hash = $this->phrase->find()?->hash();
        if (null === $hash || !$this->hashers->getPasswordHasher(self::HASHER)->verify($hash, $phrase)) {
            throw NotSignedIn::wrongPhrase();
        }

        return $this->transaction->run(function () use ($places, $address, $device): string {
            foreach ($places as $place) {
                $this->attempts->findOf($place, $this->clock->now())->forget();
            }
            $token = rtrim(strtr(base64_encode(random_bytes(self::TOKEN_BYTES)), '+/', '-_'), '=');
            $device = mb_substr(mb_scrub($device), 0, self::MOST_DEVICE);
            $this->sessions->add(new Session(self::hashed($token), $address, $device, $this->clock->now()));

            return $token;
        });
    }

    /** The token is as random as a key, so that one round hides it as well as many. */
    public static function hashed(#[\SensitiveParameter] string $token): string
    {
        return hash('sha256', $token);
    }

    /**
     * Counted as wrong before it is looked at: a hundred at once would otherwise all be the first.
     *
     * @param list<string> $places
     *
     * @throws TooManyAttempts
     */
    private function count(array $places): void
    {
        $now = $this->clock->now();
        $this->attempts->forgetBefore($now->modify(\sprintf('-%d seconds', SignInWaits::MEMORY_S)));
        $all = array_map(fn (string $place) => $this->attempts->findOf($place, $now), $places);
        $wait = max(0, ...array_map(static fn ($attempts): int => SignInWaits::left($attempts, $now), $all));
        if ($wait > 0) {
            throw TooManyAttempts::waitFor($wait);
        }
        foreach ($all as $attempts) {
            $attempts->failed($now);
        }
    }

    /** One household has a whole network of the newer kind of addresses (a /64, RFC 4291), and could use each of them once. */
    private static function network(string $address): string
    {
        $bytes = @inet_pton($address);

        return false !== $bytes && 16 === \strlen($bytes) ? inet_ntop(substr($bytes, 0, 8).str_repeat("\0", 8)).'/64' : $address;
    }
}
