<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Access\AccessDocument;
use App\Contract\Access\SignInDocument;
use App\Contract\OpenApi\Operation;
use App\Contract\OpenApi\Payload;
use App\Http\Answer;
use App\Http\Authority;
use App\Http\Security\Caller;
use App\Http\Security\SessionCookie;
use App\UseCase\Access\Sessions;
use App\UseCase\Access\SetPassPhrase;
use App\UseCase\Access\SignIn;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Devices in the network: let in, listed, sent away. */
final readonly class AccessController
{
    private const MOST_BYTES = 4096;

    public function __construct(
        private SignIn $signIn,
        private Sessions $sessions,
        private SetPassPhrase $phrase,
        private Security $security,
        private Answer $answer,
        private ClockInterface $clock,
        private Authority $authority,
        private bool $isOnNetwork,
        private string $servedAt,
    ) {
    }

    #[Route('/api/sign-in', methods: ['POST'])]
    #[Operation('signIn', 'Sign in with the pass phrase; the answer sets a cookie', status: 204, errors: [429])]
    public function signIn(#[Payload(mostBytes: self::MOST_BYTES)] SignInDocument $document, Request $request): Response
    {
        $device = (string) $request->headers->get('User-Agent');
        $token = $this->signIn->signIn($document->pass_phrase, (string) $request->getClientIp(), $device);
        $answer = $this->answer->nothing();
        $answer->headers->setCookie(SessionCookie::issue($token, $this->clock->now()));

        return $answer;
    }

    #[Route('/api/sign-out', methods: ['POST'])]
    #[Operation('signOut', 'End this device’s session; its browser forgets all it kept', status: 204)]
    public function signOut(): Response
    {
        $session = $this->own();
        if (null !== $session) {
            $this->sessions->end($session);
        }
        $answer = $this->answer->nothing();
        $answer->headers->setCookie(SessionCookie::gone());
        $answer->headers->set('Clear-Site-Data', '"cache", "cookies", "storage"');

        return $answer;
    }

    #[Route('/api/access', methods: ['GET'])]
    #[Operation('access', 'Where other devices reach Kontrast, and which are signed in', AccessDocument::class)]
    public function show(): Response
    {
        $addresses = '' === $this->servedAt ? [] : explode(' ', $this->servedAt);

        return $this->answer->json(new AccessDocument(
            $this->isOnNetwork,
            $this->phrase->isSet(),
            $addresses,
            $this->authority->fingerprint(),
            $this->sessions->all($this->own()),
        ));
    }

    #[Route('/api/sessions/{id}', methods: ['DELETE'])]
    #[Operation('endSession', 'Sign a device out', status: 204, errors: [404])]
    public function end(string $id): Response
    {
        $this->sessions->end($id);

        return $this->answer->nothing();
    }

    private function own(): ?string
    {
        $caller = $this->security->getUser();

        return $caller instanceof Caller ? $caller->session : null;
    }
}
