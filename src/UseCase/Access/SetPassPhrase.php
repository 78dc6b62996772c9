<?php

declare(strict_types=1);

namespace App\UseCase\Access;

use App\Contract\Access\PassPhraseBounds;
use App\Contract\Error\InvalidDocument;
use App\Persistence\Entity\PassPhrase;
use App\Persistence\Repository\PassPhraseRepository;
use App\Persistence\Repository\SessionRepository;
use App\Persistence\Transaction;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;
use Symfony\Component\Validator\Constraints\PasswordStrength;
use Symfony\Component\Validator\Validator\ValidatorInterface;

/** Sets the pass phrase, and ends every session that began with another one. */
final readonly class SetPassPhrase
{
    public function __construct(
        private PassPhraseRepository $phrases,
        private SessionRepository $sessions,
        private PasswordHasherFactoryInterface $hashers,
        private ValidatorInterface $validator,
        private Transaction $transaction,
        private ClockInterface $clock,
    ) {
    }

    public function isSet(): bool
    {
        return null !== $this->phrases->find();
    }

    /**
     * @return int how many sessions were ended
     *
     * @throws InvalidDocument where it is too short, too long or too easy to guess
     */
    public function set(#[\SensitiveParameter] string $phrase): int
    {
        $this->check($phrase);
        $hash = $this->hashers->getPasswordHasher(SignIn::HASHER)->hash($phrase);

        return $this->transaction->run(function () use ($hash): int {
            $known = $this->phrases->find();
            if (null === $known) {
                $this->phrases->add(new PassPhrase($hash, $this->clock->now()));
            } else {
                $known->replace($hash, $this->clock->now());
            }
            $sessions = $this->sessions->all();
            foreach ($sessions as $session) {
                $this->sessions->remove($session);
            }

            return \count($sessions);
        });
    }

    /** @throws InvalidDocument */
    private function check(#[\SensitiveParameter] string $phrase): void
    {
        $length = mb_strlen($phrase);
        if ($length < PassPhraseBounds::LEAST || $length > PassPhraseBounds::MOST) {
            throw InvalidDocument::fault('pass_phrase', \sprintf(
                'A pass phrase has from %d to %d characters. This one has %d.',
                PassPhraseBounds::LEAST,
                PassPhraseBounds::MOST,
                $length,
            ));
        }
        // The framework's estimate: how many kinds of characters, and how many different ones.
        if (\count($this->validator->validate($phrase, new PasswordStrength(minScore: PasswordStrength::STRENGTH_MEDIUM))) > 0) {
            throw InvalidDocument::fault('pass_phrase', 'This is too easy to guess. Use four or five words that do not belong together.');
        }
    }
}
