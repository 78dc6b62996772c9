<?php

declare(strict_types=1);

namespace App\Http\Security;

use App\UseCase\Access\Sessions;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\CustomUserMessageAuthenticationException;
use Symfony\Component\Security\Http\Authenticator\AbstractAuthenticator;
use Symfony\Component\Security\Http\Authenticator\Passport\Badge\UserBadge;
use Symfony\Component\Security\Http\Authenticator\Passport\Passport;
use Symfony\Component\Security\Http\Authenticator\Passport\SelfValidatingPassport;

/**
 * Lets a caller in. A program that serves this machine alone lets everybody in, since nobody else can reach it. One that serves the network
 * lets in devices whose cookie belongs to a running session. The process that serves says which of the two it is; a request cannot.
 */
final class CallerAuthenticator extends AbstractAuthenticator
{
    public function __construct(private readonly Sessions $sessions, private readonly bool $isOnNetwork)
    {
    }

    public function supports(Request $request): bool
    {
        return !$this->isOnNetwork || null !== SessionCookie::token($request);
    }

    /** @throws AuthenticationException */
    public function authenticate(Request $request): Passport
    {
        $session = null;
        if ($this->isOnNetwork) {
            $session = $this->sessions->find((string) SessionCookie::token($request), (string) $request->getClientIp())
                ?? throw new CustomUserMessageAuthenticationException();
        }
        $caller = new Caller($session);

        return new SelfValidatingPassport(new UserBadge($caller->getUserIdentifier(), static fn (): Caller => $caller));
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token, string $firewallName): ?Response
    {
        return null;
    }

    /** One that is not let in is a stranger like any other: what is open to all stays open to it. */
    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): ?Response
    {
        return null;
    }
}
