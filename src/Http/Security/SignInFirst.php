<?php

declare(strict_types=1);

namespace App\Http\Security;

use App\Contract\Error\NotSignedIn;
use App\Http\Listener\ProblemListener;
use Symfony\Component\HttpFoundation\RedirectResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;

/** What a stranger is told: a person who opens the page comes to the sign-in, a program reads a problem. */
final readonly class SignInFirst implements AuthenticationEntryPointInterface
{
    public function __construct(private ProblemListener $problems)
    {
    }

    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        if ('/' === $request->getPathInfo() && $request->isMethodSafe()) {
            return new RedirectResponse('/sign-in', Response::HTTP_SEE_OTHER, ['Cache-Control' => 'no-store']);
        }

        return $this->problems->answer(NotSignedIn::first(), $request);
    }
}
